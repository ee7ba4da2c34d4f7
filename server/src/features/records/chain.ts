import { sha256 } from '../../platform/sha256.ts';

export const FIRST_HASH = '0'.repeat(64);

/** JSON with the keys in order, so that the same fact always has the same text. */
export const canonical = (value: unknown): string => {
  if (Array.isArray(value)) return `[${value.map(canonical).join(',')}]`;
  if (value === null || typeof value !== 'object') return JSON.stringify(value);
  const entries = Object.entries(value)
    .filter(([, one]) => one !== undefined)
    .sort(([a], [b]) => (a < b ? -1 : 1));
  return `{${entries.map(([key, one]) => `${JSON.stringify(key)}:${canonical(one)}`).join(',')}}`;
};

/**
 * A row of the ledger as it is hashed: times in ms since 1970, `body` as the text that is stored.
 * A time that is no whole ms, as nobody here writes it, stays the text that it is.
 */
export interface WrittenRow {
  seq: number;
  factId: string;
  kind: string;
  at: number | string;
  recordedAt: number | string;
  homeId: string | null;
  homeName: string | null;
  personId: string;
  person: string | null;
  body: string;
  previousHash: string;
}

const quoted = JSON.stringify;

/** The text that is hashed: all of a row but its hash, keys in alphabetical order. */
export const textOf = (row: WrittenRow): string =>
  `{"at":${row.at},"body":${row.body},"factId":${quoted(row.factId)},"homeId":${quoted(row.homeId)}` +
  `,"homeName":${quoted(row.homeName)},"kind":${quoted(row.kind)},"person":${quoted(row.person)}` +
  `,"personId":${quoted(row.personId)},"previousHash":${quoted(row.previousHash)}` +
  `,"recordedAt":${row.recordedAt},"seq":${row.seq}}`;

/** SHA-256 over everything in a row but the hash itself, the hash before it included. */
export const hashOf = (row: WrittenRow): string => sha256(textOf(row));
