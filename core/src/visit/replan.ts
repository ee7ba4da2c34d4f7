import type { Breach } from './breach.ts';
import { checkPlan, doneAt } from './checkPlan.ts';
import { leftNow, type Moment } from './leftNow.ts';
import { planner, type Budget } from './planVisit.ts';
import type { PlanStep, VisitCleaner, VisitProblem } from './problem.ts';

/** A plan that is under way: what it was planned from, its steps, and how it stands now. */
export interface UnderWay {
  problem: VisitProblem;
  steps: readonly PlanStep[];
  moment: Moment;
  /** Who goes on, by their ids. */
  here: readonly string[];
}

/** The rest of a visit, planned anew: its problem with who goes on, its steps, when it is over. */
export interface Replanned {
  problem: VisitProblem;
  steps: PlanStep[];
  done: number;
}

/** Nobody is planned for longer than this from now, s: a day's work. */
const DAY = 28_800;

/** Those who go on work from now; whoever joined is there from now on. */
const whoGoesOn = ({ problem, here, moment: { now } }: UnderWay): VisitCleaner[] =>
  here.map((id) => {
    const planned = problem.cleaners.find((one) => one.id === id);
    return planned
      ? { ...planned, to: Math.max(planned.to, now + 1) }
      : { id, from: now, to: now + DAY };
  });

const isOneOf = (steps: readonly PlanStep[], { treatment, step, start }: PlanStep): boolean =>
  steps.some((one) => one.treatment === treatment && one.step === step && one.start === start);

/** Every breach by what is planned; what was done is nobody's: people need not keep to a plan. */
const breachesOf = (
  problem: VisitProblem,
  steps: readonly PlanStep[],
  fixed: readonly PlanStep[],
): Breach[] => {
  const gone = (k: number): VisitCleaner => ({ id: `gone ${k}`, from: 0, to: steps[k]!.end });
  const whose = steps.map((step, k) => (isOneOf(fixed, step) ? gone(k) : undefined));
  const open = fixed.map(({ start, end }): [number, number] => [start, end]);
  return checkPlan(
    {
      ...problem,
      cleaners: [...problem.cleaners, ...whose.filter((one) => one !== undefined)],
      rooms: problem.rooms.map((room) => ({ ...room, open: [...room.open, ...open] })),
    },
    steps.map((step, k) => ({ ...step, cleaner: whose[k]?.id ?? step.cleaner })),
  );
};

/**
 * Plans the rest of a visit anew from now: what is done stays done, what is wet stays wet for as long
 * as it must, and what nobody can know to be wet is put on again. Nothing where no plan was found.
 * The steps that come back are those still to be done; before them the re-wets of what is wet, so that
 * what is told of it later is counted on.
 */
export const replan = (underWay: UnderWay, budget: Budget): Replanned | undefined => {
  const { problem, steps, moment } = underWay;
  const cleaners = whoGoesOn(underWay);
  if (cleaners.length === 0) return undefined;
  const left = leftNow({ ...problem, cleaners }, steps, moment);
  const begun = { steps: left.fixed, now: moment.now };
  const planning = planner(left.problem, { seed: 1, begun });
  planning.run(budget);
  const plan = planning.plan();
  if (plan.outcome !== 'plan') return undefined;
  if (breachesOf(left.problem, plan.steps, left.fixed).length > 0) return undefined;
  return {
    problem: { ...problem, cleaners },
    steps: [...left.rewets, ...plan.steps.filter((step) => !isOneOf(left.fixed, step))],
    done: doneAt(left.problem, plan.steps),
  };
};
