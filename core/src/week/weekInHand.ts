import { dayCost } from './dayCost.ts';
import { MOST_CREW, type WeekArrays } from './weekArrays.ts';
import { weights } from './weekCost.ts';
import { DAYS, type WeekVisit } from './week.ts';

/** Who goes where, and in which turn, with what it costs. */
export interface Week {
  crew: Int16Array;
  /** Visits of each day in their turns. */
  order: number[][];
  /** By day; paid by day and person. */
  costs: Float64Array;
  paid: Int32Array;
}

export const copyOf = ({ crew, order, costs, paid }: Week): Week => ({
  crew: crew.slice(),
  order: order.map((one) => one.slice()),
  costs: costs.slice(),
  paid: paid.slice(),
});

/** Visits of each day by when they must be begun. */
export const ordersOf = ({ day, by, from }: WeekArrays, visits: readonly WeekVisit[]): number[][] =>
  Array.from({ length: DAYS }, (_, d) =>
    visits
      .map((_one, v) => v)
      .filter((v) => day[v] === d)
      .sort((a, b) => by[a]! - by[b]! || from[a]! - from[b]! || a - b),
  );

/** Costs of days and of the week, for one way of working it. */
export const sums = (arrays: WeekArrays) => {
  const cost = dayCost(arrays);
  const { people, most } = arrays;
  const ofDay = (week: Week, day: number) => {
    const paid = { into: week.paid, at: day * people };
    week.costs[day] = cost(week.order[day]!, week.crew, day, paid);
  };
  const ofWeek = ({ costs, paid }: Week): number => {
    let sum = 0;
    for (let d = 0; d < DAYS; d += 1) sum += costs[d]!;
    for (let p = 0; p < people; p += 1) {
      let own = 0;
      for (let d = 0; d < DAYS; d += 1) own += paid[d * people + p]!;
      sum += own;
      if (own > most[p]!) sum += weights.misfit + weights.second * (own - most[p]!);
    }
    return sum;
  };
  return { ofDay, ofWeek };
};

/** Whoever costs least goes, one visit after the other. */
export const greedy = (
  arrays: WeekArrays,
  week: Week,
  { ofDay, ofWeek }: ReturnType<typeof sums>,
) => {
  const { people, needed, held } = arrays;
  for (const [day, order] of week.order.entries()) {
    for (const v of order) {
      if (held[v]) continue;
      week.crew.fill(-1, v * MOST_CREW, (v + 1) * MOST_CREW);
      for (let k = 0; k < Math.min(needed[v]!, people); k += 1) {
        let [best, least] = [-1, Infinity];
        for (let p = 0; p < people; p += 1) {
          if (week.crew.subarray(v * MOST_CREW, v * MOST_CREW + k).includes(p)) continue;
          week.crew[v * MOST_CREW + k] = p;
          ofDay(week, day);
          const cost = ofWeek(week);
          if (cost < least) [best, least] = [p, cost];
        }
        week.crew[v * MOST_CREW + k] = best;
      }
    }
    ofDay(week, day);
  }
};
