import { DataSource } from 'typeorm';
import { batchProof } from '../features/batches/store.ts';
import { BatchEntity } from '../features/batches/tables.ts';
import { ownRulesView, ruleProof } from '../features/book/store.ts';
import { CompanyRuleEntity } from '../features/book/tables.ts';
import { bottleProof, fillingView } from '../features/bottles/store.ts';
import { BottleEntity, BottleEventEntity } from '../features/bottles/tables.ts';
import { homeHeadView, surveyView } from '../features/homes/store.ts';
import { HomeEntity, RoomEntity, SurfaceEntity, WayInEntity } from '../features/homes/tables.ts';
import {
  companyProof,
  houseRulesView,
  personNameView,
  personProof,
} from '../features/people/store.ts';
import {
  CompanyEntity,
  InvitationEntity,
  KnownDeviceEntity,
  PersonEntity,
  SessionEntity,
  SetUpCodeEntity,
} from '../features/people/tables.ts';
import { PhotoEntity } from '../features/photos/tables.ts';
import { PlaceEntity, PlaceItemEntity } from '../features/places/tables.ts';
import { versionProof } from '../features/protocols/store.ts';
import { VersionEntity } from '../features/protocols/tables.ts';
import { RecipeEntity, RecipeVersionEntity } from '../features/recipes/tables.ts';
import { LedgerEntity } from '../features/records/tables.ts';
import { roundProof } from '../features/rounds/store.ts';
import { RoundEntity } from '../features/rounds/tables.ts';
import { stockView } from '../features/stock/store.ts';
import { StockEntity } from '../features/stock/tables.ts';
import { makeViews } from '../platform/database/views.ts';
import { grantRights } from './rights.ts';
import { FirstTables1767225600000 } from './migrations/1767225600000-first-tables.ts';
import { Bench1767312000000 } from './migrations/1767312000000-bench.ts';
import { HouseRules1767398400000 } from './migrations/1767398400000-house-rules.ts';
import { KeepApart1767484800000 } from './migrations/1767484800000-keep-apart.ts';
import { LedgerAsWritten1767830400000 } from './migrations/1767830400000-ledger-as-written.ts';
import { PeopleLanguage1767657600000 } from './migrations/1767657600000-people-language.ts';
import { SessionsListed1768089600000 } from './migrations/1768089600000-sessions-listed.ts';
import { CoatHolds1768176000000 } from './migrations/1768176000000-coat-holds.ts';
import { Corrections1768348800000 } from './migrations/1768348800000-corrections.ts';
import { LearntDrying1768521600000 } from './migrations/1768521600000-learnt-drying.ts';
import { Reports1768435200000 } from './migrations/1768435200000-reports.ts';
import { RoomAir1768608000000 } from './migrations/1768608000000-room-air.ts';
import { CompaniesBegin1768694400000 } from './migrations/1768694400000-companies-begin.ts';
import { TrueStock1768780800000 } from './migrations/1768780800000-true-stock.ts';
import { WayIn1768867200000 } from './migrations/1768867200000-way-in.ts';
import { StockRead1768953600000 } from './migrations/1768953600000-stock-read.ts';
import { Photos1769040000000 } from './migrations/1769040000000-photos.ts';
import { StockKept1769126400000 } from './migrations/1769126400000-stock-kept.ts';
import { WhosePlace1769212800000 } from './migrations/1769212800000-whose-place.ts';
import { WayInKept1769299200000 } from './migrations/1769299200000-way-in-kept.ts';
import { JoinedRounds1768262400000 } from './migrations/1768262400000-joined-rounds.ts';
import { TakenOnce1767744000000 } from './migrations/1767744000000-taken-once.ts';
import { Verified1768003200000 } from './migrations/1768003200000-verified.ts';
import { WhatIsWet1767916800000 } from './migrations/1767916800000-what-is-wet.ts';
import { WhatWasSeen1767571200000 } from './migrations/1767571200000-what-was-seen.ts';

