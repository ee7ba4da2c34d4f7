import type { FactBody, RecordFilter, RecordRow, Records } from '@zymostat/contract';
import { within, type Context } from '../../platform/context.ts';
import { FIRST_HASH, firstBroken, hashOf, type Broken } from './chain.ts';
import * as store from './store.ts';
import type { LedgerRow } from './store.ts';

export type { LedgerRow };
export { countOfKinds, factById, factsOfRounds, lastOfKindByPerson } from './store.ts';

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

/**
 * Appends a fact inside the caller's transaction, so that a fact and what follows from it stand or
 * fall together.
 */
export const append = async (inside: Context, fact: NewFact): Promise<LedgerRow> => {
  const last = await store.turnToAppend(inside);
  const row: Omit<LedgerRow, 'hash'> = {
    seq: String(Number(last?.seq ?? 0) + 1),
    factId: fact.factId,
    kind: fact.kind,
    at: new Date(fact.at),
    recordedAt: new Date(inside.now()),
    homeId: fact.home?.id ?? null,
    homeName: fact.home?.name ?? null,
    personId: fact.person.id,
    person: fact.person.name,
    body: JSON.parse(JSON.stringify(fact.body)) as LedgerRow['body'],
    previousHash: last?.hash ?? FIRST_HASH,
  };
  const full = { ...row, hash: hashOf(row) };
  await store.addRow(inside, full);
  return full;
};

/** A fact that stands by itself. */
export const appendAlone = (context: Context, fact: NewFact): Promise<LedgerRow> =>
  within(context, (inside) => append(inside, fact));

/** Puts on record that something was refused, apart from what was thereby undone. */
export const appendRefusal = (
  context: Context,
  body: FactBody<'refusal'>,
  { home, person }: Pick<NewFact, 'home' | 'person'>,
): Promise<LedgerRow> => {
  const [factId, at] = [context.newId(), context.now()];
  return appendAlone(context, { kind: 'refusal', factId, at, home, person, body });
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

/** Rows newest first, a page at a time. */
export const findRecords = async (context: Context, filter: RecordFilter): Promise<Records> => {
  const rows = await store.newestRows(context, filter, filter.limit + 1);
  return { rows: rows.slice(0, filter.limit).map(asRecord), more: rows.length > filter.limit };
};

const CHUNK = 1000;

/**
 * Every row that fits, oldest first, a thousand at a time so that an export of any length fits in
 * memory.
 */
export async function* eachRecord(
  context: Context,
  filter: Partial<RecordFilter>,
): AsyncGenerator<RecordRow> {
  let after = 0;
  for (;;) {
    const rows = await store.rowsAfter(context, after, filter, CHUNK);
    for (const row of rows) yield asRecord(row);
    if (rows.length < CHUNK) return;
    after = Number(rows.at(-1)!.seq);
  }
}

/** Walks the whole chain; names the first broken row, and counts the rows that hold. */
export const verifyChain = async (
  context: Context,
): Promise<{ rows: number; broken: Broken | null }> => {
  let last = { seq: 0, hash: FIRST_HASH };
  for (;;) {
    const rows = await store.chainAfter(context, last.seq, CHUNK);
    const broken = firstBroken(rows, last);
    if (broken) return { rows: broken.seq - 1, broken };
    const newest = rows.at(-1);
    if (newest) last = { seq: Number(newest.seq), hash: newest.hash };
    if (rows.length < CHUNK) return { rows: last.seq, broken: null };
  }
};
