import { judgeAir, type Breathing } from '../hazards/judgeAir.ts';
import { figuresOfBite } from '../hazards/judgeCombination.ts';
import { genericActives, isGeneric } from '../reference/families.ts';
import type { HouseRules } from '../reference/houseRules.ts';
import { materials, type Material } from '../reference/materials.ts';
import { rules as reference, type Book } from '../reference/neverCombine.ts';
import { verdictOf, type Reason, type Verdict } from '../verdict.ts';
import { assessSurface } from './assessSurface.ts';
import type { Home, Room, Stock, Surface } from './home.ts';
import { breathe, breatheTogether, type Prediction } from './predict.ts';
import { visitMeetings } from './visitMeetings.ts';

/** What stands between a protocol and its approval, at one surface. */
export interface Objection extends Verdict {
  surfaceId: string;
}

/** Judges one surface as it is set: the full verdict with the seconds it must stay wet. */
export const judgeSetting = (
  surface: Surface,
  around: Omit<Parameters<typeof assessSurface>[1], 'surface'>,
  stocks: readonly Stock[],
): Verdict & { seconds: number; prediction?: Prediction } => {
  const { setting } = surface;
  if (!setting.use) {
    if (setting.goal === 'clean') return { outcome: 'use', reasons: [], seconds: 0 };
    // A porous surface cannot be disinfected with anything: that is a better answer than "nothing chosen".
    const reason: Reason = (materials[surface.material] as Material).porous
      ? { code: 'porous', outcome: 'never', figures: { material: surface.material }, source: 'common practice, no source' }
      : { code: 'stock-missing', outcome: 'never', source: 'the protocol' };
    return { ...verdictOf([reason]), seconds: 0 };
  }
  const stock = stocks.find((one) => one.id === setting.use!.stockId);
  if (!stock) return { ...verdictOf([{ code: 'stock-missing', outcome: 'never', source: 'the shelf' }]), seconds: 0 };
  return assessSurface({ ...setting, stock, strength: setting.use.strength }, { ...around, surface });
};

const addBreathing = (a: Breathing, b: Breathing): Breathing => ({
  shortTerm: a.shortTerm + b.shortTerm, day: a.day + b.day, peak: a.peak + b.peak, explosive: a.explosive + b.explosive, reentry: Math.max(a.reentry, b.reentry),
});

/** Treatments that each fit the room's air may together be too much for it: said at the largest of them. */
export const roomObjections = (room: Room, around: Omit<Parameters<typeof judgeSetting>[1], 'room'>, stocks: readonly Stock[]): Objection[] => {
  const set = room.surfaces.flatMap((surface) => {
    const stock = stocks.find((one) => one.id === surface.setting.use?.stockId);
    const { outcome, prediction, seconds } = judgeSetting(surface, { ...around, room }, stocks);
    return stock && prediction && isGeneric(stock.active) && outcome !== 'never'
      ? [{ surface, active: stock.active, strength: surface.setting.use!.strength, application: prediction.application, area: surface.area, coatsOn: 1 + prediction.rewets.count, required: seconds }]
      : [];
  });
  return genericActives.flatMap((active) => {
    const own = set.filter((one) => one.active === active);
    if (own.length < 2) return [];
    // As if all were put on at once is more than it can be: what fits so needs no closer look.
    const atOnce = own.map(({ strength, application, area, coatsOn, required }) => breathe(active, strength, application, room, area, coatsOn, required)).reduce(addBreathing);
    if (judgeAir(active, atOnce).outcome !== 'never') return [];
    const reason = judgeAir(active, breatheTogether(active, own, room));
    const largest = own.reduce((a, b) => (b.area > a.area ? b : a));
    return reason.outcome === 'never' ? [{ surfaceId: largest.surface.id, ...verdictOf([{ ...reason, code: 'air-together-over-limit' as const, figures: { ...reason.figures, count: own.length } }]) }] : [];
  });
};

/** What meets what it must not in the course of the visit, said at the later of the two. */
export const meetingObjections = (home: Home, stocks: readonly Stock[], book: Book): Objection[] => {
  const nameOf = new Map(home.rooms.flatMap((room) => room.surfaces.map(({ id, name }) => [id, name ?? ''])));
  const accepted = new Set(home.rooms.flatMap((room) => room.surfaces.filter(({ setting }) => setting.accepted).map(({ id }) => id)));
  return visitMeetings(home, stocks, book).flatMap(({ first, second, route, combination, mend }): Objection[] => {
    const outcome = combination.severity === 'never' ? 'never' : 'care';
    if (outcome === 'care' && accepted.has(second)) return [];
    const worst = combination.bites[0]!;
    const reason: Reason = { code: 'meets-in-visit', outcome, figures: { with: nameOf.get(first)!, route, mend: mend.kind, ...figuresOfBite(worst) }, source: worst.source };
    return [{ surfaceId: second, ...verdictOf([reason]) }];
  });
};

/**
 * What in a home's protocol does not hold: every Never, and every Care that nobody has accepted with a reason.
 * Empty when it may be approved. The page and the server both ask this one function.
 */
export const enforce = (home: Home, stocks: readonly Stock[], rules: HouseRules, now: number, book: Book = reference): Objection[] => [
  ...home.rooms.flatMap((room) => [
    ...room.surfaces.flatMap((surface) => {
      const { outcome, reasons } = judgeSetting(surface, { room, home, rules, now, book }, stocks);
      if (outcome === 'use') return [];
      if (outcome === 'care' && surface.setting.accepted) return [];
      const open: Reason[] = outcome === 'care' ? [{ code: 'care-not-accepted', outcome, source: 'the protocol' }, ...reasons] : reasons;
      return [{ surfaceId: surface.id, ...verdictOf(open) }];
    }),
    ...roomObjections(room, { home, rules, now, book }, stocks),
  ]),
  ...meetingObjections(home, stocks, book),
];
