import {
  lastsOf,
  replan,
  visitLoad,
  type HouseRules,
  type PlanStep,
  type Replanned,
  type ToldOf,
  type VisitAsk,
  type VisitLoad,
  type VisitProblem,
} from '@zymostat/core';

/** Within a second an answer is to be there, the way included. */
const LONGEST_MS = 600;

/** A visit under way, in words that go from thread to thread. */
export interface PlanAnew {
  problem: VisitProblem;
  steps: PlanStep[];
  here: string[];
  startedAt: number;
  /** s since then. */
  now: number;
  told: Record<string, ToldOf>;
}

/** The rest of a visit planned anew, away from the thread that answers; null where none was found. */
export const planAnew = ({ told, startedAt, now, ...visit }: PlanAnew): Replanned | null => {
  const until = performance.now() + LONGEST_MS;
  const moment = { startedAt, now, toldOf: (id: string) => told[id] };
  const goOn = () => performance.now() < until;
  return replan({ ...visit, moment }, { iterations: Number.MAX_SAFE_INTEGER, goOn }) ?? null;
};

/** A home as a week knows it. */
export interface Planned extends Omit<VisitAsk, 'team' | 'hours'> {
  rules: HouseRules;
}

/** How long a visit lasts with one, two, ... people, and what it takes along. */
export const planned = ({ rules, ...ask }: Planned): { lasts: number[]; load: VisitLoad } => ({
  lasts: lastsOf(ask),
  load: visitLoad(ask.rooms, ask.holds, rules),
});
