import { judgeAir, type Breathing } from '../air/judgeAir.ts';
import { groupsOf } from '../apart/groupsOf.ts';
import { judgeBowl } from '../apart/judgeBowl.ts';
import { productOf } from '../apart/judgeCombination.ts';
import { judgeLabelSurface, judgeMaterial } from '../contact/judgeMaterial.ts';
import { labelContact } from '../contact/labelContact.ts';
import { requiredContact, type Contact } from '../contact/requiredContact.ts';
import type { Application } from '../domain/applications.ts';
import { isGeneric } from '../domain/families.ts';
import type { Against, Goal } from '../domain/goals.ts';
import { activeFacts } from '../families/index.ts';
import type { Home, Room, Stock, Surface } from '../homes/home.ts';
import { labelStrength } from '../homes/label.ts';
import type { HouseRules } from '../reference/houseRules.ts';
import { coats } from '../reference/roomAir.ts';
import type { Judging } from '../verdict/judging.ts';
import type { Reason } from '../verdict/reason.ts';
import { verdictOf } from '../verdict/verdict.ts';
import { judgeSituations } from './judgeSituations.ts';
import { judgeGrowth } from './mildew.ts';
import { filmFloor, predict, roomOfAir, type Prediction } from './predict.ts';
import { breathe } from './breathe.ts';
import { applicationOn } from './application.ts';

/** What is asked of a surface, and with which in-use strength (fraction) of which stock. */
export interface Proposal {
  goal: Goal;
  against: Against;
  stock: Stock;
  strength: number;
  lifts?: boolean;
}

/** Everything a verdict on one surface needs to know around it. */
export interface Where extends Judging {
  surface: Pick<Surface, 'material' | 'food' | 'area' | 'level'>;
  /** m² of mildew in all of the home. */
  growth: number;
  room: Pick<Room, 'ventilation' | 'flame' | 'floorArea' | 'height'>;
  home: Pick<Home, 'situations' | 'clientKeeps'>;
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

/** What the stock itself says: strong enough, not expired, a product as it is sold. */
const stockReasons = ({ stock, strength }: Proposal, now: number): Reason[] => {
  const { active, expiresAt, label } = stock;
  const reasons: Reason[] = [];
  if (strength > stock.strength * (1 + 1e-9)) {
    const figures = { strength, stock: stock.strength, active };
    reasons.push({ code: 'stronger-than-stock', outcome: 'never', figures, source: 'arithmetic' });
  }
  if (expiresAt <= now) {
    const figures = { expiresAt };
    reasons.push({ code: 'stock-expired', outcome: 'never', figures, source: 'product label' });
  }
  if (active === 'registered product' && Math.abs(strength - labelStrength(label)) > 1e-9)
    reasons.push({ code: 'not-as-sold', outcome: 'never', source: 'product label, as entered' });
  return reasons;
};

/** What the evidence, or a product's label, asks of the wait. */
const contactFor = ({ goal, against, stock, strength }: Proposal, rules: HouseRules): Contact =>
  isGeneric(stock.active)
    ? requiredContact({ active: stock.active, strength }, { goal, against }, rules)
    : labelContact(stock.label, goal, against);

/** What the surface says: its material, what waits in the toilet's water, how much has grown. */
const surfaceReasons = (proposal: Proposal, where: Where): Reason[] => {
  const { goal, against, stock, strength, lifts = false } = proposal;
  const { surface, home, rules, book, growth } = where;
  const { family } = activeFacts[stock.active];
  const onMaterial =
    family === 'product'
      ? judgeLabelSurface(surface.material, stock.label, goal)
      : judgeMaterial(surface.material, { family, strength }, goal, rules);
  const product = productOf({ active: stock.active, strength, groups: groupsOf(stock) });
  const inBowl =
    surface.level === 'toilet' ? judgeBowl(product, home.clientKeeps ?? [], lifts, book) : [];
  return [...onMaterial, ...inBowl, ...(against === 'mildew' ? judgeGrowth(growth) : [])];
};

/** Everything that is judged of it before anything is predicted, and how it is put on. */
const judgedBefore = (
  proposal: Proposal,
  where: Where,
): { contact: Contact; reasons: Reason[]; application: Application } => {
  const { against, stock, strength } = proposal;
  const { surface, room, home, rules, now } = where;
  const contact = contactFor(proposal, rules);
  const reasons = [...contact.reasons, ...surfaceReasons(proposal, where)];
  const application = applicationOn(surface, home, reasons);
  const food = surface.food || against === 'food' || against === 'poultry';
  const { family } = activeFacts[stock.active];
  reasons.push(
    ...judgeSituations(
      { family, groups: groupsOf(stock), strength, application },
      { ...room, ...home, food, material: surface.material },
    ),
    ...stockReasons(proposal, now),
  );
  return { contact, reasons, application };
};

/**
 * Whether a stock at an in-use strength can do what is asked of a surface there: the worst of
 * evidence, material, situations, stock, drying and air, with every reason, the seconds it must
 * stay wet, and what it takes.
 */
export const assessSurface = (proposal: Proposal, where: Where): Assessed => {
  const { against, stock, strength } = proposal;
  const { surface, room, home, rules } = where;
  const { active } = stock;
  const { contact, reasons, application } = judgedBefore(proposal, where);
  const once = REACH + PER_SQUARE_METRE * surface.area;
  const rinses = isRinsed(reasons) ? 1 : 0;
  if (verdictOf(reasons).outcome === 'never')
    return { ...contact, ...verdictOf(reasons), effort: once, cost: null };
  // Nobody but its maker knows how a product dries or what it leaves in the air: nothing is
  // predicted of it.
  if (!isGeneric(active)) {
    const cost = costOfCoats(application, surface.area, 1, stock);
    return { ...contact, ...verdictOf(reasons), effort: once * (2 + rinses), cost };
  }
  const { seconds } = contact;
  const inAir = roomOfAir(room, home);
  const floor = filmFloor(active, against, rules);
  const prediction = predict({ active, strength, application }, inAir, floor, seconds);
  const coatsOn = 1 + prediction.rewets.count;
  const treatment = { strength, application, area: surface.area, coatsOn, required: seconds };
  const air = breathe(active, treatment, inAir);
  reasons.push(judgeAir(active, air));
  if (seconds > 0) reasons.push(holdingReason(prediction, seconds));
  return {
    ...contact,
    ...verdictOf(reasons),
    prediction,
    air,
    effort: once * (1 + coatsOn + rinses),
    cost: costOfCoats(application, surface.area * coatsOn, strength / stock.strength, stock),
  };
};
