/** What a problem calls itself. Its definition: docs/formats/visit-problem.md. */
export const visitProblemFormat = 'zymostat.visit-problem/1';
export const visitPlanFormat = 'zymostat.visit-plan/1';

/** Times are whole seconds from the start of the visit; intervals are half-open. */
export interface VisitCleaner {
  id: string;
  from: number;
  to: number;
}

export interface VisitRoom {
  id: string;
  /** Hands-on steps lie inside the union of these. */
  open: [number, number][];
  /** Most cleaners working in it at one time. */
  atOnce?: number | undefined;
  /** Seconds on foot to every other room. */
  walk: Record<string, number>;
}

export type HandsOnKind = 'clean' | 'apply' | 'wipe' | 'rinse';

/** One cleaner, unbroken. `within`: at most so long after the hold is met. */
export interface HandsOnStep {
  kind: HandsOnKind;
  work: number;
  within?: number | undefined;
}

/** Required wet time; no cleaner is needed, but for the re-wets. */
export interface HoldStep {
  kind: 'hold';
  wet: number;
  /** Longest gap from the end of one coat to the start of the next. */
  rewetEvery?: number | undefined;
  rewetWork?: number | undefined;
}

export type VisitStep = HandsOnStep | HoldStep;

export interface VisitTreatment {
  id: string;
  room: string;
  steps: VisitStep[];
}

export interface VisitProblem {
  format: typeof visitProblemFormat;
  cleaners: VisitCleaner[];
  rooms: VisitRoom[];
  treatments: VisitTreatment[];
  before: [string, string][];
  apart: { a: string; b: string; gap: number }[];
  closes: string[];
}

/** One hands-on step of a plan. A re-wet has the number of its hold. */
export interface PlanStep {
  treatment: string;
  step: number;
  kind: HandsOnKind | 'rewet';
  cleaner: string;
  start: number;
  end: number;
}

/** The rules of a valid plan, by their number in the definition. */
export type VisitRule = 1 | 2 | 3 | 4 | 5 | 6 | 7 | 8;

/** Rules that cannot be met together for these treatments; none of them can be left out. */
export interface NoFit {
  rule: VisitRule;
  treatments: string[];
}

export interface FoundPlan {
  outcome: 'plan';
  steps: PlanStep[];
  /** Last step over and last hold met: the home can be handed over. */
  done: number;
  /** Proven: no plan is done earlier. */
  lowerBound: number;
  /** "optimal" exactly when done equals lowerBound. */
  proof: 'optimal' | 'gap';
}

export type VisitPlan =
  | FoundPlan
  | { outcome: 'infeasible'; because: NoFit[] }
  | { outcome: 'undecided'; lowerBound: number };

/** What finding and judging plans costs, in the order in which it counts. */
export interface PlanCost {
  done: number;
  /** Over cleaners, last end less first start, s. */
  paid: number;
  walked: number;
}

export const isHold = (step: VisitStep): step is HoldStep => step.kind === 'hold';
export const holdOf = (treatment: VisitTreatment): HoldStep | undefined =>
  treatment.steps.find(isHold);
