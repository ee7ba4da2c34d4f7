import { DataSource } from 'typeorm';
import { BatchEntity, StockEntity } from '../features/bench/entities.ts';
import { BottleEntity, BottleEventEntity } from '../features/bottles/entities.ts';
import { CompanyRuleEntity, PlaceEntity, PlaceItemEntity } from '../features/keepApart/entities.ts';
import { HomeEntity, RoomEntity, SurfaceEntity } from '../features/homes/entities.ts';
import {
  CompanyEntity,
  PersonEntity,
  SessionEntity,
  SignInAttemptEntity,
} from '../features/people/entities.ts';
import { VersionEntity } from '../features/protocols/entities.ts';
import { RecipeEntity, RecipeVersionEntity } from '../features/recipes/entities.ts';
import { LedgerEntity } from '../features/records/entities.ts';
import { RoundEntity } from '../features/rounds/entities.ts';
import { FirstTables1767225600000 } from './migrations/1767225600000-first-tables.ts';
import { Bench1767312000000 } from './migrations/1767312000000-bench.ts';
import { HouseRules1767398400000 } from './migrations/1767398400000-house-rules.ts';
import { KeepApart1767484800000 } from './migrations/1767484800000-keep-apart.ts';
import { PeopleLanguage1767657600000 } from './migrations/1767657600000-people-language.ts';
import { WhatWasSeen1767571200000 } from './migrations/1767571200000-what-was-seen.ts';

/** The database at `url`, migrated. */
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
  return db;
};
