import {
  baselines,
  nearestPlace,
  planner,
  solutionWays,
  staffed,
  type PlanStep,
  type SolutionWay,
  type Staffed,
  type StepPlace,
  type VisitPlan,
  type VisitProblem,
  type WaysAsked,
} from '@zymostat/core';
import { expose } from 'comlink';

/** How long it searches, and how often it tells what it has, ms. */
const LONGEST_MS = 8000;
const TELL_MS = 120;
const MOST_PEOPLE = 4;
const ITERATIONS_ASIDE = 3000;

/** Let go, so that what was told is sent. */
const rest = () => new Promise((later) => setTimeout(later));

/** A plan so far, and whether it is searched on. */
export interface Planned {
  plan: VisitPlan;
  inPlace: number | undefined;
  searching: boolean;
}

/** A way to treat the home, and what it takes once that is known. */
export type WayPlanned = Omit<SolutionWay, 'problem'> & { planned?: Staffed };

const worker = {
  plan: async (problem: VisitProblem, tell: (planned: Planned) => void): Promise<void> => {
    const { inPlace } = baselines(problem);
    const planning = planner(problem, { seed: 1 });
    const begun = performance.now();
    let slice = TELL_MS;
    for (let over = false; !over; await rest()) {
      const until = performance.now() + slice;
      const goOn = () => performance.now() < until;
      over = planning.run({ iterations: Number.MAX_SAFE_INTEGER, goOn });
      over ||= performance.now() - begun > LONGEST_MS;
      // Why nothing fits is worked out within one slice: the next one is longer.
      if (planning.plan().outcome === 'undecided') slice *= 2;
      tell({ plan: planning.plan(), inPlace, searching: !over });
    }
  },
  withPeople: async (problem: VisitProblem, tell: (rows: Staffed[]) => void): Promise<void> => {
    const rows: Staffed[] = [];
    for (let people = 1; people <= MOST_PEOPLE; people += 1) {
      rows.push(staffed(problem, people, ITERATIONS_ASIDE));
      tell([...rows]);
      await rest();
    }
  },
  /** The same visit with each other solution that holds, one after the other. */
  withSolutions: async (asked: WaysAsked, tell: (rows: WayPlanned[]) => void): Promise<void> => {
    const ways = solutionWays(asked);
    const rows: WayPlanned[] = ways.map(({ change, liquid }) => ({ change, liquid }));
    tell([...rows]);
    for (const [k, { problem }] of ways.entries()) {
      const planned = staffed(problem, problem.cleaners.length, ITERATIONS_ASIDE);
      rows[k] = { ...rows[k]!, planned };
      tell([...rows]);
      await rest();
    }
  },
  nearest: (
    problem: VisitProblem,
    steps: PlanStep[],
    at: number,
    wanted: StepPlace,
  ): StepPlace | undefined => nearestPlace(problem, steps, at, wanted),
};
export type PlannerWorker = typeof worker;
expose(worker);
