import type { RecordBreak } from '@zymostat/contract';
import { within, type Context } from '../../platform/context.ts';
import { guardsOff, turnToAppend, unprotected, type Head } from '../records/service.ts';
import { Spoken } from '../records/verifyTables.ts';
import { walkLedger } from '../records/walk.ts';
import { isAnyState } from '../rounds/service.ts';
import { WetAnew } from '../rounds/verifyWet.ts';

export interface Verified {
  rows: number;
  head: Head;
  unprotected: Awaited<ReturnType<typeof unprotected>>;
}

const rebuild = async (inside: Context): Promise<void> => {
  const wet = await WetAnew.begin(inside);
  await walkLedger(inside, { row: (row) => wet.see(row), broken: () => undefined });
  await wet.keep(inside);
};

/** Works out anew from the ledger how every surface stands, and keeps that. */
export const rebuildWet = (context: Context): Promise<void> =>
  within(context, async (inside) => {
    await turnToAppend(inside);
    await rebuild(inside);
  });

/**
 * Where nothing is kept of any surface, as in a database of a version before, it is worked out
 * before anything is judged: what is not known to be wet would else be taken to be dry.
 */
export const fillWet = (context: Context): Promise<void> =>
  within(context, async (inside) => {
    await turnToAppend(inside);
    if (!(await isAnyState(inside))) await rebuild(inside);
  });

/**
 * Verifies the chain, every row that facts speak of, what is kept of wet surfaces, and what guards
 * them, all as of one moment. `broken` is told each break as it is found; nothing is left out and
 * nothing ends it early.
 */
export const verifyAll = async (
  context: Pick<Context, 'db'>,
  broken: (found: RecordBreak) => void,
): Promise<Verified> => {
  const spoken = new Spoken();
  const wet = await WetAnew.begin(context);
  const { rows, head } = await walkLedger(context, {
    row: (row) => {
      spoken.see(row);
      wet.see(row);
    },
    broken,
  });
  await spoken.compare(context, broken);
  await wet.compare(context, broken);
  (await guardsOff(context)).forEach(broken);
  return { rows, head, unprotected: await unprotected(context) };
};
