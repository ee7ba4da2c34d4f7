import type { GenericActive } from '../domain/families.ts';
import { activeFacts, genericFacts } from '../families/index.ts';
import type { ReasonOf } from '../verdict/reason.ts';

/**
 * Vapour of a treatment in a room: the worst quarter of an hour, the mean over eight hours and the
 * peak in ppm, the peak as a part of the explosive limit, and s until one may stay.
 */
export interface Breathing {
  shortTerm: number;
  day: number;
  peak: number;
  explosive: number;
  reentry: number;
}

/**
 * A mixture over this part of its explosive limit is left alone. Source: common practice, no
 * source.
 */
const MOST_EXPLOSIVE = 0.1;
const NEAR = 0.5;

/** What one treatment leaves in the air, beside the limit it comes nearest to. */
export type AirReason = ReasonOf<
  'air-fits' | 'air-near-limit' | 'air-over-stricter' | 'air-over-limit'
>;

interface Measured {
  of: 'short' | 'day' | 'danger' | 'fire';
  ppm: number;
  limit: number;
}

const worstOf = (all: readonly Measured[]): Measured =>
  all.reduce((a, b) => (b.ppm / b.limit > a.ppm / a.limit ? b : a));

/**
 * What a vapour estimate says: Never over a limit or a tenth of the explosive one; Care over a
 * stricter limit of others, or from half of any. Source: NIOSH; EH40; ACGIH.
 */
export const judgeAir = (active: GenericActive, air: Breathing): AirReason => {
  const { shortTerm, day, dangerous, stricter } = genericFacts[active].air;
  const worst = worstOf([
    ...(shortTerm === null ? [] : [{ of: 'short' as const, ppm: air.shortTerm, limit: shortTerm }]),
    { of: 'day', ppm: air.day, limit: day },
    { of: 'danger', ppm: air.peak, limit: dangerous },
    {
      of: 'fire',
      ppm: air.peak,
      limit: (air.peak / Math.max(air.explosive, 1e-9)) * MOST_EXPLOSIVE,
    },
  ]);
  const { family } = activeFacts[active];
  const figures = ({ of, ppm, limit }: Measured) => ({
    active,
    family,
    of,
    ppm,
    limit,
    reentry: air.reentry,
  });
  const part = worst.ppm / worst.limit;
  const source =
    active === 'hydrogen peroxide'
      ? 'NIOSH; EH40; vapour model, an estimate'
      : 'NIOSH; vapour model, an estimate';
  if (part > 1)
    return { code: 'air-over-limit', outcome: 'never', figures: figures(worst), source };
  const lower =
    stricter &&
    worstOf([
      { of: 'short', ppm: air.shortTerm, limit: stricter.shortTerm },
      { of: 'day', ppm: air.day, limit: stricter.day },
    ]);
  if (lower && lower.ppm > lower.limit) {
    return {
      code: 'air-over-stricter',
      outcome: 'care',
      figures: figures(lower),
      source: 'ACGIH; vapour model, an estimate',
    };
  }
  return {
    code: part > NEAR ? 'air-near-limit' : 'air-fits',
    outcome: part > NEAR ? 'care' : 'use',
    figures: figures(worst),
    source,
  };
};
