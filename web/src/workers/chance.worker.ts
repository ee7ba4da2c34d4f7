import {
  chanceOfStrength,
  type Chance,
  type Portion,
  type Span,
  type Strong,
} from '@zymostat/core';
import { expose } from 'comlink';

/** Draws in lots, and tells after each how far it is. It is cancelled by ending the worker. */
const LOT = 1000;

interface Question {
  portions: Portion[];
  strong: Strong;
  span: Span;
  draws: number;
}

const worker = {
  draw: async (
    { portions, strong, span, draws }: Question,
    tell: (done: number) => void,
  ): Promise<Chance | null> => {
    let sum: Chance | null = null;
    for (let done = 0; done < draws; done += LOT) {
      const lot = chanceOfStrength(portions, strong, span, {
        draws: Math.min(LOT, draws - done),
        seed: done + 1,
      });
      sum = sum
        ? {
            ...lot,
            draws: sum.draws + lot.draws,
            within: sum.within + lot.within,
            below: sum.below + lot.below,
            above: sum.above + lot.above,
          }
        : lot;
      tell(sum.draws);
      // Let go, so that what was told is sent.
      await new Promise((done) => setTimeout(done));
    }
    return sum;
  },
};
export type ChanceWorker = typeof worker;
expose(worker);
