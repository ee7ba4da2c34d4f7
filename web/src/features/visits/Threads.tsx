import type { PlanStep } from '@zymostat/core';
import { ROW } from './chartProps.ts';

interface Props {
  steps: readonly PlanStep[];
  cleaners: readonly string[];
  rowOf: (treatment: string) => number;
  rows: number;
  axis: number;
}

const y = (row: number) => row * ROW + ROW / 2;

/** Where each of them goes from step to step: thin, broken for the second, dotted for the third. */
export const Threads = ({ steps, cleaners, rowOf, rows, axis }: Props) => (
  <svg
    className="visit-lines"
    viewBox={`0 0 ${axis} ${rows * ROW}`}
    preserveAspectRatio="none"
    aria-hidden="true"
  >
    {cleaners.map((cleaner, c) => {
      const own = steps.filter((step) => step.cleaner === cleaner);
      const path = own
        .slice(1)
        .map((step, k) => {
          const before = own[k]!;
          return `M${before.end} ${y(rowOf(before.treatment))}L${step.start} ${y(rowOf(step.treatment))}`;
        })
        .join('');
      return (
        <path
          key={cleaner}
          d={path}
          fill="none"
          stroke="currentColor"
          strokeWidth="1.3"
          strokeDasharray={['none', '4 3', '1.5 3', '8 3'][c % 4]}
          vectorEffect="non-scaling-stroke"
        />
      );
    })}
  </svg>
);
