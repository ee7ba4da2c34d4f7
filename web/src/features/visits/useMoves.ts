import {
  checkPlan,
  moveStep,
  type Breach,
  type PlanStep,
  type StepPlace,
  type VisitProblem,
} from '@zymostat/core';
import { useState } from 'react';

/** Steps moved by hand over a plan: each can be undone; another plan puts all of them away. */
export const useMoves = (problem: VisitProblem | undefined, plan: PlanStep[] | undefined) => {
  const [moved, setMoved] = useState<{
    over: PlanStep[];
    kept: PlanStep[][];
    last: { at: number; to: StepPlace };
  }>();
  const mine = moved && moved.over === plan ? moved : undefined;
  const steps = mine?.kept.at(-1) ?? plan;
  const breaches: Breach[] = problem && steps && mine ? checkPlan(problem, steps) : [];
  return {
    steps,
    breaches,
    /** The step that was moved last, and where to. */
    last: mine?.last,
    move: (at: number, to: StepPlace) => {
      if (!plan || !steps) return;
      const kept = [...(mine?.kept ?? []), moveStep(steps, at, to)];
      setMoved({ over: plan, kept, last: { at, to } });
    },
    undo: () => {
      if (!mine) return;
      const kept = mine.kept.slice(0, -1);
      setMoved(kept.length === 0 ? undefined : { ...mine, kept });
    },
    again: () => setMoved(undefined),
  };
};
export type Moves = ReturnType<typeof useMoves>;
