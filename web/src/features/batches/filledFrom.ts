import type { BottleRow } from '@zymostat/contract';

/** m³ of every bottle that was filled from a batch. */
export const filledFrom = (bottles: readonly BottleRow[], code: string): number[] =>
  bottles.flatMap(({ volume, history }) =>
    history.flatMap(({ did, batchCode }) =>
      did === 'filled' && batchCode === code ? [volume] : [],
    ),
  );
