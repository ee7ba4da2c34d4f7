import type { Beginning } from '@zymostat/contract';
import { houseQuestions } from '@zymostat/core';
import type { Full } from '../../ui/Fall.tsx';

const any = (count: number): number => Math.min(1, count);
const partOf = (done: number, all: number): number => (all === 0 ? 0 : Math.min(1, done / all));
/** Somebody on the way counts for half. */
const HALF = 0.5;

/** How much of each stop is done, 0 to 1. */
export const fullOf = (counts: Beginning): Full => ({
  company: 1,
  practice: partOf(counts.answered.length, houseQuestions.length),
  people: counts.people > 1 ? 1 : HALF * any(counts.invited),
  stock: any(counts.stock),
  bottles: any(counts.bottles),
  home: counts.surfaces > 0 ? 1 : HALF * any(counts.homes),
  protocol: any(counts.approved),
  batch: any(counts.batches),
  book: partOf(counts.read, counts.people),
});
