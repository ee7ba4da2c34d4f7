import type { PlanStep, VisitRule, VisitTreatment } from './problem.ts';

/** What is broken, by the rule that it breaks. */
export type BreachCode =
  | 'unknown'
  | 'missing'
  | 'twice'
  | 'length'
  | 'two-at-once'
  | 'outside-hours'
  | 'room-closed'
  | 'room-full'
  | 'walk'
  | 'order'
  | 'rewet-length'
  | 'rewet-outside'
  | 'rewet-late'
  | 'wiped-early'
  | 'wiped-late'
  | 'before'
  | 'apart'
  | 'closes';

/** One breach: of which rule, by which treatments (the one that is late first), by how many s. */
export interface Breach {
  rule: VisitRule;
  code: BreachCode;
  treatments: string[];
  cleaner?: string;
  by: number;
}

/** What was done to one treatment, in order of time. */
export interface Done {
  treatment: VisitTreatment;
  hands: PlanStep[];
  rewets: PlanStep[];
  /** When it is wet, or nothing where it is only cleaned. */
  wet: { from: number; applied: number; met: number; to: number } | undefined;
  from: number;
  /** End of its last step, and of its hold. */
  to: number;
}

export type Breaks = (breach: Breach) => void;
