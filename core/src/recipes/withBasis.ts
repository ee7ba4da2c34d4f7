import type { Ingredients, Line } from './line.ts';
import { writeItems } from './writeItem.ts';

const isShare = (line: Line): line is Ingredients =>
  line.kind === 'ingredients' && line.readings[0].items[0].amount.kind === 'share';

/**
 * What of the shares nobody has said: by weight or by volume. Grams of a batch say it; a bottle
 * does not.
 */
export const withBasis = (lines: readonly Line[]): Line[] => {
  const shares = lines.filter(isShare);
  if (shares.length === 0) return [...lines];
  const others = lines.filter((line) => line.kind === 'ingredients' && !isShare(line)).length;
  const said = shares
    .map((line) => line.readings[0].items[0].amount)
    .find((amount) => amount.kind === 'share' && amount.by !== null);
  const grams = lines.some((line) => line.kind === 'size' && line.mass !== undefined);
  const weighed = grams ? ('weight' as const) : null;
  const by = said?.kind === 'share' ? said.by : weighed;
  let asked = false;
  return lines.map((line): Line => {
    if (!isShare(line)) return line;
    const names = line.readings.flatMap(({ items }) => items.map(({ ingredient }) => ingredient));
    const [{ amount }] = line.readings[0].items;
    const alone =
      amount.kind === 'share' && amount.by === null && (others > 0 || shares.length < 2);
    if (alone)
      return {
        kind: 'unread',
        code: 'no-amount',
        found: line.text.trim(),
        names,
        offers: [],
        text: line.text,
        row: line.row,
        column: line.column,
      };
    const readings = (by ? [by] : (['volume', 'weight'] as const)).flatMap((basis) =>
      line.readings.map(({ items: [item] }) => {
        const set =
          item.amount.kind === 'share'
            ? { ...item, amount: { ...item.amount, by: item.amount.by ?? basis } }
            : item;
        return { items: [set] as const, text: writeItems([set], 'en') };
      }),
    );
    const asks =
      line.asks ??
      (by || asked ? null : { code: 'shares-basis' as const, found: line.text.trim() });
    asked = asked || asks?.code === 'shares-basis';
    return { ...line, readings: readings as unknown as Ingredients['readings'], asks };
  });
};
