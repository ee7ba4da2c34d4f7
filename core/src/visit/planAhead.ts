import type { SurfaceClock } from '../round/surfaceClock.ts';
import type { PlanStep } from './problem.ts';
import { liftsSoil, surfaceIdOf } from './visitProblem.ts';

/** What is told of a surface so far, as far as a plan's steps go by it. Times in ms. */
export type ToldOf = Pick<
  SurfaceClock,
  | 'washed'
  | 'wetSince'
  | 'coats'
  | 'seen'
  | 'lying'
  | 'loosened'
  | 'done'
  | 'skipped'
  | 'lastAt'
  | 'stretches'
>;

/** Whether its wet time is over and it was wiped off: what is left is to rinse it. */
export const isWiped = ({ wetSince, stretches }: ToldOf): boolean =>
  wetSince === null && stretches.at(-1)?.ended === 'wiped';

/** Whether a step of a plan is over, by what was told of its surface; `nth` of its kind there. */
const isOver = ({ treatment, kind }: PlanStep, nth: number, clock: ToldOf): boolean => {
  if (clock.done) return true;
  if (liftsSoil(treatment))
    return clock.loosened === true || (kind === 'apply' && clock.lying !== undefined);
  if (isWiped(clock)) return kind !== 'rinse';
  if (clock.wetSince === null) return kind === 'clean' && clock.washed;
  if (kind === 'rewet') return clock.coats.length - 1 + clock.seen.length > nth;
  return kind === 'clean' || kind === 'apply';
};

/**
 * The steps of a plan that are still to be done, in their order, by what was told of each surface. Of
 * a surface that nobody knows nothing is done.
 */
export const planAhead = (
  steps: readonly PlanStep[],
  clockOf: (surfaceId: string) => ToldOf | undefined,
): PlanStep[] => {
  const count = new Map<string, number>();
  return steps.filter((step) => {
    const key = `${step.treatment} ${step.kind}`;
    const nth = count.get(key) ?? 0;
    count.set(key, nth + 1);
    const clock = clockOf(surfaceIdOf(step.treatment));
    return !clock || !isOver(step, nth, clock);
  });
};

/** How far a visit is behind its plan, s: since the first step that is still open was to be over. */
export const behindPlan = (ahead: readonly PlanStep[], elapsed: number): number =>
  Math.max(0, ...ahead.map(({ end }) => elapsed - end));
