import type { Contact } from '../contact/requiredContact.ts';
import { activeFacts, families, type Active, type Family } from '../reference/families.ts';
import type { Outcome } from '../verdict.ts';
import { assessSurface, type Proposal, type Where } from './assessSurface.ts';
import type { Stock } from './home.ts';

/** In-use strengths the trade works at, as fractions. Source: common practice, no source. */
const usual: Record<Family, number> = { peroxide: 0.03, alcohol: 0.7, vinegar: 0.05 };

/** The strength a stock is used at unless somebody says otherwise: the usual one, or all it has. */
export const usualStrength = (active: Active, stockStrength: number): number => Math.min(usual[activeFacts[active].family], stockStrength);

/** What one family can do for a surface with the best of its stock; no stock, no verdict. */
export interface Compared {
  family: Family;
  stock: Stock;
  strength: number;
  contact: Contact;
}

const order: Outcome[] = ['use', 'care', 'never'];
const better = (a: Compared, b: Compared): number =>
  order.indexOf(a.contact.outcome) - order.indexOf(b.contact.outcome) || a.stock.strength / a.strength - b.stock.strength / b.strength;

/**
 * Peroxide, alcohol and vinegar side by side, each from the stock that does best at its usual strength: safest
 * outcome first, then the least diluting. In the order of the families; a family without stock is left out.
 */
export const compareFamilies = (asked: Pick<Proposal, 'goal' | 'against'>, stocks: readonly Stock[], where: Where): Compared[] =>
  families.flatMap((family) => {
    const all = stocks
      .filter((stock) => activeFacts[stock.active].family === family)
      .map((stock) => {
        const strength = usualStrength(stock.active, stock.strength);
        return { family, stock, strength, contact: assessSurface({ ...asked, stock, strength }, where) };
      });
    return all.sort(better).slice(0, 1);
  });

/** The one to propose: nothing that is Never, Use before Care, and the first family of the same outcome. */
export const bestOf = (compared: readonly Compared[]): Compared | undefined =>
  [...compared].filter(({ contact }) => contact.outcome !== 'never').sort((a, b) => order.indexOf(a.contact.outcome) - order.indexOf(b.contact.outcome))[0];
