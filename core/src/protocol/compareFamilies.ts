import { allFamilies, isGeneric, type Family } from '../domain/families.ts';
import type { Outcome } from '../domain/outcome.ts';
import { activeFacts, familyFacts } from '../families/index.ts';
import type { Stock } from '../homes/home.ts';
import { labelStrength } from '../homes/label.ts';
import { materialOf } from '../reference/materials.ts';
import { assessSurface, type Assessed, type Proposal, type Where } from './assessSurface.ts';

/** The strength a stock is used at unless somebody says otherwise: the usual one, or all it has. */
export const usualStrength = ({
  active,
  strength,
  label,
}: Pick<Stock, 'active' | 'strength' | 'label'>): number =>
  isGeneric(active)
    ? Math.min(familyFacts[activeFacts[active].family].usualStrength, strength)
    : labelStrength(label);

const isPowered = ({ surface }: Pick<Where, 'surface'>): boolean =>
  materialOf(surface.material).powered === true;

/** What one family can do for a surface with the best of its stock; no stock, no verdict. */
export interface Compared {
  family: Family;
  stock: Stock;
  strength: number;
  contact: Assessed;
}

const order: Outcome[] = ['use', 'care', 'never'];
/**
 * Efforts this near, s, are the same to whoever does the work. Source: common practice, no source.
 */
const SAME_EFFORT = 10;
/** And costs this near: a cent. */
const SAME_COST = 0.01;

/** What nobody has priced is not thereby cheap: it comes after what is. */
const cheaper = (a: number | null, b: number | null): number =>
  a === null || b === null
    ? Number(a === null) - Number(b === null)
    : Math.round((a - b) / SAME_COST);

/**
 * By the material first: what holds current or is coated takes alcohol on a cloth before anything
 * that stays wet longer.
 */
const ownWay = ({ family }: Compared, powered: boolean): number =>
  powered && family !== 'alcohol' ? 1 : 0;

/**
 * Safety first, then what the material asks for, then effort, then cost; a tie goes to what is
 * carried anyway, then to the least diluting.
 */
const better =
  (carried: ReadonlySet<string>, powered: boolean) =>
  (a: Compared, b: Compared): number =>
    order.indexOf(a.contact.outcome) - order.indexOf(b.contact.outcome) ||
    ownWay(a, powered) - ownWay(b, powered) ||
    Math.round((a.contact.effort - b.contact.effort) / SAME_EFFORT) ||
    cheaper(a.contact.cost, b.contact.cost) ||
    Number(carried.has(b.stock.id)) - Number(carried.has(a.stock.id)) ||
    a.stock.strength / a.strength - b.stock.strength / b.strength;

/**
 * Peroxide, alcohol and vinegar side by side, each from the stock that does best at its usual
 * strength: safest outcome first, then the least effort and cost. In the order of the families,
 * registered products last; a family without stock is left out.
 */
export const compareFamilies = (
  asked: Pick<Proposal, 'goal' | 'against' | 'lifts'>,
  stocks: readonly Stock[],
  where: Where,
  carried: ReadonlySet<string> = new Set(),
): Compared[] =>
  allFamilies.flatMap((family): Compared[] => {
    const all = stocks
      .filter((stock) => activeFacts[stock.active].family === family)
      .map((stock) => {
        const strength = usualStrength(stock);
        return {
          family,
          stock,
          strength,
          contact: assessSurface({ ...asked, stock, strength }, where),
        };
      });
    return all.sort(better(carried, isPowered(where))).slice(0, 1);
  });

/** The one to propose: nothing that is Never, then by the house's order of preference. */
export const bestOf = (
  compared: readonly Compared[],
  { surface }: Pick<Where, 'surface'>,
  carried: ReadonlySet<string> = new Set(),
): Compared | undefined =>
  compared
    .filter(({ contact }) => contact.outcome !== 'never')
    .sort(better(carried, isPowered({ surface })))[0];
