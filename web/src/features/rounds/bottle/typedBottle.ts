import type { Answer, BatchRow } from '@zymostat/contract';
import { isSameCode } from '../../../ui/codes.ts';

type Bottles = Answer<'bottles'>;

/** Whether a code has this number, where somebody has typed no letters. */
const hasNumber = (code: string, typed: string): boolean =>
  /^\d+$/.test(typed) && isSameCode(code, `${code.replace(/[^A-Z]/gi, '')}${typed}`);

/**
 * What is in the bottle whose code somebody has typed or scanned: the code of the bottle itself or
 * of the batch in it, or its number alone where only one has it.
 */
export const typedBottle = (
  text: string,
  rows: readonly BatchRow[],
  bottles: Bottles,
): BatchRow | undefined => {
  const typed = text.trim();
  const inBottle = bottles.find(({ code }) => isSameCode(code, typed))?.heldSinceWash;
  if (inBottle) return rows.find(({ id }) => id === inBottle.batchId);
  const exact = rows.find(({ code }) => isSameCode(code, typed));
  if (exact) return exact;
  const byNumber = [...rows, ...bottles].filter(({ code }) => hasNumber(code, typed));
  return byNumber.length === 1 ? typedBottle(byNumber[0]!.code, rows, bottles) : undefined;
};
