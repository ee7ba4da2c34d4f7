import { ingredientOf, type IngredientId } from '../reference/ingredients.ts';

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

/** The rules of pouring as arrows. Source: common practice, no source. */
const arrowsOf = (ids: readonly IngredientId[]): Arrow[] => {
  const all = ids.map((id, i) => ({ i, ...ingredientOf(id) }));
  const of = (test: (one: (typeof all)[number]) => boolean) => all.filter(test).map(({ i }) => i);
  const in_ = (group: string) => of(({ groups }) => (groups as readonly string[]).includes(group));
  const [water, foam, scent, solubiliser] = [
    of(({ role }) => role === 'water'),
    of(({ role }) => role === 'foam'),
    of(({ role }) => role === 'scent'),
    of(({ role }) => role === 'solubiliser'),
  ];
  const [alcohol, acid, carbonate, soap] = [
    in_('alcohol'),
    in_('acid'),
    in_('carbonate'),
    in_('soap'),
  ];
  const arrows: Arrow[] = [];
  const add = (before: number[], after: number[], because: OrderReason) => {
    for (const b of before)
      for (const a of after)
        if (
          a !== b &&
          !arrows.some(
            (one) => (one.before === a && one.after === b) || (one.before === b && one.after === a),
          )
        )
          arrows.push({ before: b, after: a, because });
  };
  const solubilised = scent.length > 0 && solubiliser.length > 0;
  if (solubilised) {
    add(solubiliser, scent, 'solubilise-first');
    add(scent, alcohol, 'solubilised-before-alcohol');
    add([...alcohol, ...(alcohol.length ? [] : scent)], water, 'alcohol-before-water');
  } else if (alcohol.length > 0) add(alcohol, scent, 'oil-into-alcohol');
  add(soap, acid, 'soap-before-acid');
  add(carbonate, acid, 'fizz-in-open-bowl');
  add(water, foam, 'water-before-foam');
  add(
    water,
    of(({ role }) => role === 'powder'),
    'dissolve-powder',
  );
  if (!solubilised)
    add(
      water,
      of(({ role }) => role === 'active' || role === 'other'),
      'water-first',
    );
  add(
    of(({ role }) => role !== 'foam' && role !== 'scent'),
    foam,
    'foam-last',
  );
  if (!solubilised)
    add(
      of(({ role }) => role !== 'scent'),
      scent,
      'scent-last',
    );
  return arrows;
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
