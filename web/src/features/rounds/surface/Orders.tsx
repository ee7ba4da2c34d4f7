import { partOf, type JobStep, type StepPart } from '@zymostat/core';
import { jobOrders, stepOrders } from '@zymostat/words';
import { ChevronRight } from 'lucide-react';
import { rich } from '../../../words/rich.tsx';
import { w } from '../../../words/words.ts';
import { stepIcons } from '../stepIcons.ts';
import { isLying, isToBeLoosened, isWet, type Stop } from '../stop.ts';

/**
 * What is due now of a surface's steps: all that makes it safe first, then each part as it comes.
 */
const partsNow = (stop: Stop): StepPart[] => {
  const { clock, treatment } = stop;
  if (isWet(stop)) return ['wet', 'after'];
  if (isLying(stop)) return [];
  if (treatment.flushes && !clock.lifted) return ['first'];
  if (isToBeLoosened(stop)) return ['first'];
  if (!clock.washed) return ['first', 'clean'];
  return clock.done || clock.stretches.at(-1)?.ended === 'wiped' ? ['after'] : ['put'];
};

/** What is to be done about what is on it now: before it is left, while it lies, and after. */
const jobStepsNow = (stop: Stop): readonly JobStep[] => {
  const { surface, clock, treatment } = stop;
  const steps = surface.loosening?.steps ?? [];
  if (treatment.lies === null) return clock.washed || clock.done || isWet(stop) ? [] : steps;
  const left = steps.findIndex(({ code }) => code === 'leave');
  if (isToBeLoosened(stop)) return steps.slice(0, left + 1);
  if (isLying(stop)) return steps.slice(left);
  return clock.lay && !clock.washed && !clock.done ? steps.slice(left + 1) : [];
};

const asOrder = ({ step, order }: ReturnType<typeof stepOrders>[number], i: number) => {
  const Icon = stepIcons[step];
  return (
    <li key={`${step} ${i}`} data-part={partOf(step)}>
      <Icon aria-hidden className="icon" />
      {order}
    </li>
  );
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
  const firsts = due.filter(({ step }) => partOf(step) === 'first');
  const said = new Set<string>(firsts.map(({ step }) => step));
  const job = jobOrders(
    w,
    jobStepsNow(stop).filter(({ code }) => !said.has(code)),
  );
  const rest = due.filter((one) => !firsts.includes(one));
  return (
    <>
      {due.length + job.length > 0 && (
        <ol className="phone__orders" aria-label={w.name('round', 'whatToDo')}>
          {firsts.map(asOrder)}
          {job.map((order, i) => (
            <li key={`job ${i}`} data-part="clean">
              <ChevronRight aria-hidden className="icon" />
              {order}
            </li>
          ))}
          {rest.map(asOrder)}
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
