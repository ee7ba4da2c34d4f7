import { paidOf, type PlanStep } from '@zymostat/core';
import { duration } from '@zymostat/words';
import { w } from '../../words/words.ts';
import type { Planner } from './usePlanner.ts';

/** How long it takes, and would take without a plan; s. */
export const headline = (people: number, done: number, inPlace: number | undefined): string => {
  const time = duration(w, Math.ceil(done / 60) * 60);
  return inPlace === undefined || inPlace <= done
    ? w.say('visitPlan.outOnly', { count: people, time })
    : w.say('visitPlan.out', {
        count: people,
        time,
        inPlace: duration(w, Math.ceil(inPlace / 60) * 60),
      });
};

/** What is saved, and how far from the best that is proven to be possible. */
export const whyOf = (steps: readonly PlanStep[], done: number, { planned }: Planner): string => {
  const { plan, inPlace, searching } = planned!;
  const bound = plan.outcome === 'plan' ? plan.lowerBound : 0;
  const saved = inPlace === undefined ? 0 : inPlace - done;
  const minutes = (seconds: number) => duration(w, Math.round(seconds / 60) * 60);
  return [
    saved > 0 && w.say('visitPlan.saved', { time: minutes(saved), paid: minutes(paidOf(steps)) }),
    w.name('visitPlan', 'kept'),
    bound >= done
      ? w.name('visitPlan', 'best')
      : w.say('visitPlan.gap', { time: duration(w, done - bound) }),
    searching && w.name('visitPlan', 'planning'),
  ]
    .filter(Boolean)
    .join(' ');
};
