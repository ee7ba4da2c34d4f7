import { recordKinds, type RecordFilter, type RecordRow, type Records } from '@zymostat/contract';
import {
  Between,
  In,
  LessThan,
  LessThanOrEqual,
  MoreThan,
  MoreThanOrEqual,
  type FindOptionsWhere,
} from 'typeorm';
import { within, type Context } from '../../context.ts';
import { prepared } from '../../database/prepared.ts';
import { FIRST_HASH, firstBroken, hashOf, type Broken } from './chain.ts';
import { LedgerEntity, type LedgerRow } from './entities.ts';

export type { LedgerRow };

/** A fact to be written down: who, what kind, when it happened and what it was. */
export type NewFact = (RecordRow extends infer R
  ? R extends RecordRow
    ? Pick<R, 'kind' | 'body'>
    : never
  : never) & {
  factId: string;
  at: number;
  home: { id: string; name: string } | null;
  person: { id: string; name: string };
};

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
 * Appends a fact inside the caller's transaction, so that a fact and what follows from it stand or
 * fall together.
 */
export const append = async ({ db, now }: Context, fact: NewFact): Promise<LedgerRow> => {
  // Two statements: the second must see what whoever held the lock before has written.
  await takeTurn(db, [APPENDING]);
  const [last] = await lastOfChain(db, []);
  const row: Omit<LedgerRow, 'hash'> = {
    seq: String(Number(last?.seq ?? 0) + 1),
    factId: fact.factId,
    kind: fact.kind,
    at: new Date(fact.at),
    recordedAt: new Date(now()),
    homeId: fact.home?.id ?? null,
    homeName: fact.home?.name ?? null,
    personId: fact.person.id,
    person: fact.person.name,
    body: JSON.parse(JSON.stringify(fact.body)) as LedgerRow['body'],
    previousHash: last?.hash ?? FIRST_HASH,
  };
  const full = { ...row, hash: hashOf(row) };
  await addFact(db, [
    full.seq,
    full.factId,
    full.kind,
    full.at,
    full.recordedAt,
    full.homeId,
    full.homeName,
    full.personId,
    full.person,
    JSON.stringify(full.body),
    full.previousHash,
    full.hash,
  ]);
  return full;
};

/** A fact that stands by itself. */
export const appendAlone = (context: Context, fact: NewFact): Promise<LedgerRow> =>
  within(context, (inside) => append(inside, fact));

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

type BodyOf<K extends RecordRow['kind']> = Extract<RecordRow, { kind: K }>['body'];

/** The newest fact of a kind of each person. */
export const lastOfKindByPerson = async <K extends RecordRow['kind']>(
  { db }: Context,
  kind: K,
): Promise<Map<string, { at: number; body: BodyOf<K> }>> => {
  const rows: { personId: string; at: Date; body: BodyOf<K> }[] = await db.query(
    'SELECT DISTINCT ON (person_id) person_id AS "personId", at, body FROM ledger WHERE kind = $1 ORDER BY person_id, seq DESC',
    [kind],
  );
  return new Map(
    rows.map(({ personId, at, body }): [string, { at: number; body: BodyOf<K> }] => [
      personId,
      { at: at.getTime(), body },
    ]),
  );
};

export const asRecord = ({
  seq,
  factId,
  kind,
  at,
  recordedAt,
  homeId,
  homeName,
  person,
  body,
  previousHash,
  hash,
}: LedgerRow): RecordRow =>
  ({
    seq: Number(seq),
    factId,
    kind,
    at: at.getTime(),
    recordedAt: recordedAt.getTime(),
    homeId,
    homeName,
    person,
    body,
    previousHash,
    hash,
  }) as RecordRow;

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

/** Rows newest first, a page at a time. */
export const findRecords = async ({ db }: Context, filter: RecordFilter): Promise<Records> => {
  const rows = await db
    .getRepository(LedgerEntity)
    .find({ where: whereOf(filter), order: { seq: 'DESC' }, take: filter.limit + 1 });
  return { rows: rows.slice(0, filter.limit).map(asRecord), more: rows.length > filter.limit };
};

const CHUNK = 1000;

/**
 * Every row that fits, oldest first, a thousand at a time so that an export of any length fits in
 * memory.
 */
export async function* eachRecord(
  { db }: Context,
  filter: Partial<RecordFilter>,
): AsyncGenerator<RecordRow> {
  let after = 0;
  for (;;) {
    const rows = await db.getRepository(LedgerEntity).find({
      where: { ...whereOf(filter), seq: MoreThan(String(after)) },
      order: { seq: 'ASC' },
      take: CHUNK,
    });
    for (const row of rows) yield asRecord(row);
    if (rows.length < CHUNK) return;
    after = Number(rows[rows.length - 1]!.seq);
  }
}

/** Walks the whole chain; names the first broken row, and counts the rows that hold. */
export const verifyChain = async ({
  db,
}: Context): Promise<{ rows: number; broken: Broken | null }> => {
  let last = { seq: 0, hash: FIRST_HASH };
  for (;;) {
    const rows = await db
      .getRepository(LedgerEntity)
      .find({ where: { seq: MoreThan(String(last.seq)) }, order: { seq: 'ASC' }, take: CHUNK });
    const broken = firstBroken(rows, last);
    if (broken) return { rows: broken.seq - 1, broken };
    if (rows.length > 0)
      last = { seq: Number(rows[rows.length - 1]!.seq), hash: rows[rows.length - 1]!.hash };
    if (rows.length < CHUNK) return { rows: last.seq, broken: null };
  }
};
