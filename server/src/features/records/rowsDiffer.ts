import type { Context } from '../../platform/context.ts';
import { hashOf } from './chain.ts';
import { chainAt, type Head } from './chainStore.ts';

/**
 * How many of some rows, each by the hash that it once had, are not there any more as they were
 * written: gone, with another hash, or with other content than their hash says.
 */
export const rowsDiffer = async (
  context: Pick<Context, 'db'>,
  rows: readonly Head[],
): Promise<number> => {
  const found = await chainAt(
    context,
    rows.map(({ seq }) => seq),
  );
  const there = new Map(found.map((row) => [row.seq, row]));
  return rows.filter(({ seq, hash }) => {
    const row = there.get(seq);
    return row?.hash !== hash || hashOf(row) !== hash;
  }).length;
};
