import { isWiped, type ToldOf } from './planAhead.ts';
import {
  holdOf,
  isHold,
  type HoldStep,
  type PlanStep,
  type VisitProblem,
  type VisitStep,
  type VisitTreatment,
} from './problem.ts';
import { liftsSoil, surfaceIdOf } from './visitProblem.ts';

/** A moment of a round: when it began, ms; how far it is, s; and what was told of each surface. */
export interface Moment {
  startedAt: number;
  now: number;
  toldOf: (surfaceId: string) => ToldOf | undefined;
}

/** A treatment as it is still to be planned, with what of it is fixed. */
interface Remaining {
  treatment: VisitTreatment;
  fixed: PlanStep[];
  /** Re-wets and looks since it is wet. */
  rewets?: PlanStep[];
}

/** What is too late is asked for within so many seconds from now. Source: house rule. */
const AT_ONCE = 300;

type Hands = { kind: PlanStep['kind']; work: number; step: number };

const handsOf = (steps: readonly VisitStep[]): Hands[] =>
  steps.flatMap((one, step) => (isHold(one) ? [] : [{ kind: one.kind, work: one.work, step }]));

/** These steps one after another, the last of them over at `end`, none before the visit began. */
const backFrom = (
  treatment: string,
  cleaner: string,
  hands: readonly Hands[],
  end: number,
): PlanStep[] => {
  const total = hands.reduce((sum, { work }) => sum + work, 0);
  let at = Math.max(0, end - total);
  return hands.map(({ kind, work, step }) => {
    const start = at;
    at += work;
    return { treatment, step, kind, cleaner, start, end: at };
  });
};

const inSeconds = ({ startedAt }: Moment, at: number): number =>
  Math.max(0, Math.round((at - startedAt) / 1000));

/** A hold of which only so much is left. */
const withHold = (treatment: VisitTreatment, wet: number, within?: number): VisitTreatment => {
  const first = treatment.steps.findIndex(isHold) + 1;
  return {
    ...treatment,
    steps: treatment.steps.map((step, k): VisitStep => {
      if (!isHold(step)) return k === first && within !== undefined ? { ...step, within } : step;
      if (wet > 0) return { ...step, wet };
      return { kind: 'hold', wet: 0 };
    }),
  };
};

/** All of it is over: it binds only what must wait until then. */
const over = (treatment: VisitTreatment, cleaner: string, end: number): Remaining => ({
  treatment: withHold(treatment, 0),
  fixed: backFrom(treatment.id, cleaner, handsOf(treatment.steps), end),
});

/**
 * Wet since its last coat or look. Where that is too long ago for it to be known wet, it counts as
 * dry: it is put on again.
 */
const wet = (
  treatment: VisitTreatment,
  cleaner: string,
  { since, last, now }: { since: number; last: number; now: number },
): Remaining | undefined => {
  const hold = holdOf(treatment)!;
  const met = since + hold.wet;
  if (hold.rewetEvery !== undefined && now > last + hold.rewetEvery && last + hold.rewetEvery < met)
    return undefined;
  const hands = handsOf(treatment.steps);
  const upToNow = hands.slice(0, hands.findIndex(({ kind }) => kind === 'apply') + 1);
  const fixed = backFrom(treatment.id, cleaner, upToNow, last);
  const applied = fixed.at(-1)!.end;
  const after = treatment.steps[treatment.steps.findIndex(isHold) + 1];
  const within = after && !isHold(after) ? after.within : undefined;
  const latest = within === undefined ? undefined : Math.max(met + within, now + AT_ONCE);
  const left = Math.max(0, met - applied);
  return {
    treatment: withHold(
      treatment,
      left,
      latest === undefined ? undefined : latest - Math.max(met, applied),
    ),
    fixed,
  };
};

const washed = (treatment: VisitTreatment, cleaner: string, end: number): Remaining => {
  const hands = handsOf(treatment.steps);
  const cleaning = hands.filter(({ kind }) => kind === 'clean');
  return { treatment, fixed: backFrom(treatment.id, cleaner, cleaning, end) };
};

