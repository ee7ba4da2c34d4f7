import { DataSource } from 'typeorm';
import { BatchEntity } from '../features/batches/tables.ts';
import { ownRulesView } from '../features/book/store.ts';
import { CompanyRuleEntity } from '../features/book/tables.ts';
import { fillingView } from '../features/bottles/store.ts';
import { BottleEntity, BottleEventEntity } from '../features/bottles/tables.ts';
import { surveyView } from '../features/homes/store.ts';
import { HomeEntity, RoomEntity, SurfaceEntity } from '../features/homes/tables.ts';
import { houseRulesView, personNameView } from '../features/people/store.ts';
import {
  CompanyEntity,
  PersonEntity,
  SessionEntity,
  SignInAttemptEntity,
} from '../features/people/tables.ts';
import { PlaceEntity, PlaceItemEntity } from '../features/places/tables.ts';
import { VersionEntity } from '../features/protocols/tables.ts';
import { RecipeEntity, RecipeVersionEntity } from '../features/recipes/tables.ts';
import { LedgerEntity } from '../features/records/tables.ts';
import { RoundEntity } from '../features/rounds/tables.ts';
import { stockView } from '../features/stock/store.ts';
import { StockEntity } from '../features/stock/tables.ts';
import { makeViews } from '../platform/database/views.ts';
import { FirstTables1767225600000 } from './migrations/1767225600000-first-tables.ts';
import { Bench1767312000000 } from './migrations/1767312000000-bench.ts';
import { HouseRules1767398400000 } from './migrations/1767398400000-house-rules.ts';
import { KeepApart1767484800000 } from './migrations/1767484800000-keep-apart.ts';
import { PeopleLanguage1767657600000 } from './migrations/1767657600000-people-language.ts';
import { WhatWasSeen1767571200000 } from './migrations/1767571200000-what-was-seen.ts';

const views = [personNameView, houseRulesView, ownRulesView, stockView, surveyView, fillingView];

/** The database at `url`, migrated, with its views as the stores have them. */
export const connect = async (url: string): Promise<DataSource> => {
  const db = new DataSource({
    type: 'postgres',
    url,
    entities: [
      CompanyEntity,
      PersonEntity,
      SessionEntity,
      SignInAttemptEntity,
      HomeEntity,
      RoomEntity,
      SurfaceEntity,
      StockEntity,
      BatchEntity,
      VersionEntity,
      RoundEntity,
      LedgerEntity,
      BottleEntity,
      BottleEventEntity,
      RecipeEntity,
      RecipeVersionEntity,
      CompanyRuleEntity,
      PlaceEntity,
      PlaceItemEntity,
    ],
    migrations: [
      FirstTables1767225600000,
      Bench1767312000000,
      HouseRules1767398400000,
      KeepApart1767484800000,
      WhatWasSeen1767571200000,
      PeopleLanguage1767657600000,
    ],
    migrationsTransactionMode: 'each',
    poolSize: 10,
    logging: false,
    extra: { connectionTimeoutMillis: 5000 },
  });
  await db.initialize();
  await db.runMigrations();
  await makeViews(db, views);
  return db;
};
