import { labelContact, labelStrength } from '../contact/labelContact.ts';
import {
  requiredContact,
  type Against,
  type Contact,
  type Goal,
} from '../contact/requiredContact.ts';
import { groupsOf } from '../hazards/groupsOf.ts';
import { judgeBowl } from '../hazards/judgeBowl.ts';
import { productOf } from '../hazards/judgeCombination.ts';
import { judgeSituations } from '../hazards/judgeSituations.ts';
import { judgeAir, type Breathing } from '../hazards/judgeAir.ts';
import { activeFacts, isGeneric } from '../reference/families.ts';
import type { Book } from '../reference/neverCombine.ts';
import type { HouseRules } from '../reference/houseRules.ts';
import { coats, type Application } from '../reference/roomAir.ts';
import { judgeLabelSurface, judgeMaterial } from '../surfaces/judgeMaterial.ts';
import { verdictOf, type Reason } from '../verdict.ts';
import { materialOf } from '../reference/materials.ts';
import type { Home, Room, Setting, Stock, Surface } from './home.ts';
import { judgeGrowth } from './mildew.ts';
import { breathe, filmFloor, predict, roomOfAir, type Prediction } from './predict.ts';

/** What is asked of a surface, and with which in-use strength (fraction) of which stock. */
export interface Proposal {
  goal: Goal;
  against: Against;
  stock: Stock;
  strength: number;
  lifts?: boolean;
}

/** Everything a verdict on one surface needs to know around it; `now` in ms since 1970. */
export interface Where {
  surface: Pick<Surface, 'material' | 'food' | 'area' | 'level'>;
  /** m² of mildew in all of the home. */
  growth: number;
  room: Pick<Room, 'ventilation' | 'flame' | 'floorArea' | 'height'>;
  home: Pick<Home, 'situations' | 'clientKeeps'>;
  rules: HouseRules;
  /** The rules of what must not meet, with the company's own. */
  book: Book;
  now: number;
}

/**
 * A verdict with what will happen there: how a coat holds, and what it leaves in the air. Nothing
 * is predicted of what is Never anyway.
 */
export interface Assessed extends Contact {
  prediction?: Prediction;
  air?: Breathing;
  /**
   * Hands-on s from the first coat to the last wipe or rinse, and what it costs; nothing where
   * nobody has priced the stock.
   */
  effort: number;
  cost: number | null;
}

/**
 * Hands-on s for once over a surface: reaching it, and each m² of it. Source: common practice, no
 * source.
 */
const REACH = 10;
const PER_SQUARE_METRE = 30;
const REWET_TOO_FAST = 30;

const RINSES = new Set([
  'rinse-after',
  'rinse-for-food',
  'infant-rinse',
  'toddler-rinse',
  'cat-rinse',
  'dog-rinse',
]);
const isRinsed = (reasons: readonly Reason[]) => reasons.some(({ code }) => RINSES.has(code));

/** Whether food touches it, or will. */
export const isFoodSurface = ({
  food,
  setting,
}: Pick<Surface, 'food'> & { setting: Pick<Setting, 'against'> }): boolean =>
  food || setting.against === 'food' || setting.against === 'poultry';

/**
 * By cloth where the material wants it or somebody there must not breathe a spray; else sprayed.
 */
export const applicationOn = (
  { material }: Pick<Surface, 'material'>,
  { situations }: Pick<Home, 'situations'>,
  reasons: readonly Reason[],
): Application => {
  const byCloth =
    situations.includes('asthma') ||
    materialOf(material).powered === true ||
    reasons.some(({ code }) => code === 'cloth-only');
  return byCloth ? 'cloth' : 'spray';
};

/** What coats on `area` m² cost of a stock that is `part` of what is put on. */
const costOfCoats = (
  application: Application,
  area: number,
  part: number,
  { pricePerLitre }: Stock,
): number | null =>
  pricePerLitre == null ? null : coats[application] * area * 1000 * part * pricePerLitre;

