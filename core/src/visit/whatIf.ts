import { paidOf } from './paidOf.ts';
import { planner } from './planVisit.ts';
import type { VisitCleaner, VisitProblem } from './problem.ts';

/** What a visit would take with so many people. Times in s. */
export interface Staffed {
  people: number;
  done: number | undefined;
  paid: number | undefined;
}

/** The same visit with so many people: those there are, then more who are there as the first is. */
export const withPeople = (problem: VisitProblem, people: number): VisitProblem => {
  const [first] = problem.cleaners;
  const more = (k: number): VisitCleaner => ({ ...first!, id: `and-${k}` });
  return {
    ...problem,
    cleaners: Array.from({ length: people }, (_, k) => problem.cleaners[k] ?? more(k)),
  };
};

/** Handing over and paid time with so many people, after so many iterations of a search. */
export const staffed = (problem: VisitProblem, people: number, iterations: number): Staffed => {
  const planning = planner(withPeople(problem, people), { seed: 1, unproven: true });
  planning.run({ iterations, goOn: () => true });
  const plan = planning.plan();
  if (plan.outcome !== 'plan') return { people, done: undefined, paid: undefined };
  return { people, done: plan.done, paid: paidOf(plan.steps) };
};
