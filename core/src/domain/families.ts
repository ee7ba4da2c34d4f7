/** The families that the evidence tables speak of. */
export const families = ['peroxide', 'alcohol', 'vinegar'] as const;
export type GenericFamily = (typeof families)[number];
/** A registered product goes by its own label. */
export type Family = GenericFamily | 'product';
export const allFamilies = [...families, 'product'] as const satisfies Family[];

export const genericActives = [
  'hydrogen peroxide',
  'ethanol',
  '2-propanol',
  'acetic acid',
] as const;
export type GenericActive = (typeof genericActives)[number];
export const actives = [...genericActives, 'registered product'] as const;
export type Active = (typeof actives)[number];

/** Whether the tables and models know it; a registered product's label does instead. */
export const isGeneric = (active: Active): active is GenericActive =>
  active !== 'registered product';
