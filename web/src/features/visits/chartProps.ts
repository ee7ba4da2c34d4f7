import type { PlanStep } from '@zymostat/core';
import type { ChartRow, WetSpan } from './chartRows.ts';

/** A step drawn on the axis. */
export interface Drawn {
  step: PlanStep;
  /** Its place in the plan. */
  at: number;
  /** Which of those who go does it. */
  who: number;
  wrong: boolean;
  says: string;
}

export interface ChartProps {
  rows: readonly ChartRow[];
  spans: (row: ChartRow) => WetSpan[];
  drawn: readonly Drawn[];
  cleaners: readonly { id: string; name: string }[];
  /** All in s; `startsAt` in ms. */
  axis: number;
  done: number;
  bound: number;
  startsAt: number;
  byPerson: boolean;
  onFold: (room: string) => void;
  folds: boolean;
  /** A surface is chosen, to move its steps. */
  onChoose: (row: ChartRow) => void;
  onMove: (at: number, to: { cleaner: string; start: number }) => void;
}

/** A part of the axis as a share of its length. */
export const share = (part: number, axis: number): string => `${(100 * part) / axis}%`;
/** Height of a row, px. */
export const ROW = 26;
