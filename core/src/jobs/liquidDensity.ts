import type { GenericActive } from '../domain/families.ts';
import { basisOf } from '../film/filmAir.ts';
import { alcoholDensity, alcoholOf } from '../solutions/alcohol.ts';
import { wateryDensity } from '../solutions/stockContent.ts';

/** kg/m³ of an active in water at a strength in its basis, at 20 °C. Source: OIML R 22; tables. */
export const liquidDensity = (active: GenericActive, strength: number): number => {
  const p = basisOf(active).toWeight(strength);
  const alcohol = alcoholOf(active);
  return alcohol ? alcoholDensity(alcohol, p) : wateryDensity(active, p);
};
