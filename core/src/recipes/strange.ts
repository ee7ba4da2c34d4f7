import type { Recipe } from './line.ts';

/** Whether a line in that row (from 1) has words that nobody could read. */
export const strange = ({ lines }: Recipe, row: number): boolean =>
  lines.some(
    (line) =>
      line.kind === 'ingredients' &&
      line.row === row - 1 &&
      (line.asks?.code === 'left-over' || line.asks?.code === 'nearest'),
  );
