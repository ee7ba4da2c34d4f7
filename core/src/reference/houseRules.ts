/**
 * Where practice differs, each school is a named choice; the first of each is the cautious
 * evidence-based default. Source: common practice, no source; what each trades is said in words
 * beside it.
 */
export const schools = {
  /** What vinegar is for. */
  vinegar: ['cleaner-only', 'household-reduction'],
  /** Least alcohol that may be mixed to disinfect; the film may fall to 60 % in any case. */
  alcoholFloor: ['70', '60'],
  /** How long alcohol is kept wet. */
  alcoholTime: ['two-minutes', 'until-dry', 'ten-minutes'],
  /** How long peroxide at 3 % takes. */
  peroxideTime: ['ten-minutes', 'published-series'],
  dilutedPeroxide: ['by-the-series', 'refuse'],
  soapAndVinegar: ['never-together', 'water-first'],
  vinegarAndSoda: ['separately', 'one-step'],
  vinegarOnSealedWood: ['never', 'weak'],
  scents: ['scent', 'booster'],
  bleach: ['not-carried', 'named-cases'],
  mildew: ['peroxide', 'alcohol', 'bleach'],
  /** Soap film: detergent, rinse, then vinegar; or both in one, two to one at most. */
  vinegarAndWashingUp: ['rinsed-between', 'two-to-one'],
  /** A smell in a drain. */
  drainSmell: ['brush-and-water', 'soda-then-flush'],
  /** What may be washed with. */
  castile: ['never-before-acid', 'not-carried'],
  /** Water for what is kept without alcohol. */
  boiledWater: ['boiled', 'tap'],
} as const;

export type HouseQuestion = keyof typeof schools;
export type HouseRules = { [Q in HouseQuestion]: (typeof schools)[Q][number] };
export const houseQuestions = Object.keys(schools) as HouseQuestion[];

export const cautiousRules: HouseRules = {
  vinegar: 'cleaner-only',
  alcoholFloor: '70',
  alcoholTime: 'two-minutes',
  peroxideTime: 'ten-minutes',
  dilutedPeroxide: 'by-the-series',
  soapAndVinegar: 'never-together',
  vinegarAndSoda: 'separately',
  vinegarOnSealedWood: 'never',
  scents: 'scent',
  bleach: 'not-carried',
  mildew: 'peroxide',
  vinegarAndWashingUp: 'rinsed-between',
  drainSmell: 'brush-and-water',
  castile: 'never-before-acid',
  boiledWater: 'boiled',
};

/** Rules as a company has answered them; what it was not asked yet is the cautious answer. */
export const asAnswered = (answered: Partial<HouseRules>): HouseRules => ({
  ...cautiousRules,
  ...answered,
});

/**
 * The strengths (fractions) and times (s) that the choices come to. Until dry is about 30 s, but
 * never under the published minute.
 */
export const figuresOf = (rules: HouseRules) => ({
  alcoholFloor: rules.alcoholFloor === '60' ? 0.6 : 0.7,
  alcoholFilmFloor: 0.6,
  alcoholSeconds: { 'two-minutes': 120, 'until-dry': 60, 'ten-minutes': 600 }[rules.alcoholTime],
  peroxideFloor: rules.dilutedPeroxide === 'refuse' ? 0.03 : 0.0075,
  peroxideLeastSeconds: rules.peroxideTime === 'published-series' ? 480 : 600,
});

/**
 * Where vinegar is credited at all, it is undiluted 5 % for 30 min, and only against everyday germs
 * (common practice).
 */
export const vinegarReduction = { strength: 0.05, seconds: 1800 } as const;
