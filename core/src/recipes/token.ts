import type { Entry } from './words/lexicon.ts';

/**
 * A figure as it is written: its value, or the ends of a range, or the two things "1,000" may mean.
 */
export interface Figure {
  kind: 'number';
  /** Low before high for a range; the likelier first for a doubtful one. */
  values: readonly number[];
  range?: true;
  doubtful?: true;
  guess?: true;
  negative?: true;
}

/** One piece of a line: what it is, and where it stands in the line. */
export type Token = { text: string; at: number } & (
  | Exclude<Entry, { kind: 'number' }>
  | Figure
  | { kind: 'ratio'; parts: readonly number[] }
  | { kind: 'comma' | 'open' | 'close' | 'dash' | 'colon' | 'stop' }
  | { kind: 'unknown' }
);
export type TokenKind = Token['kind'];

/** A piece as it is cut from a line, before it is known what it is. */
export interface Raw {
  text: string;
  at: number;
  kind: 'word' | 'figure' | 'mark';
  token?: Token;
}
