import { activeFacts, type GenericActive } from '../reference/families.ts';
import { airLimits } from '../reference/roomAir.ts';
import type { Reason } from '../verdict.ts';

/** Vapour of a treatment in a room: the worst quarter of an hour, the mean over eight hours and the peak in ppm, the peak as a part of the explosive limit, and s until one may stay. */
export interface Breathing {
  shortTerm: number;
  day: number;
  peak: number;
  explosive: number;
  reentry: number;
}

/** A mixture over this part of its explosive limit is left alone. Source: common practice, no source. */
const MOST_EXPLOSIVE = 0.1;
const NEAR = 0.5;

/** What a vapour estimate says: Never over a limit or a tenth of the explosive one, Care from half of it. Source: NIOSH (memory). */
export const judgeAir = (active: GenericActive, air: Breathing): Reason => {
  const { shortTerm, day, dangerous } = airLimits[active];
  const all = [
    ...(shortTerm === null ? [] : [{ of: 'short', ppm: air.shortTerm, limit: shortTerm }]),
    { of: 'day', ppm: air.day, limit: day },
    { of: 'danger', ppm: air.peak, limit: dangerous },
    { of: 'fire', ppm: air.peak, limit: (air.peak / Math.max(air.explosive, 1e-9)) * MOST_EXPLOSIVE },
  ];
  const worst = all.reduce((a, b) => (b.ppm / b.limit > a.ppm / a.limit ? b : a));
  const part = worst.ppm / worst.limit;
  return {
    code: part > 1 ? 'air-over-limit' : part > NEAR ? 'air-near-limit' : 'air-fits', outcome: part > 1 ? 'never' : part > NEAR ? 'care' : 'use',
    figures: { active, family: activeFacts[active].family, of: worst.of, ppm: worst.ppm, limit: worst.limit, reentry: air.reentry }, source: 'NIOSH (memory); vapour model, an estimate',
  };
};
