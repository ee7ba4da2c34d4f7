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
import { VisitEntity } from '../features/visits/tables.ts';
import { HoursEntity, RoadEntity, WeekEntity } from '../features/week/tables.ts';
import { BathEntity, ClothEntity, JarEntity } from '../features/jars/tables.ts';
import { migrations } from './migrations.ts';

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
  JarEntity,
  VisitEntity,
  HoursEntity,
  RoadEntity,
  WeekEntity,
  BathEntity,
  ClothEntity,
  RecipeEntity,
  RecipeVersionEntity,
  CompanyRuleEntity,
  PlaceEntity,
  PlaceItemEntity,
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
