import { takeAmounts } from './amounts.ts';
import type { Remaining } from './grammar.ts';
import { rule } from './grammar.ts';
import type { Piece } from './line.ts';
import type { Token } from './token.ts';
import { rules, isSilent, textOf, unread } from './pieceWords.ts';

/** The size of a bottle or a batch; or what is only said about it. */
export const readAside = (tokens: readonly Token[], left: Remaining): Piece | undefined => {
  if (left.has(rules.ingredient)) return undefined;
  if (left.has(rules.cloths) && !left.has(rule('unit'))) return { kind: 'aside' };
  const sized = left.has(rules.sized);
  const amounts = sized || !left.has(rules.firstIsHandling) ? takeAmounts(left) : [];
  const amount = amounts[0];
  if (sized && amount && !amount.wrong) {
    const [value] = amount.readings;
    const clear =
      amounts.length === 1 &&
      amount.readings.length === 1 &&
      !left.rest().some(({ kind }) => kind === 'number' || kind === 'fraction');
    if (!clear) return unread('bottle-size', textOf(tokens));
    if (value!.kind === 'volume') return { kind: 'size', volume: value!.value };
    if (value!.kind === 'mass') return { kind: 'size', mass: value!.value };
  }
  if (amount && !(sized && amount.wrong === 'bottle-size'))
    return amount.wrong && amount.wrong !== 'bottle-size'
      ? unread(amount.wrong, textOf(tokens))
      : undefined;
  const speaks = left.rest().filter((token) => !isSilent(token));
  if (speaks.length === 0 || left.has(rules.firstIsHandling)) return { kind: 'aside' };
  return undefined;
};
