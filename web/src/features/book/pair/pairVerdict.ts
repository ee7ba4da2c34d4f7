import {
  judgeCombination,
  routes,
  worstOf,
  type Bite,
  type Book,
  type Combination,
  type Route,
  type Severity,
} from '@zymostat/core';
import { w } from '../../../words/words.ts';
import { shortName, type Pickable } from '../pickables.ts';

/** Two by every route: how bad each is, the worst of all, and every rule that bites once. */
export const judgePair = (a: Pickable, b: Pickable, book: Book) => {
  const by = new Map<Route, Combination>(
    routes.map((route) => [route, judgeCombination(a.product, b.product, { route }, book)]),
  );
  const all = [...by.values()];
  const bites = new Map<string, Bite>();
  for (const bite of all.flatMap((one) => one.bites))
    if (!bites.has(bite.rule)) bites.set(bite.rule, bite);
  return {
    by,
    worst: worstOf(all.map(({ severity }) => severity)),
    bites: [...bites.values()],
  };
};
export type PairVerdict = ReturnType<typeof judgePair>;

const pairOf = (a: string, b: string): string =>
  a === b
    ? w.say('apart.twoLotsOf', { a: a.toLowerCase() })
    : w.say('apart.and3', { a, b: `${b.charAt(0).toLowerCase()}${b.slice(1)}` });

const mustNot = (pair: string, bottle: Severity, surface: Severity): string | undefined => {
  if (bottle === 'never' && surface === 'never') return w.say('apart.mustNeverMeetInA', { pair });
  if (bottle === 'never') return w.say('apart.mustNeverShareABottle', { pair });
  if (surface === 'never') return w.say('apart.mustNeverMeetOnA', { pair });
  return bottle === 'spoils' || surface === 'spoils'
    ? w.say('apart.spoilEachOther', { pair })
    : undefined;
};

/** The sentence that a pair's sheet begins with. */
export const sayPair = (a: Pickable, b: Pickable, { by, worst }: PairVerdict): string => {
  const pair = pairOf(shortName(a.name), shortName(b.name));
  if (worst === 'fine') return w.say('apart.mayMeet2', { pair });
  if (worst === 'no-rule') return w.say('apart.noRuleIsKnownFor', { pair });
  return (
    mustNot(pair, by.get('vessel')!.severity, by.get('surface')!.severity) ??
    (worst === 'never'
      ? w.say('apart.mustNeverBeKeptOr', { pair })
      : w.say('apart.takeCareWhereTheyAre', { pair }))
  );
};
