import type { GenericActive } from '../domain/families.ts';
import { activeFacts, familyFacts } from '../families/index.ts';
import type { HouseRules } from '../reference/houseRules.ts';

/** USP's lower limit of 3 % peroxide is 2.5 % (memory); taken in proportion for what is not. */
const DISCARD_SHARE = 2.5 / 3;

/** Under what a container is thrown away, a fraction: nor weaker than what counts on a surface. */
export const stockFloor = (active: GenericActive, declared: number, rules: HouseRules): number => {
  const share = declared * DISCARD_SHARE;
  const counts = familyFacts[activeFacts[active].family].filmFloor('everyday', rules);
  return counts < declared ? Math.max(share, counts) : share;
};
