import { recordKinds, type FactBody, type RecordFilter, type RecordRow } from '@zymostat/contract';
import {
  Between,
  In,
  LessThan,
  LessThanOrEqual,
  MoreThan,
  MoreThanOrEqual,
  type FindOptionsWhere,
} from 'typeorm';
import type { Context } from '../../platform/context.ts';
import { prepared } from '../../platform/database/prepared.ts';
import { LedgerEntity, type LedgerRow } from './tables.ts';

export type { LedgerRow };

/** Any fixed number: whoever holds it is the one who appends. */
const APPENDING = 712_2026;

const takeTurn = prepared('take turn', 'SELECT pg_advisory_xact_lock($1)');
const lastOfChain = prepared<Pick<LedgerRow, 'seq' | 'hash'>>(
  'last of chain',
  'SELECT seq, hash FROM ledger ORDER BY seq DESC LIMIT 1',
);
const addFact = prepared(
  'add fact',
  `
  INSERT INTO ledger (seq, fact_id, kind, at, recorded_at, home_id, home_name, person_id, person, body, previous_hash, hash)
  VALUES ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11, $12)`,
);

/**
 * Waits for one's turn to append, kept for the rest of the transaction, and gives the last row.
 */
export const turnToAppend = async ({
  db,
}: Context): Promise<Pick<LedgerRow, 'seq' | 'hash'> | undefined> => {
  // Two statements: the second must see what whoever held the lock before has written.
  await takeTurn(db, [APPENDING]);
  return (await lastOfChain(db, []))[0];
};

export const addRow = async ({ db }: Context, row: LedgerRow): Promise<void> => {
  const { seq, factId, kind, at, recordedAt, homeId, homeName, personId, person } = row;
  const who = [seq, factId, kind, at, recordedAt, homeId, homeName, personId, person];
  await addFact(db, [...who, JSON.stringify(row.body), row.previousHash, row.hash]);
};

export const factById = ({ db }: Context, factId: string): Promise<LedgerRow | null> =>
  db.findOneBy(LedgerEntity, { factId });

/** Facts of rounds in the order they were taken. */
export const factsOfRounds = async ({ db }: Context, roundIds: string[]): Promise<LedgerRow[]> =>
  roundIds.length === 0
    ? []
    : db
        .createQueryBuilder(LedgerEntity, 'fact')
        .where("fact.body->>'roundId' IN (:...roundIds)", { roundIds })
        .orderBy('fact.seq')
        .getMany();

export const countOfKinds = ({ db }: Context, kinds: LedgerRow['kind'][]): Promise<number> =>
  db.countBy(LedgerEntity, { kind: In(kinds) });

const findLast = prepared<{ personId: string; at: Date; body: unknown }>(
  'last of kind by person',
  'SELECT DISTINCT ON (person_id) person_id AS "personId", at, body FROM ledger WHERE kind = $1 ORDER BY person_id, seq DESC',
);
/** The newest fact of a kind of each person. */
export const lastOfKindByPerson = async <K extends RecordRow['kind']>(
  { db }: Context,
  kind: K,
): Promise<Map<string, { at: number; body: FactBody<K> }>> => {
  const rows = await findLast(db, [kind]);
  return new Map(
    rows.map(({ personId, at, body }) => [
      personId,
      { at: at.getTime(), body: body as FactBody<K> },
    ]),
  );
};

const spanOf = (from?: number, to?: number) => {
  if (from !== undefined && to !== undefined) return Between(new Date(from), new Date(to - 1));
  if (from !== undefined) return MoreThanOrEqual(new Date(from));
  if (to !== undefined) return LessThanOrEqual(new Date(to - 1));
  return undefined;
};

const whereOf = ({
  homeId,
  kind,
  from,
  to,
  before,
}: Partial<RecordFilter>): FindOptionsWhere<LedgerRow> => {
  const span = spanOf(from, to);
  return {
    ...(homeId ? { homeId } : {}),
    kind: kind ?? In([...recordKinds]),
    ...(span ? { at: span } : {}),
    ...(before === undefined ? {} : { seq: LessThan(String(before)) }),
  };
};

/** Rows that fit, newest first, at most `most`. */
export const newestRows = (
  { db }: Context,
  filter: Partial<RecordFilter>,
  most: number,
): Promise<LedgerRow[]> =>
  db
    .getRepository(LedgerEntity)
    .find({ where: whereOf(filter), order: { seq: 'DESC' }, take: most });

/** Rows that fit and come after one, oldest first, at most `most`. */
export const rowsAfter = (
  { db }: Context,
  after: number,
  filter: Partial<RecordFilter>,
  most: number,
): Promise<LedgerRow[]> =>
  db.getRepository(LedgerEntity).find({
    where: { ...whereOf(filter), seq: MoreThan(String(after)) },
    order: { seq: 'ASC' },
    take: most,
  });

/** Every row after one, whatever its kind, oldest first, at most `most`. */
export const chainAfter = ({ db }: Context, after: number, most: number): Promise<LedgerRow[]> =>
  db
    .getRepository(LedgerEntity)
    .find({ where: { seq: MoreThan(String(after)) }, order: { seq: 'ASC' }, take: most });
