import { layDay, paidOfRoute, type LaidDay } from './layDay.ts';
import { roadsBetween } from './roads.ts';
import { DAYS, DEPOT, type WeekProblem, type WeekVisit } from './week.ts';

/** What does not fit. By how many s, of whom, and which skill is missing, where that is so. */
export type Misfit =
  | { code: 'nobody'; visit: string; missing: number }
  | { code: 'late'; visit: string; by: number }
  | { code: 'unsigned'; visit: string; person: string }
  | { code: 'unskilled'; visit: string; skill: string }
  | { code: 'off'; visit: string; person: string }
  | { code: 'outside-hours'; day: number; person: string; by: number }
  | { code: 'over-week'; person: string; by: number }
  | { code: 'road-unknown'; day: number; person: string; a: string; b: string };

export type MisfitCode = Misfit['code'];

/** Nobody may go like this; the rest may, and is looked at. */
export const forbids = ({ code }: Misfit): boolean =>
  code === 'nobody' || code === 'unsigned' || code === 'unskilled' || code === 'off';

/** A week as it would be worked: every day, what each is paid, and what does not fit. */
export interface CheckedWeek {
  days: LaidDay[];
  /** s by person. */
  paid: Map<string, number>;
  misfits: Misfit[];
}

const ofCrew = (
  { people }: WeekProblem,
  { id, needs, crew, people: needed, day }: WeekVisit,
): Misfit[] => {
  const going = people.filter((one) => crew.includes(one.id));
  const missing = needed - going.length;
  return [
    ...(missing > 0 ? [{ code: 'nobody', visit: id, missing } as const] : []),
    ...going.flatMap((one): Misfit[] => [
      ...(one.signed ? [] : [{ code: 'unsigned', visit: id, person: one.id } as const]),
      ...(one.hours[day] ? [] : [{ code: 'off', visit: id, person: one.id } as const]),
    ]),
    ...needs
      .filter((skill) => going.length > 0 && !going.some(({ skills }) => skills.includes(skill)))
      .map((skill) => ({ code: 'unskilled', visit: id, skill }) as const),
  ];
};

const ofRoutes = (problem: WeekProblem, { routes }: LaidDay, day: number): Misfit[] => {
  const { said } = roadsBetween(problem.roads);
  return routes.flatMap(({ person, stops, leaves, back }): Misfit[] => {
    const hours = problem.people.find(({ id }) => id === person)?.hours[day];
    const by = hours ? Math.max(hours[0] - leaves, back - hours[1]) : 0;
    const places = [DEPOT, ...stops.map(({ visit }) => visit.homeId), DEPOT];
    return [
      ...(by > 0 ? [{ code: 'outside-hours', day, person, by } as const] : []),
      ...places.slice(1).flatMap((b, k): Misfit[] => {
        const a = places[k]!;
        return said(a, b) === undefined ? [{ code: 'road-unknown', day, person, a, b }] : [];
      }),
    ];
  });
};

/** Lays a whole week out and says all that does not fit, apart from any search. */
export const checkWeek = (problem: WeekProblem): CheckedWeek => {
  const days = Array.from({ length: DAYS }, (_, day) => layDay(problem, day));
  const paid = new Map<string, number>();
  for (const route of days.flatMap(({ routes }) => routes))
    paid.set(route.person, (paid.get(route.person) ?? 0) + paidOfRoute(route));
  const misfits = [
    ...problem.visits.flatMap((visit) => ofCrew(problem, visit)),
    ...days.flatMap(({ stops }) =>
      stops.flatMap(({ visit: { id, by, crew }, start }): Misfit[] =>
        crew.length > 0 && start > by ? [{ code: 'late', visit: id, by: start - by }] : [],
      ),
    ),
    ...days.flatMap((laid, day) => ofRoutes(problem, laid, day)),
    ...problem.people.flatMap(({ id, most }): Misfit[] => {
      const by = (paid.get(id) ?? 0) - most;
      return by > 0 ? [{ code: 'over-week', person: id, by }] : [];
    }),
  ];
  return { days, paid, misfits };
};
