import { partOf, type StepPart } from '@zymostat/core';
import { stepOrders } from '@zymostat/words';
import { rich } from '../../../words/rich.tsx';
import { w } from '../../../words/words.ts';
import { stepIcons } from '../stepIcons.ts';
import { isWet, type Stop } from '../stop.ts';

/**
 * What is due now of a surface's steps: all that makes it safe first, then each part as it comes.
 */
const partsNow = (stop: Stop): StepPart[] => {
  const { clock, treatment } = stop;
  if (isWet(stop)) return ['wet', 'after'];
  if (treatment.flushes && !clock.lifted) return ['first'];
  if (!clock.washed) return ['first', 'clean'];
  return clock.done || clock.stretches.at(-1)?.ended === 'wiped' ? ['after'] : ['put'];
};

/**
 * The orders for what comes now, in plain words, and why the supervisor allowed what needs care.
 */
export const Orders = ({ stop }: { stop: Stop }) => {
  const { surface } = stop;
  const parts = partsNow(stop);
  const due = stepOrders(w, surface.steps, surface).filter(({ step }) =>
    parts.includes(partOf(step)),
  );
  return (
    <>
      {due.length > 0 && (
        <ol className="phone__orders" aria-label={w.name('round', 'whatToDo')}>
          {due.map(({ step, order }, i) => {
            const Icon = stepIcons[step];
            return (
              <li key={i} data-part={partOf(step)}>
                <Icon aria-hidden className="icon" />
                {order}
              </li>
            );
          })}
        </ol>
      )}
      {surface.accepted && (
        <p className="phone__words">
          {rich('round.allowedWithCare', {
            b: (text) => <b>{text}</b>,
            accepted: surface.accepted,
          })}
        </p>
      )}
    </>
  );
};
