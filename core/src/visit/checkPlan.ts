import {
  isHold,
  type HandsOnStep,
  type PlanStep,
  type VisitProblem,
  type VisitRule,
  type VisitTreatment,
} from './problem.ts';
import type { Breach, BreachCode, Breaks, Done } from './breach.ts';
import { checkPairs } from './checkPairs.ts';
import { checkPeople } from './checkPeople.ts';

const ofRewets = ({ treatment, rewets, wet }: Done, breaks: Breaks) => {
  const hold = treatment.steps.find(isHold);
  if (!hold || !wet) return;
  const say = (code: BreachCode, by: number) =>
    breaks({ rule: 4, code, treatments: [treatment.id], by });
  let coat = wet.applied;
  for (const { start, end } of rewets) {
    if (end - start !== hold.rewetWork)
      say('rewet-length', Math.abs(end - start - (hold.rewetWork ?? 0)));
    if (start < wet.applied) say('rewet-outside', wet.applied - start);
    if (end > wet.met) say('rewet-outside', end - wet.met);
    if (hold.rewetEvery !== undefined && start > coat + hold.rewetEvery && coat < wet.met)
      say('rewet-late', start - coat - hold.rewetEvery);
    coat = Math.max(coat, end);
  }
  if (hold.rewetEvery !== undefined && coat + hold.rewetEvery < wet.met)
    say('rewet-late', wet.met - coat - hold.rewetEvery);
};

const ofOrder = ({ treatment, hands, wet }: Done, breaks: Breaks) => {
  const say = (rule: VisitRule, code: BreachCode, by: number) =>
    breaks({ rule, code, treatments: [treatment.id], by });
  for (let k = 1; k < hands.length; k += 1) {
    const early = hands[k - 1]!.end - hands[k]!.start;
    if (early > 0) say(3, 'order', early);
  }
  const first = hands.find(({ kind }) => kind === 'wipe' || kind === 'rinse');
  if (!first || !wet) return;
  if (first.start < wet.met) say(5, 'wiped-early', wet.met - first.start);
  const { within } = treatment.steps[first.step] as HandsOnStep;
  if (within !== undefined && first.start > wet.met + within)
    say(5, 'wiped-late', first.start - wet.met - within);
};

const ofSteps = ({ treatment, hands }: Done, breaks: Breaks) => {
  const say = (code: BreachCode, by: number) =>
    breaks({ rule: 1, code, treatments: [treatment.id], by });
  treatment.steps.forEach((step, k) => {
    if (isHold(step)) return;
    const found = hands.filter((one) => one.step === k);
    if (found.length === 0) say('missing', step.work);
    if (found.length > 1) say('twice', step.work);
    for (const { start, end, kind } of found) {
      if (kind !== step.kind) say('unknown', 0);
      if (end - start !== step.work) say('length', Math.abs(end - start - step.work));
      if (start < 0) say('outside-hours', -start);
    }
  });
};

const doneTo = (treatment: VisitTreatment, steps: readonly PlanStep[]): Done => {
  const own = steps.filter((step) => step.treatment === treatment.id);
  const hands = own.filter(({ kind }) => kind !== 'rewet').sort((a, b) => a.step - b.step);
  const rewets = own.filter(({ kind }) => kind === 'rewet').sort((a, b) => a.start - b.start);
  const apply = hands.find(({ kind }) => kind === 'apply');
  const hold = treatment.steps.find(isHold);
  const met = apply && hold ? apply.end + hold.wet : 0;
  const last = hands.at(-1);
  const ended = hands.reduce((end, step) => Math.max(end, step.end), 0);
  return {
    treatment,
    hands,
    rewets,
    wet: apply && {
      from: apply.start,
      applied: apply.end,
      met,
      to: last === apply ? met : (last?.end ?? met),
    },
    from: hands.reduce((from, step) => Math.min(from, step.start), Infinity),
    to: Math.max(ended, met),
  };
};

const unknownSteps = (problem: VisitProblem, steps: readonly PlanStep[], breaks: Breaks) => {
  const treatments = new Map(problem.treatments.map((one) => [one.id, one]));
  const cleaners = new Set(problem.cleaners.map(({ id }) => id));
  for (const step of steps) {
    const own = treatments.get(step.treatment)?.steps[step.step];
    const hold = own && isHold(own);
    const fits = hold
      ? step.kind === 'rewet' && own.rewetEvery !== undefined
      : own && step.kind !== 'rewet';
    if (!fits || !cleaners.has(step.cleaner))
      breaks({
        rule: 1,
        code: 'unknown',
        treatments: [step.treatment],
        cleaner: step.cleaner,
        by: 0,
      });
  }
};

/**
 * Every breach of the eight rules by these steps, by the definition and apart from the planner.
 * None: the plan is valid.
 */
export const checkPlan = (problem: VisitProblem, steps: readonly PlanStep[]): Breach[] => {
  const breaches: Breach[] = [];
  const breaks: Breaks = (breach) => void breaches.push(breach);
  unknownSteps(problem, steps, breaks);
  if (breaches.length > 0) return breaches;
  const done = new Map(
    problem.treatments.map((treatment) => [treatment.id, doneTo(treatment, steps)]),
  );
  for (const one of done.values()) {
    ofSteps(one, breaks);
    ofOrder(one, breaks);
    ofRewets(one, breaks);
  }
  checkPeople(problem, steps, breaks);
  checkPairs(problem, done, breaks);
  return breaches;
};

/** When the last step is over and the last hold met, s. */
export const doneAt = (problem: VisitProblem, steps: readonly PlanStep[]): number =>
  problem.treatments.reduce(
    (latest, treatment) => Math.max(latest, doneTo(treatment, steps).to),
    0,
  );
