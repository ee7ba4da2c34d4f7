import type {
  About,
  FactBody,
  ProvedTable,
  RecordFilter,
  RecordRow,
  Records,
} from '@zymostat/contract';
import { within, type Context } from '../../platform/context.ts';
import { canonical, hashOf } from './chain.ts';
import { proofOf } from './proofsStore.ts';
import * as chain from './chainStore.ts';
import * as store from './store.ts';
import type { LedgerRow, NamedRow } from './store.ts';

export type { LedgerRow };
export {
  countOfKinds,
  factById,
  factsById,
  factsOfKinds,
  factsOfRounds,
  lastOfKindByPerson,
} from './store.ts';
export { guardsOff, unprotected } from './guardsStore.ts';
export { headOfChain, kindsAfter, turnToAppend, type Head } from './chainStore.ts';

/**
 * A fact to be written down: who, what kind, when it happened and what it was. `row`: what it says
 * something of stands there, and is proved by its hash.
 */
export type NewFact = (RecordRow extends infer R
  ? R extends RecordRow
    ? Pick<R, 'kind' | 'body'>
    : never
  : never) & {
  factId: string;
  at: number;
  home: { id: string; name: string } | null;
  person: { id: string; name: string };
  row?: { table: ProvedTable; id: string };
};

const aboutOf = async (
  inside: Context,
  row: NewFact['row'],
): Promise<{ about: About } | undefined> =>
  row && { about: { ...row, hash: await proofOf(inside, row.table, row.id) } };

/**
 * Appends facts inside the caller's transaction, so that they and what follows from them stand or
 * fall together. Each carries the hash of the one before.
 */
export const appendAll = async (
  inside: Context,
  facts: readonly NewFact[],
): Promise<NamedRow[]> => {
  let { seq, hash: previousHash } = await chain.turnToAppend(inside);
  const recordedAt = inside.now();
  const rows: chain.AddedRow[] = [];
  const written: NamedRow[] = [];
  for (const { factId, kind, at, home, person, body: given, row: spokenOf } of facts) {
    const said = { ...given, ...(await aboutOf(inside, spokenOf)) };
    const body = canonical(said);
    seq += 1;
    const homeId = home?.id ?? null;
    const homeName = home?.name ?? null;
    const personId = person.id;
    const row = { seq, factId, kind, at, recordedAt, homeId, homeName, personId, previousHash };
    const hash = hashOf({ ...row, person: null, body });
    rows.push({ ...row, body, hash });
    const times = { at: new Date(at), recordedAt: new Date(recordedAt) };
    const asRead = { body: said as LedgerRow['body'], person: null };
    const names = { called: person.name, subject: null };
    written.push({ ...row, ...times, ...asRead, seq: String(seq), hash, ...names });
    previousHash = hash;
  }
  if (rows.length > 0) await chain.addRows(inside, rows);
  return written;
};

export const append = async (inside: Context, fact: NewFact): Promise<NamedRow> =>
  (await appendAll(inside, [fact]))[0]!;

/** A fact that stands by itself. */
export const appendAlone = (context: Context, fact: NewFact): Promise<NamedRow> =>
  within(context, (inside) => append(inside, fact));

/** Puts on record that something was refused, apart from what was thereby undone. */
export const appendRefusal = (
  context: Context,
  body: FactBody<'refusal'>,
  { home, person }: Pick<NewFact, 'home' | 'person'>,
): Promise<NamedRow> => {
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
  personId,
  called,
  subject,
  body,
  previousHash,
  hash,
}: NamedRow): RecordRow =>
  ({
    seq: Number(seq),
    factId,
    kind,
    at: at.getTime(),
    recordedAt: recordedAt.getTime(),
    homeId,
    homeName,
    personId,
    person: called,
    subject,
    body,
    previousHash,
    hash,
  }) as RecordRow;

/** Rows newest first, a page at a time. */
export const findRecords = async (context: Context, filter: RecordFilter): Promise<Records> => {
  const rows = await store.newestRows(context, filter, filter.limit + 1);
  return { rows: rows.slice(0, filter.limit).map(asRecord), more: rows.length > filter.limit };
};

/** What was held up since a moment (ms), newest first. */
export const heldUpSince = async (context: Context, from: number): Promise<RecordRow[]> =>
  (await store.heldUpSince(context, new Date(from))).map(asRecord);

const CHUNK = 1000;

/**
 * Every row that fits, oldest first, a thousand at a time so that an export of any length fits in
 * memory.
 */
async function* eachNamed(
  context: Context,
  filter: Partial<RecordFilter>,
): AsyncGenerator<NamedRow> {
  let after = 0;
  for (;;) {
    const rows = await store.rowsAfter(context, after, filter, CHUNK);
    yield* rows;
    if (rows.length < CHUNK) return;
    after = Number(rows.at(-1)!.seq);
  }
}

export async function* eachRecord(
  context: Context,
  filter: Partial<RecordFilter>,
): AsyncGenerator<RecordRow> {
  for await (const row of eachNamed(context, filter)) yield asRecord(row);
}

/** A row as it is hashed, with its hash, and what whoever wrote it is called now. */
export type WrittenRecord = Omit<LedgerRow, 'seq' | 'at' | 'recordedAt'> & {
  seq: number;
  at: number;
  recordedAt: number;
  called: string;
};

export async function* eachWritten(
  context: Context,
  filter: Partial<RecordFilter>,
): AsyncGenerator<WrittenRecord> {
  for await (const { subject: _, ...row } of eachNamed(context, filter)) {
    const { seq, at, recordedAt } = row;
    yield { ...row, seq: Number(seq), at: at.getTime(), recordedAt: recordedAt.getTime() };
  }
}
