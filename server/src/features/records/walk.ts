import type { Context } from '../../platform/context.ts';
import { FIRST_HASH, hashOf } from './chain.ts';
import { CHAIN_CHUNK, chainAfter, type HashedRow, type Head } from './chainStore.ts';

/** A row of the ledger that does not follow from the one before, by what was found and expected. */
export interface ChainBreak {
  code: 'number' | 'link' | 'content';
  seq: number;
  found: string;
  expected: string;
}

type Wrong = Omit<ChainBreak, 'seq'>;

const breaksOf = (row: HashedRow, before: Head): Wrong[] => {
  const content = hashOf(row);
  const asks: Wrong[] = [
    { code: 'number', found: String(row.seq), expected: String(before.seq + 1) },
    { code: 'link', found: row.previousHash, expected: before.hash },
    { code: 'content', found: row.hash, expected: content },
  ];
  return asks.filter(({ found, expected }) => found !== expected);
};

/** As almost every row is: nothing is made for it. */
const holds = (row: HashedRow, before: Head): boolean =>
  row.seq === before.seq + 1 && row.previousHash === before.hash && row.hash === hashOf(row);

/**
 * Walks the whole chain, oldest first, and goes on behind what is broken. `see` is shown every row
 * and every break; nothing is kept of them here.
 */
export const walkLedger = async (
  context: Pick<Context, 'db'>,
  see: { row?: (row: HashedRow) => void; broken: (found: ChainBreak) => void },
): Promise<{ rows: number; head: Head }> => {
  let head: Head = { seq: 0, hash: FIRST_HASH };
  let count = 0;
  for (let coming = chainAfter(context, 0); ;) {
    const rows = await coming;
    // The database looks up the next while these are worked through.
    if (rows.length === CHAIN_CHUNK) coming = chainAfter(context, rows.at(-1)!.seq);
    for (const row of rows) {
      const breaks = holds(row, head) ? [] : breaksOf(row, head);
      for (const one of breaks) see.broken({ ...one, seq: row.seq });
      // What is not as it was written says nothing of anything else.
      if (breaks.every(({ code }) => code !== 'content')) see.row?.(row);
      head = { seq: row.seq, hash: row.hash };
    }
    count += rows.length;
    if (rows.length < CHAIN_CHUNK) return { rows: count, head };
  }
};
