import type { UnreadCode } from './line.ts';

/** What stands in the way of measuring a recipe out. */
export const problemCodes = [
  'nothing-in-it',
  'bottle-size',
  'already-full',
  'no-room',
  'too-much-for-bottle',
  'shares-sum',
  'shares-mixed',
] as const;

export type ProblemCode = UnreadCode | (typeof problemCodes)[number];

export interface Problem {
  row: number;
  code: ProblemCode;
  found: string;
}
