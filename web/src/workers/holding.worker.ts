import { chanceOfHolding, type Film, type Holding, type RoomAir } from '@zymostat/core';
import { expose } from 'comlink';

const LOT = 1000;

interface Question {
  film: Film;
  air: RoomAir;
  /** The strength that must be left, seconds that it must hold, and in how many coats. */
  floor: number;
  needed: number;
  coats: number;
  draws: number;
}

const worker = {
  draw: async (
    { film, air, draws, ...wanted }: Question,
    tell: (done: number) => void,
  ): Promise<Holding | null> => {
    let sum: Holding | null = null;
    for (let done = 0; done < draws; done += LOT) {
      const lot = chanceOfHolding(film, air, wanted, {
        draws: Math.min(LOT, draws - done),
        seed: done + 1,
      });
      sum = sum ? { ...lot, draws: sum.draws + lot.draws, held: sum.held + lot.held } : lot;
      tell(sum.draws);
      // Let go, so that what was told is sent.
      await new Promise((later) => setTimeout(later));
    }
    return sum;
  },
};
export type HoldingWorker = typeof worker;
expose(worker);
