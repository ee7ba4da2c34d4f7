/** What is wrong with a problem, by code. */
export type FaultCode =
  | 'format'
  | 'not-a-list'
  | 'not-an-object'
  | 'not-text'
  | 'not-whole'
  | 'negative'
  | 'no-work'
  | 'doubled-id'
  | 'unknown-id'
  | 'ends-before-it-begins'
  | 'walk-missing'
  | 'walk-not-symmetric'
  | 'walk-within'
  | 'kind'
  | 'no-steps'
  | 'order-of-steps'
  | 'within-elsewhere'
  | 'rewet-halves'
  | 'rewet-elsewhere'
  | 'pair'
  | 'cycle'
  | 'two-rooms'
  | 'with-itself';

/** A fault of a problem: where it stands (JSON Pointer, RFC 6901) and what was found there. */
export interface Fault {
  code: FaultCode;
  at: string;
  found: string;
}

export type Report = (code: FaultCode, at: string, found: unknown) => void;
export type Json = Record<string, unknown>;

export const isObject = (value: unknown): value is Json =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** A list, or none and a fault. */
export const listAt = (value: unknown, at: string, report: Report): unknown[] => {
  if (Array.isArray(value)) return value;
  report('not-a-list', at, value);
  return [];
};

/** Whether it is a whole number of at least `least`; if not, a fault. */
export const wholeAt = (value: unknown, at: string, report: Report, least = 0): boolean => {
  if (typeof value !== 'number' || !Number.isSafeInteger(value)) report('not-whole', at, value);
  else if (value < 0) report('negative', at, value);
  else if (value < least) report('no-work', at, value);
  else return true;
  return false;
};
