/**
 * Where practice differs, each school is a named choice. The default is the cautious evidence-based one.
 * Times in seconds, strengths as fractions (alcohol v/v, peroxide w/v).
 */
export interface HouseRules {
  /** What vinegar is for. */
  vinegar: 'cleaner-only' | 'household-reduction';
  /** Least alcohol strength that may be mixed for disinfecting; the film may fall to `alcoholFilmFloor`. */
  alcoholFloor: number;
  alcoholFilmFloor: number;
  /** How long alcohol is kept wet. */
  alcoholSeconds: number;
  /** Least peroxide strength, and the least time whatever the published series allows. */
  peroxideFloor: number;
  peroxideLeastSeconds: number;
}

/** Source: common practice, no source; the reasons stand beside the choices in docs/decisions.md. */
export const cautiousRules: HouseRules = {
  vinegar: 'cleaner-only',
  alcoholFloor: 0.7,
  alcoholFilmFloor: 0.6,
  alcoholSeconds: 120,
  peroxideFloor: 0.0075,
  peroxideLeastSeconds: 600,
};

/** Where vinegar is credited at all, it is undiluted 5 % for 30 min, and only against everyday germs (common practice). */
export const vinegarReduction = { strength: 0.05, seconds: 1800 } as const;