const views = [
  personNameView,
  houseRulesView,
  ownRulesView,
  stockView,
  surveyView,
  homeHeadView,
  fillingView,
  companyProof,
  personProof,
  ruleProof,
  batchProof,
  bottleProof,
  versionProof,
  roundProof,
];

const entities = [
  CompanyEntity,
  PersonEntity,
  SessionEntity,
  KnownDeviceEntity,
  InvitationEntity,
  SetUpCodeEntity,
  HomeEntity,
  WayInEntity,
  PhotoEntity,
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
];
const migrations = [
  FirstTables1767225600000,
  Bench1767312000000,
  HouseRules1767398400000,
  KeepApart1767484800000,
  WhatWasSeen1767571200000,
  PeopleLanguage1767657600000,
  TakenOnce1767744000000,
  LedgerAsWritten1767830400000,
  WhatIsWet1767916800000,
  Verified1768003200000,
  SessionsListed1768089600000,
  CoatHolds1768176000000,
  JoinedRounds1768262400000,
  Corrections1768348800000,
  Reports1768435200000,
  LearntDrying1768521600000,
  RoomAir1768608000000,
  CompaniesBegin1768694400000,
  TrueStock1768780800000,
  WayIn1768867200000,
  StockRead1768953600000,
  Photos1769040000000,
  StockKept1769126400000,
  WhosePlace1769212800000,
  WayInKept1769299200000,
];

const opened = (url: string, poolSize: number): Promise<DataSource> =>
  new DataSource({
    type: 'postgres',
    url,
    entities,
    migrations,
    migrationsTransactionMode: 'each',
    poolSize,
    logging: false,
    extra: { connectionTimeoutMillis: 5000 },
  }).initialize();

/** Any fixed number: two servers that start at once migrate one after the other. */
const MIGRATING = 712_2028;

/** Throws where a newer version has changed how the data is kept: this one would misread it. */
const refuseNewer = async (db: DataSource): Promise<void> => {
  const [{ there }] = (await db.query(`SELECT to_regclass('migrations') AS there`)) as [
    { there: string | null },
  ];
  if (there === null) return;
  const known = new Set(migrations.map(({ name }) => name));
  const done = (await db.query('SELECT name FROM migrations ORDER BY timestamp')) as {
    name: string;
  }[];
  const unknown = done.map(({ name }) => name).filter((name) => !known.has(name));
  if (unknown.length > 0)
    throw new Error(
      `This database was changed by a newer version (${unknown.join(', ')}), which this one does ` +
        'not know. Nothing was touched. Install the newer version, or restore a backup from before ' +
        'it (docs/operating.md).',
    );
};

const migrate = async (db: DataSource): Promise<void> => {
  const lock = db.createQueryRunner();
  try {
    await lock.query('SELECT pg_advisory_lock($1)', [MIGRATING]);
    await refuseNewer(db);
    await db.runMigrations();
    await makeViews(db, views);
    await grantRights(db);
    await lock.query('SELECT pg_advisory_unlock($1)', [MIGRATING]);
  } finally {
    await lock.release();
  }
};

const WRITERS = 10;
const READERS = 8;

/** The database at `url`, migrated, with its views as the stores have them. */
export const connect = async (url: string): Promise<DataSource> => {
  const db = await opened(url, WRITERS);
  await migrate(db);
  return db;
};

/** Brings the database to what this version needs, as its owner, and leaves it. */
export const migrateAt = async (ownerUrl: string): Promise<void> => {
  const db = await connect(ownerUrl);
  await db.destroy();
};

/** Connections for those who write, to a database that is migrated already. */
export const connectWriters = (url: string): Promise<DataSource> => opened(url, WRITERS);

/** Connections for those who only look. */
export const connectReaders = (url: string): Promise<DataSource> => opened(url, READERS);
