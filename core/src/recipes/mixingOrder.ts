import type { Group } from '../domain/groups.ts';
import { ingredientOf, type IngredientId, type Role } from '../reference/ingredients.ts';

export type OrderReason =
  | 'water-first'
  | 'water-before-foam'
  | 'foam-last'
  | 'dissolve-powder'
  | 'solubilise-first'
  | 'solubilised-before-alcohol'
  | 'alcohol-before-water'
  | 'soap-before-acid'
  | 'fizz-in-open-bowl'
  | 'oil-into-alcohol'
  | 'scent-last'
  | 'wished';

/**
 * `before` is poured earlier than `after`, for a reason. Numbers count the ingredients as given.
 */
export interface Arrow {
  before: number;
  after: number;
  because: OrderReason;
}

export type MixingOrder =
  | { ok: true; steps: number[]; arrows: Arrow[] }
  /** The arrows that run in a circle. */
  | { ok: false; circle: Arrow[] };

const rank: Record<string, number> = {
  water: 0,
  powder: 1,
  solubiliser: 2,
  active: 3,
  other: 4,
  scent: 5,
  foam: 6,
};

/** Arrows as they are found; what already points the other way stands. */
class Arrows {
  readonly all: Arrow[] = [];

  private joins(a: number, b: number): boolean {
    return this.all.some(
      (one) => (one.before === a && one.after === b) || (one.before === b && one.after === a),
    );
  }

  add(before: readonly number[], after: readonly number[], because: OrderReason): void {
    for (const b of before)
      for (const a of after)
        if (a !== b && !this.joins(a, b)) this.all.push({ before: b, after: a, because });
  }
}

/** The rules of pouring as arrows. Source: common practice, no source. */
const arrowsOf = (ids: readonly IngredientId[]): Arrow[] => {
  const all = ids.map((id, i) => ({ i, ...ingredientOf(id) }));
  const of = (test: (one: (typeof all)[number]) => boolean) => all.filter(test).map(({ i }) => i);
  const role = (...roles: Role[]) => of((one) => roles.includes(one.role));
  const group = (name: Group) => of(({ groups }) => groups.includes(name));
  const [water, foam, scent, solubiliser] = [
    role('water'),
    role('foam'),
    role('scent'),
    role('solubiliser'),
  ];
  const alcohol = group('alcohol');
  const solubilised = scent.length > 0 && solubiliser.length > 0;
  const arrows = new Arrows();
  if (solubilised) {
    arrows.add(solubiliser, scent, 'solubilise-first');
    arrows.add(scent, alcohol, 'solubilised-before-alcohol');
    arrows.add([...alcohol, ...(alcohol.length ? [] : scent)], water, 'alcohol-before-water');
  } else if (alcohol.length > 0) arrows.add(alcohol, scent, 'oil-into-alcohol');
  arrows.add(group('soap'), group('acid'), 'soap-before-acid');
  arrows.add(group('carbonate'), group('acid'), 'fizz-in-open-bowl');
  arrows.add(water, foam, 'water-before-foam');
  arrows.add(water, role('powder'), 'dissolve-powder');
  if (!solubilised) arrows.add(water, role('active', 'other'), 'water-first');
  const allBut = (...roles: Role[]) => of((one) => !roles.includes(one.role));
  arrows.add(allBut('foam', 'scent'), foam, 'foam-last');
  if (!solubilised) arrows.add(allBut('scent'), scent, 'scent-last');
  return arrows.all;
};

/**
 * Arrows that are left once everything that can be poured has been, reduced to those that close a
 * circle.
 */
const circleIn = (arrows: Arrow[], left: Set<number>): Arrow[] => {
  let inside = arrows.filter(({ before, after }) => left.has(before) && left.has(after));
  for (;;) {
    const kept = inside.filter(
      ({ before, after }) =>
        inside.some((one) => one.after === before) && inside.some((one) => one.before === after),
    );
    if (kept.length === inside.length) return kept;
    inside = kept;
  }
};

/**
 * In which order to pour: the rules as a partial order with a reason for each arrow, and the wishes
 * of whoever asks (`[before, after]`). Gives one order that keeps them all, or the circle that
 * makes it impossible.
 */
export const mixingOrder = (
  ids: readonly IngredientId[],
  wishes: readonly (readonly [number, number])[] = [],
): MixingOrder => {
  const arrows = [
    ...arrowsOf(ids),
    ...wishes.map(([before, after]): Arrow => ({ before, after, because: 'wished' })),
  ];
  const left = new Set(ids.map((_, i) => i));
  const steps: number[] = [];
  while (left.size > 0) {
    const free = [...left].filter(
      (i) => !arrows.some(({ before, after }) => after === i && left.has(before)),
    );
    const next = free.sort(
      (a, b) => rank[ingredientOf(ids[a]!).role]! - rank[ingredientOf(ids[b]!).role]! || a - b,
    )[0];
    if (next === undefined) return { ok: false, circle: circleIn(arrows, left) };
    left.delete(next);
    steps.push(next);
  }
  return { ok: true, steps, arrows };
};
