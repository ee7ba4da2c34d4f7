import { takeAmounts } from './amounts.ts';
import { type Found } from './quantity.ts';
import type { Remaining } from './grammar.ts';
import { firstOf } from './grammar.ts';
import type { Item, Piece } from './line.ts';
import { type Written } from './strengths.ts';
import { rules, isSilent, textOf, unread } from './pieceWords.ts';
import { type Named } from './named.ts';
import { readingOf, type Choice, choose, asPiece, withLeftOver } from './choose.ts';

/** "1 cup each", "equal parts", "2:1": one amount or a ratio for all that is named. */
export const readTogether = (
  left: Remaining,
  named: readonly Named[],
  owned: ReadonlyMap<number, Written>,
): Piece | undefined => {
  if (named.length < 2) return undefined;
  const equal = left.take(rules.equal);
  const ratio = equal ? undefined : firstOf(left.take(rules.ratio) ?? [], 'ratio')?.parts;
  const each = equal || ratio ? undefined : left.take(rules.each);
  if (!equal && !ratio && !each) return undefined;
  const alike = equal ? named.map(() => 1) : undefined;
  const parts = ratio?.length === named.length ? ratio : alike;
  const shared = parts ? undefined : takeAmounts(left)[0];
  const choices: Choice[] = [];
  for (const [i, one] of named.entries()) {
    const found: Found | undefined = parts
      ? { readings: [{ kind: 'parts', value: parts[i]! }], doubt: null }
      : shared;
    const choice =
      !found || found.wrong
        ? (found?.wrong ?? 'no-amount')
        : choose(one, found, owned.get(one.at), {});
    if (typeof choice === 'string')
      return unread(
        choice,
        textOf(left.tokens),
        named.map(({ either }) => either[0]!.id),
      );
    choices.push(choice);
  }
  left.takeAll(rules.ingredient);
  const together = choices.reduce<Item[][]>(
    (all, { readings }) =>
      all.flatMap((items) => readings.map((reading) => [...items, reading.items[0]])),
    [[]],
  );
  const code = choices.find((choice) => choice.code)?.code ?? null;
  const readings = together
    .slice(0, MOST_READINGS)
    .map((items) => readingOf(...(items as [Item, ...Item[]])));
  return asPiece(
    withLeftOver(
      { readings, code, found: '' },
      left.rest().filter((token) => !isSilent(token)),
    ),
  );
};

/** More ways than this to read one line are not told apart: nobody would choose among them. */
const MOST_READINGS = 16;