/** Whether one coat holds, by the model. */
const holdingReason = ({ holds, rewets }: Prediction, required: number): Reason => {
  const figures = { holds, required, count: rewets.count, every: rewets.every };
  const source = 'drying model, an estimate';
  if (rewets.count === 0) return { code: 'one-coat-holds', outcome: 'use', figures, source };
  return rewets.every < REWET_TOO_FAST
    ? { code: 'dries-too-fast', outcome: 'care', figures, source }
    : { code: 'rewets-needed', outcome: 'use', figures, source };
};

/**
 * Whether a stock at an in-use strength can do what is asked of a surface there: the worst of
 * evidence, material, situations, stock, drying and air, with every reason, the seconds it must
 * stay wet, and what it takes.
 */
export const assessSurface = (
  { goal, against, stock, strength, lifts = false }: Proposal,
  where: Where,
): Assessed => {
  const { surface, room, home, rules, now, book, growth } = where;
  const { active } = stock;
  const { family } = activeFacts[active];
  const contact = isGeneric(active)
    ? requiredContact(active, strength, goal, against, rules)
    : labelContact(stock.label, goal, against);
  const food = surface.food || against === 'food' || against === 'poultry';
  const reasons: Reason[] = [
    ...contact.reasons,
    ...(family === 'product'
      ? judgeLabelSurface(surface.material, stock.label, goal)
      : judgeMaterial(surface.material, family, strength, goal, rules)),
    ...(surface.level === 'toilet'
      ? judgeBowl(
          productOf({ active, strength, groups: groupsOf(stock) }),
          home.clientKeeps ?? [],
          lifts,
          book,
        )
      : []),
  ];
  if (against === 'mildew') reasons.push(...judgeGrowth(growth));
  const application = applicationOn(surface, home, reasons);
  reasons.push(
    ...judgeSituations(
      { family, groups: groupsOf(stock), strength, application },
      { ...room, ...home, food, material: surface.material },
    ),
  );
  if (strength > stock.strength * (1 + 1e-9)) {
    reasons.push({
      code: 'stronger-than-stock',
      outcome: 'never',
      figures: { strength, stock: stock.strength, active },
      source: 'arithmetic',
    });
  }
  if (stock.expiresAt <= now)
    reasons.push({
      code: 'stock-expired',
      outcome: 'never',
      figures: { expiresAt: stock.expiresAt },
      source: 'product label',
    });

  const once = REACH + PER_SQUARE_METRE * surface.area;
  if (active === 'registered product' && Math.abs(strength - labelStrength(stock.label)) > 1e-9)
    reasons.push({ code: 'not-as-sold', outcome: 'never', source: 'product label, as entered' });
  if (verdictOf(reasons).outcome === 'never')
    return { ...contact, ...verdictOf(reasons), effort: once, cost: null };
  // Nobody but its maker knows how a product dries or what it leaves in the air: nothing is
  // predicted of it.
  if (!isGeneric(active))
    return {
      ...contact,
      ...verdictOf(reasons),
      effort: once * (2 + (isRinsed(reasons) ? 1 : 0)),
      cost: costOfCoats(application, surface.area, 1, stock),
    };
  const inAir = roomOfAir(room, home);
  const prediction = predict(
    active,
    strength,
    application,
    inAir,
    filmFloor(active, against, rules),
    contact.seconds,
  );
  const all = 1 + prediction.rewets.count;
  const air = breathe(active, strength, application, inAir, surface.area, all, contact.seconds);
  reasons.push(judgeAir(active, air));
  if (contact.seconds > 0) reasons.push(holdingReason(prediction, contact.seconds));
  return {
    ...contact,
    ...verdictOf(reasons),
    prediction,
    air,
    effort: once * (1 + all + (isRinsed(reasons) ? 1 : 0)),
    cost: costOfCoats(application, surface.area * all, strength / stock.strength, stock),
  };
};
