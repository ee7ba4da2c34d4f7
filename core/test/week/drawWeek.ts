import { seeded } from '../../src/units/random.ts';
import { DEPOT, type WeekProblem } from '../../src/index.ts';

export interface WeekDrawn {
  people: number;
  homes: number;
  visits: number;
  days?: number;
  crew?: number;
}

/** A made-up week: homes on a map, roads between all, people with hours, visits with windows. */
export const drawWeek = (seed: number, drawn: WeekDrawn): WeekProblem => {
  const next = seeded(seed);
  const between = (low: number, high: number) => low + Math.floor(next() * (high - low + 1));
  const homes = Array.from({ length: drawn.homes }, (_, h) => `h${h}`);
  const places = [DEPOT, ...homes].map((id) => ({ id, x: next() * 1800, y: next() * 1800 }));
  const ids = Array.from({ length: drawn.people }, (_, p) => `p${p}`);
  return {
    people: ids.map((id) => ({
      id,
      hours: Array.from({ length: 7 }, (_, d) =>
        d < 5 && next() < 0.95 ? ([7 * 3600, 17 * 3600] as const) : null,
      ),
      most: between(18, 38) * 3600,
      skills: next() < 0.4 ? ['dog'] : [],
      signed: next() < 0.92,
    })),
    homes: homes.map((id) => ({
      id,
      lasts: [between(3000, 8000), between(2000, 3000)],
      knownTo: ids.filter(() => next() < 0.4),
    })),
    visits: Array.from({ length: drawn.visits }, (_, v) => {
      const from = between(7, 14) * 3600;
      return {
        id: `v${v}`,
        homeId: homes[v % homes.length]!,
        day: v % (drawn.days ?? 5),
        from,
        by: from + between(1, 6) * 1800,
        people: Math.min(drawn.crew ?? 2, next() < 0.6 ? 1 : 2),
        needs: next() < 0.15 ? ['dog'] : [],
        crew: [],
        at: 0,
        held: false,
      };
    }),
    roads: places.flatMap((a, k) =>
      places.slice(k + 1).map((b) => ({
        a: a.id,
        b: b.id,
        seconds: 60 + Math.round(Math.hypot(a.x - b.x, a.y - b.y)),
      })),
    ),
  };
};