const ofSoil = (
  treatment: VisitTreatment,
  cleaner: string,
  told: ToldOf,
  moment: Moment,
): Remaining | undefined => {
  const last = inSeconds(moment, told.lastAt ?? moment.startedAt);
  if (told.loosened || told.washed || told.wetSince !== null) return over(treatment, cleaner, last);
  if (!told.lying) return undefined;
  const since = inSeconds(moment, told.lying.since);
  return wet(treatment, cleaner, { since, last: since, now: moment.now });
};

/** What was told of it since it is wet, as steps of a plan. */
const rewetsOf = (
  treatment: VisitTreatment,
  cleaner: string,
  { coats, seen }: ToldOf,
  moment: Moment,
): PlanStep[] => {
  const step = treatment.steps.findIndex(isHold);
  const { rewetWork } = treatment.steps[step] as HoldStep;
  if (rewetWork === undefined) return [];
  const times = [...coats.slice(1), ...seen].sort((a, b) => a - b);
  return times.flatMap((at) =>
    backFrom(
      treatment.id,
      cleaner,
      [{ kind: 'rewet', work: rewetWork, step }],
      inSeconds(moment, at),
    ),
  );
};

/** What is left of one treatment; untouched where nothing was told or nothing of it still counts. */
const leftOf = (treatment: VisitTreatment, cleaner: string, moment: Moment): Remaining => {
  const untouched = { treatment, fixed: [] };
  const told = moment.toldOf(surfaceIdOf(treatment.id));
  if (!told || told.lastAt === null) return untouched;
  const last = inSeconds(moment, told.lastAt);
  if (told.done || told.skipped) return over(treatment, cleaner, last);
  if (liftsSoil(treatment.id)) return ofSoil(treatment, cleaner, told, moment) ?? untouched;
  if (told.wetSince !== null) {
    const since = inSeconds(moment, told.wetSince);
    const known = inSeconds(moment, Math.max(told.wetSince, ...told.coats, ...told.seen));
    const still = wet(treatment, cleaner, { since, last: known, now: moment.now });
    if (!still) return washed(treatment, cleaner, since);
    return { ...still, rewets: rewetsOf(treatment, cleaner, told, moment) };
  }
  // What was wiped off after its time and waits to be rinsed: only its last step is left.
  const rinse = handsOf(treatment.steps).at(-1);
  if (isWiped(told) && rinse?.kind === 'rinse') {
    const { treatment: own, fixed } = over(treatment, cleaner, last);
    return { treatment: own, fixed: fixed.slice(0, -1) };
  }
  return told.washed ? washed(treatment, cleaner, last) : untouched;
};

/**
 * The problem as it is left at a moment: what is over or wet is fixed, and rules that were already
 * broken bind nothing any more. `cleaners` are those who go on.
 */
export const leftNow = (
  problem: VisitProblem,
  steps: readonly PlanStep[],
  moment: Moment,
): { problem: VisitProblem; fixed: PlanStep[]; rewets: PlanStep[] } => {
  const doneBy = new Map(steps.map(({ treatment, cleaner }) => [treatment, cleaner]));
  const ids = new Set(problem.cleaners.map(({ id }) => id));
  const [first] = problem.cleaners;
  const whoOf = (id: string) => {
    const planned = doneBy.get(id);
    return planned !== undefined && ids.has(planned) ? planned : first!.id;
  };
  const left = problem.treatments.map((one) => leftOf(one, whoOf(one.id), moment));
  const fixed = left.flatMap((one) => one.fixed);
  const begun = new Set(fixed.map(({ treatment }) => treatment));
  return {
    problem: {
      ...problem,
      treatments: left.map(({ treatment }) => treatment),
      before: problem.before.filter(([, later]) => !begun.has(later)),
      apart: problem.apart.filter(({ a, b }) => !(begun.has(a) && begun.has(b))),
      closes: problem.closes.filter((id) => !begun.has(id)),
    },
    fixed: fixed.sort((a, b) => a.start - b.start),
    rewets: left.flatMap(({ rewets }) => rewets ?? []),
  };
};
