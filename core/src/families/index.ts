import type { Active, Family, GenericActive, GenericFamily } from '../domain/families.ts';
import type { Against, Span } from '../domain/goals.ts';
import type { Group } from '../domain/groups.ts';
import type { HouseRules } from '../reference/houseRules.ts';
import type { Basis } from '../units/strength.ts';
import { alcohol } from './alcohol.ts';
import type { AnyFamily, GenericActiveFacts, Keeping } from './family.ts';
import { peroxide } from './peroxide.ts';
import { vinegar } from './vinegar.ts';

/** Every family, each from its own file. */
export const familyFacts: Record<GenericFamily, AnyFamily> = { peroxide, alcohol, vinegar };

/** Every active that the tables know. */
export const genericFacts: Record<GenericActive, GenericActiveFacts> = {
  ...peroxide.actives,
  ...alcohol.actives,
  ...vinegar.actives,
};

const familyOf = (active: GenericActive): GenericFamily =>
  Object.values(familyFacts).find(({ actives }) => active in actives)!.family;

interface Facts<F extends Family> {
  family: F;
  basis: Basis;
  group: Group;
}

const factsOf = (active: GenericActive): Facts<GenericFamily> => {
  const { basis, group } = genericFacts[active];
  return { family: familyOf(active), basis, group };
};

/**
 * Which family an active belongs to, in which basis its strength is given, and its reactive group;
 * a product's groups are its label's.
 */
export const activeFacts = {
  ...(Object.fromEntries(
    (Object.keys(genericFacts) as GenericActive[]).map((active) => [active, factsOf(active)]),
  ) as Record<GenericActive, Facts<GenericFamily>>),
  'registered product': { family: 'product', basis: 'w/v', group: 'unknown' },
} as const satisfies Record<Active, Facts<Family>>;

/** The facts of an active's family; nothing of a registered product, which goes by its label. */
export const factsOfFamily = (family: Family): AnyFamily | undefined =>
  family === 'product' ? undefined : familyFacts[family];

/** The span in which an active may disinfect against something under the house rules, if any. */
export const disinfectingSpan = (
  active: Active,
  against: Against,
  rules: HouseRules,
): Span | undefined =>
  factsOfFamily(activeFacts[active].family)?.disinfecting?.span(against, rules);

/** The widest span in which a batch may be of use to disinfect: against something at least. */
export const widestSpan = (active: Active, rules: HouseRules): Span | undefined =>
  disinfectingSpan(active, 'respiratory', rules);

/** How long a bottled batch keeps: strength as a fraction; `diluted`: water went in. */
export const shelfLife = (family: Family, strength: number, diluted: boolean): Keeping =>
  factsOfFamily(family)?.keeping(strength, diluted) ?? {
    seconds: 365 * 86_400,
    because: 'by-its-date',
    source: 'common practice, no source: by date, else a year',
  };
