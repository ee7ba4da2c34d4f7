import {
  visitPlanFormat,
  type Breach,
  type NoFit,
  type Fault,
  type VisitPlan,
} from '@zymostat/core';
import { listIn } from '../list.ts';
import type { Words } from '../words.ts';

/** What treatments and people are called where a plan is told. */
export interface VisitNames {
  treatment: (id: string) => string;
  cleaner: (id: string) => string;
  /** A span of time, s. */
  span: (seconds: number) => string;
}

/** Why no plan exists. */
export const tellNoFit = (
  words: Words,
  { rule, treatments }: NoFit,
  names: Pick<VisitNames, 'treatment'>,
): string =>
  words.tell('visitNoFit', String(rule), {
    count: treatments.length,
    what: listIn(words, treatments.map(names.treatment)),
  });

/** What a plan breaks, as it is shown where a step was moved. */
export const tellBreach = (words: Words, breach: Breach, names: VisitNames): string => {
  const [what = '', other = ''] = breach.treatments.map(names.treatment);
  return words.tell('visitBreach', breach.code, {
    what,
    other,
    who: breach.cleaner === undefined ? '' : names.cleaner(breach.cleaner),
    by: names.span(breach.by),
  });
};

/** A fault of a problem, with its place. */
export const tellFault = (words: Words, { code, at, found }: Fault): string =>
  words.tell('visitFault', code, { at: at || '/', found: found || '–' });

/** A plan as its file holds it: `zymostat.visit-plan/1`. */
export const visitPlanFile = (words: Words, plan: VisitPlan): object =>
  plan.outcome === 'infeasible'
    ? {
        format: visitPlanFormat,
        outcome: plan.outcome,
        because: plan.because.map((one) => ({
          ...one,
          text: tellNoFit(words, one, { treatment: (id) => id }),
        })),
      }
    : { format: visitPlanFormat, ...plan };
