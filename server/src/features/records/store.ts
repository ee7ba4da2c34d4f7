import { recordKinds, type FactBody, type RecordFilter, type RecordRow } from '@zymostat/contract';
import {
  Between,
  In,
  LessThan,
  LessThanOrEqual,
  MoreThan,
  MoreThanOrEqual,
  Raw,
  type FindOptionsWhere,
  type ObjectLiteral,
} from 'typeorm';
import type { Context } from '../../platform/context.ts';
import { prepared } from '../../platform/database/prepared.ts';
import { LedgerEntity, type LedgerRow } from './tables.ts';

export type { LedgerRow };
/** A row with the names of who wrote it and whom it speaks of, as they are called now. */
export type NamedRow = LedgerRow & { called: string; subject: string | null };

export const factById = ({ db }: Context, factId: string): Promise<LedgerRow | null> =>
  db.findOneBy(LedgerEntity, { factId });

const findFacts = prepared<Pick<LedgerRow, 'factId' | 'kind' | 'at' | 'body'>>(
  'facts by id',
  'SELECT fact_id AS "factId", kind, at, body FROM ledger WHERE fact_id = ANY ($1::uuid[])',
);
export const factsById = ({ db }: Context, factIds: readonly string[]) => findFacts(db, [factIds]);

/** The kinds whose bodies name a round; the index of rounds holds these. */
const kindsOfRounds = [
  'round-started',
  'air-measured',
  'surface-event',
  'wet-time',
  'late-event',
  'correction',
  'round-finished',
] as const satisfies readonly LedgerRow['kind'][];

/** Facts of rounds in the order they were taken. */
export const factsOfRounds = async ({ db }: Context, roundIds: string[]): Promise<LedgerRow[]> =>
  roundIds.length === 0
    ? []
    : db
        .createQueryBuilder(LedgerEntity, 'fact')
        .where("fact.body->>'roundId' IN (:...roundIds)", { roundIds })
        .andWhere('fact.kind IN (:...kinds)', { kinds: kindsOfRounds })
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

const findKinds = prepared<Pick<LedgerRow, 'kind' | 'personId' | 'at' | 'body'>>(
  'facts of kinds',
  'SELECT kind, person_id AS "personId", at, body FROM ledger WHERE kind = ANY($1) ORDER BY seq',
);
/** Every fact of some kinds, the oldest first: for kinds that are few. */
export const factsOfKinds = ({ db }: Context, kinds: LedgerRow['kind'][]) => findKinds(db, [kinds]);

const HELD_UP = 40;
// The rows of a day are few, and found by when they were; the order by rows would walk them all.
const findHeldUp = prepared<LedgerRow>(
  'held up',
  `WITH lately AS MATERIALIZED (SELECT * FROM ledger WHERE at >= $1)
  SELECT seq, fact_id AS "factId", kind, at, recorded_at AS "recordedAt", home_id AS "homeId", home_name AS "homeName",
    person_id AS "personId", person, body, previous_hash AS "previousHash", hash
  FROM lately WHERE kind IN ('refusal', 'near-miss', 'incident', 'late-event', 'correction')
    OR (kind = 'wet-time' AND (body->>'requiredSeconds')::float8 > 0 AND coalesce(body->>'outcome', CASE WHEN (body->>'met')::boolean THEN 'met' END, '') <> 'met')
  ORDER BY seq DESC LIMIT ${HELD_UP}`,
);
/** What was refused, not met, not shown or nearly went wrong since a moment, newest first. */
export const heldUpSince = async (context: Context, from: Date): Promise<NamedRow[]> =>
  named(context, await findHeldUp(context.db, [from]));

const spanOf = (from?: number, to?: number) => {
  if (from !== undefined && to !== undefined) return Between(new Date(from), new Date(to - 1));
  if (from !== undefined) return MoreThanOrEqual(new Date(from));
  if (to !== undefined) return LessThanOrEqual(new Date(to - 1));
  return undefined;
};

/** What stands in bodies, asked of the database in its own words. */
const bodySays = ({ batch, outcome }: Partial<RecordFilter>): FindOptionsWhere<LedgerRow> => {
  const asked = [
    batch && {
      sql: (body: string) =>
        `upper(:batch) IN (${body}->>'batchCode', ${body}->>'code', ${body}->>'stockCode')`,
      given: { batch },
    },
    outcome && {
      sql: (body: string) =>
        `${body}->>'requiredSeconds' <> '0' AND coalesce(${body}->>'outcome', CASE ${body}->>'met' WHEN 'true' THEN 'met' ELSE 'not-met' END) = :outcome`,
      given: { outcome },
    },
  ].flatMap((one) => one || []);
  if (asked.length === 0) return {};
  const sql = (body: string) => asked.map((one) => `(${one.sql(body)})`).join(' AND ');
  const given = Object.assign({}, ...asked.map((one) => one.given)) as ObjectLiteral;
  return { body: Raw(sql, given) };
};

const whereOf = (filter: Partial<RecordFilter>): FindOptionsWhere<LedgerRow> => {
  const { homeId, personId, from, to, before, outcome } = filter;
  const kind = outcome ? 'wet-time' : filter.kind;
  const span = spanOf(from, to);
  return {
    ...(homeId ? { homeId } : {}),
    ...(personId ? { personId } : {}),
    ...bodySays(filter),
    kind: kind ?? In([...recordKinds]),
    ...(span ? { at: span } : {}),
    ...(before === undefined ? {} : { seq: LessThan(String(before)) }),
  };
};

const findNames = prepared<{ id: string; name: string }>(
  'names',
  'SELECT id, name FROM person_name WHERE id = ANY ($1::uuid[])',
);
/** Rows with the names of those who wrote them, as they are called now. */
const named = async ({ db }: Context, rows: LedgerRow[]): Promise<NamedRow[]> => {
  const subjectOf = ({ body }: LedgerRow) => ('personId' in body ? body.personId : null);
  const ids = new Set(rows.flatMap((row) => [row.personId, subjectOf(row) ?? []].flat()));
  const found = ids.size > 0 ? await findNames(db, [[...ids]]) : [];
  const names = new Map(found.map(({ id, name }) => [id, name]));
  return rows.map((row) => ({
    ...row,
    called: row.person ?? names.get(row.personId) ?? '',
    subject: names.get(subjectOf(row) ?? '') ?? null,
  }));
};

/** Rows that fit, newest first, at most `most`. */
export const newestRows = async (
  context: Context,
  filter: Partial<RecordFilter>,
  most: number,
): Promise<NamedRow[]> => {
  const asked = { where: whereOf(filter), order: { seq: 'DESC' as const }, take: most };
  return named(context, await context.db.getRepository(LedgerEntity).find(asked));
};

/** Rows that fit and come after one, oldest first, at most `most`. */
export const rowsAfter = async (
  context: Context,
  after: number,
  filter: Partial<RecordFilter>,
  most: number,
): Promise<NamedRow[]> => {
  const where = { ...whereOf(filter), seq: MoreThan(String(after)) };
  const asked = { where, order: { seq: 'ASC' as const }, take: most };
  return named(context, await context.db.getRepository(LedgerEntity).find(asked));
};
