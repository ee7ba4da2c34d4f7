import { MOST_CREW, type WeekArrays } from './weekArrays.ts';
import { DAYS } from './week.ts';
import { weights } from './weekCost.ts';

const { forbidden, misfit, second, strange } = weights;

const bitsIn = (bits: number): number => {
  let count = 0;
  for (let left = bits; left !== 0; left &= left - 1) count += 1;
  return count;
};

/**
 * What a day costs besides what its people are paid over the week: `weekCost` of that day, by
 * numbers. `paid` is written at `paidAt`, a place for each person.
 */
export const dayCost = (week: WeekArrays) => {
  const { people, depot, places, road, lasts, home, from, by, needed } = week;
  const { begins, ends, signed, can, needs, known } = week;
  const free = new Int32Array(people);
  const where = new Int16Array(people);
  const leaves = new Int32Array(people);

  /** Who goes, in the first places of it. */
  const going = new Int16Array(MOST_CREW);
  const gather = (crew: Int16Array, v: number): number => {
    let count = 0;
    for (let k = 0; k < MOST_CREW; k += 1) {
      const p = crew[v * MOST_CREW + k]!;
      if (p >= 0) going[count++] = p;
    }
    return count;
  };

  /** What is wrong with who goes, whatever the time. */
  const ofCrew = (v: number, count: number, day: number): number => {
    let cost = count < needed[v]! ? forbidden * (needed[v]! - count) : 0;
    if (count === 0) return cost;
    let lacks = needs[v]!;
    let familiar = false;
    for (let k = 0; k < count; k += 1) {
      const p = going[k]!;
      if (!signed[p]) cost += forbidden;
      if (ends[p * DAYS + day]! < 0) cost += forbidden;
      lacks &= ~can[p]!;
      if (known[home[v]! * people + p]) familiar = true;
    }
    return cost + forbidden * bitsIn(lacks) + (familiar ? 0 : strange);
  };

  const work = (v: number, count: number): number => {
    const h = home[v]!;
    let start = from[v]!;
    for (let k = 0; k < count; k += 1) {
      const p = going[k]!;
      const ready = free[p]! + road[where[p]! * places + h]!;
      if (ready > start) start = ready;
    }
    const end = start + lasts[h * MOST_CREW + count - 1]!;
    for (let k = 0; k < count; k += 1) {
      const p = going[k]!;
      if (where[p] === depot) leaves[p] = start - road[depot * places + h]!;
      free[p] = end;
      where[p] = h;
    }
    return start > by[v]! ? misfit + second * (start - by[v]!) : 0;
  };

  return (
    order: ArrayLike<number>,
    crew: Int16Array,
    day: number,
    paid: { into: Int32Array; at: number },
  ): number => {
    let sum = 0;
    where.fill(depot);
    for (let p = 0; p < people; p += 1) free[p] = begins[p * DAYS + day]!;
    for (let k = 0; k < order.length; k += 1) {
      const v = order[k]!;
      const count = gather(crew, v);
      sum += ofCrew(v, count, day);
      if (count > 0) sum += work(v, count);
    }
    for (let p = 0; p < people; p += 1) {
      paid.into[paid.at + p] = 0;
      if (where[p] === depot) continue;
      const back = free[p]! + road[where[p]! * places + depot]!;
      paid.into[paid.at + p] = back - leaves[p]!;
      const end = ends[p * DAYS + day]!;
      const over = end < 0 ? 0 : Math.max(begins[p * DAYS + day]! - leaves[p]!, back - end);
      if (over > 0) sum += misfit + second * over;
    }
    return sum;
  };
};
