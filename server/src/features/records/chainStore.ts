import type { Context } from '../../platform/context.ts';
import { prepared } from '../../platform/database/prepared.ts';
import { FIRST_HASH, type WrittenRow } from './chain.ts';

/** The end of the chain: the number and the hash of the last row. */
export interface Head {
  seq: number;
  hash: string;
}

const takeTurn = prepared<Head>('take turn', 'SELECT seq::float8 AS seq, hash FROM take_turn()');
const lastRow = prepared<Head>(
  'last of chain',
  'SELECT seq::float8 AS seq, hash FROM ledger ORDER BY ledger.seq DESC LIMIT 1',
);
// By hand: many rows in one statement. A part of a json value keeps its text, so each body is
// stored as the very text that was hashed.
const addFacts = prepared(
  'add facts',
  `
  INSERT INTO ledger (seq, fact_id, kind, at, recorded_at, home_id, home_name, person_id, body, previous_hash, hash)
  SELECT seq, "factId", kind, to_timestamp(at / 1000.0), to_timestamp("recordedAt" / 1000.0), "homeId", "homeName", "personId", body, "previousHash", hash
  FROM json_to_recordset($1) AS added
    (seq bigint, "factId" uuid, kind text, at bigint, "recordedAt" bigint, "homeId" uuid, "homeName" text, "personId" uuid, body json, "previousHash" text, hash text)`,
);

const noRow: Head = { seq: 0, hash: FIRST_HASH };

/**
 * Waits for one's turn to append, kept for the rest of the transaction, and gives the last row.
 */
export const turnToAppend = async ({ db }: Context): Promise<Head> =>
  (await takeTurn(db, []))[0] ?? noRow;

/** The end of the chain as it stands. */
export const headOfChain = async ({ db }: Pick<Context, 'db'>): Promise<Head> =>
  (await lastRow(db, []))[0] ?? noRow;

/** Whoever was away for longer than this many rows fetches everything anew. */
const MOST_BEHIND = 5000;
const findKinds = prepared<{ kinds: string[] | null; rows: number }>(
  'kinds after',
  `SELECT array_agg(DISTINCT kind) AS kinds, count(*)::int AS rows FROM (SELECT kind FROM ledger WHERE seq > $1 ORDER BY seq LIMIT ${MOST_BEHIND + 1}) newer`,
);
/** The kinds of what came after a row; or that it was more than anybody catches up with. */
export const kindsAfter = async ({ db }: Context, seq: number): Promise<string[] | 'many'> => {
  const [found] = await findKinds(db, [seq]);
  return found!.rows > MOST_BEHIND ? 'many' : (found!.kinds ?? []);
};

const findHash = prepared<{ hash: string }>('hash at', 'SELECT hash FROM ledger WHERE seq = $1');
/** The hash of a row; nothing where there is none. Before the first row stands the first hash. */
export const hashAt = async (
  { db }: Pick<Context, 'db'>,
  seq: number,
): Promise<string | undefined> => (seq === 0 ? FIRST_HASH : (await findHash(db, [seq]))[0]?.hash);

export type AddedRow = Omit<WrittenRow, 'person'> & { hash: string };

const asJson = ({ body, ...row }: AddedRow): string =>
  `${JSON.stringify(row).slice(0, -1)},"body":${body}}`;

export const addRows = async ({ db }: Context, rows: readonly AddedRow[]): Promise<void> =>
  void (await addFacts(db, [`[${rows.map(asJson).join(',')}]`]));

type Cells = [
  seq: number,
  factId: string,
  kind: string,
  at: string,
  recordedAt: string,
  homeId: string | null,
  homeName: string | null,
  personId: string,
  person: string | null,
  body: string,
  previousHash: string,
  hash: string,
];
/**
 * As many rows as come at once. What is ordered by is the table's own number, and not the one that
 * is given out: only that has an index.
 */
export const CHAIN_CHUNK = 2000;
const micros = (column: string) => `(extract(epoch FROM ${column}) * 1000000)::bigint::text`;
const CELLS = `SELECT seq::float8, fact_id::text, kind, ${micros('at')}, ${micros('recorded_at')}, home_id::text, home_name, person_id::text, person, body::text, previous_hash, hash FROM ledger`;
const findCells = prepared<Cells>(
  'chain after',
  `${CELLS} WHERE seq > $1 ORDER BY ledger.seq LIMIT ${CHAIN_CHUNK}`,
  'array',
);
const findAt = prepared<Cells>('chain at', `${CELLS} WHERE seq = ANY ($1::bigint[])`, 'array');

/** A time in ms; one that is no whole ms, as nobody here writes it, as what it is. */
const msOf = (us: string): string => (us.endsWith('000') ? us.slice(0, -3) : `${us} us`);

/** A row as it is hashed, with the hash that it carries. */
export type HashedRow = WrittenRow & { hash: string };
const asRow = (cells: Cells): HashedRow => {
  const [seq, factId, kind, at, recordedAt, homeId, homeName, personId, person] = cells;
  const [, , , , , , , , , body, previousHash, hash] = cells;
  const times = { at: msOf(at), recordedAt: msOf(recordedAt) };
  const who = { homeId, homeName, personId, person };
  return { seq, factId, kind, ...times, ...who, body, previousHash, hash };
};

/** The rows after one, whatever their kind, oldest first, at most `CHAIN_CHUNK`. */
export const chainAfter = async ({ db }: Pick<Context, 'db'>, seq: number): Promise<HashedRow[]> =>
  (await findCells(db, [seq])).map(asRow);

/** The rows of these numbers, whatever their kind. */
export const chainAt = async (
  { db }: Pick<Context, 'db'>,
  seqs: readonly number[],
): Promise<HashedRow[]> => (await findAt(db, [seqs])).map(asRow);
