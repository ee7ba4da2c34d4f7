export const goals = ['clean', 'reduce', 'sanitise', 'disinfect'] as const;
/**
 * `reduce` is what a household's undiluted vinegar is credited with by one school: some bacteria,
 * nothing more.
 */
export type Goal = (typeof goals)[number];

/**
 * What it is to be against. `respiratory` is influenza, corona or RSV, `cold` the common cold;
 * `blood-spot` a small spot of blood or body fluid, `blood` more than that.
 */
export const threats = [
  'everyday',
  'food',
  'poultry',
  'respiratory',
  'cold',
  'norovirus',
  'c-difficile',
  'candida-auris',
  'mildew',
  'allergen',
  'blood-spot',
  'blood',
] as const;
export type Against = (typeof threats)[number];

/** The span of in-use strengths that may disinfect, as fractions; absent where none may. */
export interface Span {
  floor: number;
  top: number;
}
