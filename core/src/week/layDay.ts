import { roadsBetween } from './roads.ts';
import { DEPOT, lastsWith, type WeekProblem, type WeekVisit } from './week.ts';

/** A visit in the day of those who go there, s since midnight. */
export interface Stop {
  visit: WeekVisit;
  /** When everybody who goes is there and it may begin, and when it is over. */
  start: number;
  end: number;
}

/** One person's day: out of the depot, from stop to stop, and back. */
export interface DayRoute {
  person: string;
  leaves: number;
  stops: (Stop & { arrives: number })[];
  back: number;
}

export interface LaidDay {
  stops: Stop[];
  routes: DayRoute[];
}

const inTurn = (a: WeekVisit, b: WeekVisit): number =>
  a.at - b.at || a.from - b.from || (a.id < b.id ? -1 : 1);

/**
 * A day as it would be worked: each visit in its turn, begun once all who go are there, and not
 * before it may. Who is off that day sets out at midnight: it is told elsewhere.
 */
export const layDay = (problem: WeekProblem, day: number): LaidDay => {
  const { counted } = roadsBetween(problem.roads);
  const home = new Map(problem.homes.map((one) => [one.id, one]));
  const routes = new Map<string, DayRoute>();
  const free = new Map<string, number>();
  const where = new Map<string, string>();
  const sets = new Map(problem.people.map(({ id, hours }) => [id, hours[day]?.[0] ?? 0]));
  const readyAt = (who: string, homeId: string): number =>
    (free.get(who) ?? sets.get(who) ?? 0) + counted(where.get(who) ?? DEPOT, homeId);
  const stops: Stop[] = [];
  for (const visit of problem.visits.filter((one) => one.day === day).sort(inTurn)) {
    const { homeId, crew, from } = visit;
    const start = Math.max(from, ...crew.map((who) => readyAt(who, homeId)));
    const end = start + lastsWith(home.get(homeId)!, crew.length);
    stops.push({ visit, start, end });
    for (const who of crew) {
      const leaves = start - counted(DEPOT, homeId);
      const route = routes.get(who) ?? { person: who, leaves, stops: [], back: 0 };
      route.stops.push({ visit, start, end, arrives: Math.min(start, readyAt(who, homeId)) });
      route.back = end + counted(homeId, DEPOT);
      routes.set(who, route);
    }
    for (const who of crew) {
      free.set(who, end);
      where.set(who, homeId);
    }
  }
  // Whoever waits before the first visit sets out later instead.
  for (const route of routes.values()) route.stops[0]!.arrives = route.stops[0]!.start;
  return { stops, routes: [...routes.values()] };
};

/** What a day of somebody's is paid, s: from setting out to coming back. */
export const paidOfRoute = ({ leaves, back }: DayRoute): number => back - leaves;
