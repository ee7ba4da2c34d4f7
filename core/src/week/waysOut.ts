import { checkWeek, type Misfit } from './checkWeek.ts';
import { paidInAll, weekCost } from './weekCost.ts';
import type { WeekProblem, WeekVisit } from './week.ts';

/** Another way to work one visit: who would go, and what it costs more, paid s. */
export interface WayOut {
  visit: WeekVisit;
  /** Who would go instead of whom; whom: nobody where somebody is added. */
  instead: { who: string; of: string | null };
  costs: number;
  /** Whether anything does not fit with it. */
  fits: boolean;
}

const MOST_WAYS = 3;

/** Which visit a misfit is about; where it is about somebody's day or week, none. */
export const visitOf = (misfit: Misfit): string | undefined =>
  'visit' in misfit ? misfit.visit : undefined;

const crewsFor = ({ people }: WeekProblem, { crew, people: needed }: WeekVisit) =>
  people
    .filter(({ id }) => !crew.includes(id))
    .flatMap(({ id }) => [
      ...(crew.length < needed ? [{ who: id, of: null, crew: [...crew, id] }] : []),
      ...crew.map((of) => ({ who: id, of, crew: crew.map((one) => (one === of ? id : one)) })),
    ]);

/**
 * Ways to work a visit by one other person, nothing else being moved: those first that leave least
 * that does not fit and cost least. Only such as are better than how it stands.
 */
export const waysOut = (problem: WeekProblem, visitId: string): WayOut[] => {
  const visit = problem.visits.find(({ id }) => id === visitId);
  if (!visit) return [];
  const now = { cost: weekCost(problem), paid: paidInAll(checkWeek(problem)) };
  const withCrew = (crew: readonly string[]): WeekProblem => ({
    ...problem,
    visits: problem.visits.map((one) => (one === visit ? { ...one, crew, held: true } : one)),
  });
  return crewsFor(problem, visit)
    .map(({ crew, who, of }) => ({ other: withCrew(crew), crew, instead: { who, of } }))
    .map((way) => ({ ...way, cost: weekCost(way.other) }))
    .filter(({ cost }) => cost < now.cost)
    .sort((a, b) => a.cost - b.cost)
    .slice(0, MOST_WAYS)
    .map(({ other, crew, instead }) => {
      const checked = checkWeek(other);
      return {
        visit: { ...visit, crew, held: true },
        instead,
        costs: paidInAll(checked) - now.paid,
        fits: !checked.misfits.some((one) => visitOf(one) === visitId),
      };
    });
};
