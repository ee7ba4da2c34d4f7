import { createHash } from 'node:crypto';
import type { LedgerRow } from './store.ts';

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

/** SHA-256 over everything in a row but the hash itself, the hash before it included. */
export const hashOf = ({
  hash: _,
  at,
  recordedAt,
  seq,
  ...rest
}: Omit<LedgerRow, 'hash'> & { hash?: string }): string =>
  createHash('sha256')
    .update(
      canonical({ ...rest, seq: Number(seq), at: at.getTime(), recordedAt: recordedAt.getTime() }),
    )
    .digest('hex');

export type Broken = { seq: number; why: 'number' | 'link' | 'content' };

/**
 * The first row that does not follow from the one before, or nothing. Rows come in order of `seq`.
 */
export const firstBroken = (
  rows: Iterable<LedgerRow>,
  after: { seq: number; hash: string } = { seq: 0, hash: FIRST_HASH },
): Broken | null => {
  let { seq, hash } = after;
  for (const row of rows) {
    const found = Number(row.seq);
    if (found !== seq + 1) return { seq: found, why: 'number' };
    if (row.previousHash !== hash) return { seq: found, why: 'link' };
    if (row.hash !== hashOf(row)) return { seq: found, why: 'content' };
    [seq, hash] = [found, row.hash];
  }
  return null;
};
