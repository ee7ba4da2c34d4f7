import { requiredContact, type Against, type Contact, type Goal } from '../contact/requiredContact.ts';
import { judgeSituations } from '../hazards/judgeSituations.ts';
import { activeFacts } from '../reference/families.ts';
import type { HouseRules } from '../reference/houseRules.ts';
import { judgeMaterial } from '../surfaces/judgeMaterial.ts';
import { verdictOf, type Reason } from '../verdict.ts';
import type { Home, Room, Stock, Surface } from './home.ts';

/** What is asked of a surface, and with which in-use strength (fraction) of which stock. */
export interface Proposal {
  goal: Goal;
  against: Against;
  stock: Stock;
  strength: number;
}

/** Everything a verdict on one surface needs to know around it; `now` in ms since 1970. */
export interface Where {
  surface: Pick<Surface, 'material' | 'food'>;
  room: Pick<Room, 'ventilation' | 'flame'>;
  home: Pick<Home, 'situations'>;
  rules: HouseRules;
  now: number;
}

/**
 * Whether a stock at an in-use strength can do what is asked of a surface there: the worst of evidence,
 * material, situations and stock, with every reason and the seconds it must stay wet.
 */
export const assessSurface = ({ goal, against, stock, strength }: Proposal, where: Where): Contact => {
  const { family } = activeFacts[stock.active];
  const contact = requiredContact(stock.active, strength, goal, against, where.rules);
  const reasons: Reason[] = [
    ...contact.reasons,
    ...judgeMaterial(where.surface.material, family, goal),
    ...judgeSituations(family, { ...where.room, ...where.home, food: where.surface.food }),
  ];
  if (strength > stock.strength * (1 + 1e-9)) {
    reasons.push({ code: 'stronger-than-stock', outcome: 'never', figures: { strength, stock: stock.strength, active: stock.active }, source: 'arithmetic' });
  }
  if (stock.expiresAt <= where.now) reasons.push({ code: 'stock-expired', outcome: 'never', figures: { expiresAt: stock.expiresAt }, source: 'product label' });
  return { ...contact, ...verdictOf(reasons) };
};
