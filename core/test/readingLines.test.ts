import {
  inMillilitres,
  ingredientIds,
  ingredientName,
  ingredientOf,
  readRecipe,
  writeItem,
  type Amount,
  type Item,
  type Line,
} from '../src/index.ts';
import { lines } from './recipes/lines.ts';
import { spanishLines } from './recipes/spanishLines.ts';

const two = (value: number) => String(Number(value.toFixed(2)));
const amountOf = ({ amount, assumed }: Item): string => {
  const said = assumed ? `(${assumed}) ` : '';
  switch (amount.kind) {
    case 'volume':
      return `${said}${two(inMillilitres(amount.value))} ml`;
    case 'mass':
      return `${said}${two(amount.value * 1000)} g`;
    case 'drops':
      return `${said}${two(amount.value)} drops`;
    case 'parts':
      return `${two(amount.value)} parts`;
    case 'share':
      return `${two(amount.value * 100)}% by ${amount.by ?? '?'}`;
    case 'fill':
      return `fill ${Number(amount.value.toFixed(4))}`;
    case 'top':
      return amount.to === undefined ? 'top' : `top ${two(inMillilitres(amount.to))} ml`;
  }
};
const itemIn = (item: Item): string => {
  const { strength } = ingredientOf(item.ingredient);
  const named = `${amountOf(item)} ${item.ingredient}`;
  if (!strength) return named;
  return item.strength === undefined
    ? `${named} ~${two(strength.usual * 100)}%`
    : `${named} ${two(item.strength * 100)}%`;
};
/** A line in the short form of the table. */
const short = (line: Line): string => {
  if (line.kind === 'aside') return 'aside';
  if (line.kind === 'size')
    return `size ${line.volume === undefined ? `${two(line.mass! * 1000)} g` : `${two(inMillilitres(line.volume))} ml`}`;
  if (line.kind === 'unread') return `unread ${line.code} [${line.names.join(' ')}]`;
  const readings = line.readings.map(({ items }) => items.map(itemIn).join(' + ')).join(' | ');
  return line.asks ? `ask ${line.asks.code}: ${readings}` : readings;
};

test('the table is as long as it has to be, and no line stands in it twice', () => {
  expect(lines.length).toBeGreaterThanOrEqual(250);
  expect(new Set(lines.map(([text]) => text)).size).toBe(lines.length);
});

test.each(lines)('“%s” is %s', (text, expected) => {
  expect(readRecipe(text).lines.map(short).join(' ; ')).toBe(expected);
});

test.each(spanishLines)('“%s” is %s', (text, expected) => {
  expect(readRecipe(text).lines.map(short).join(' ; ')).toBe(expected);
});

test.each(['en', 'es'] as const)(
  'what is written in %s is read again as what it was',
  (language) => {
    const amounts: Amount[] = [
      { kind: 'volume', value: 0.00012, tool: 'jug' },
      { kind: 'mass', value: 0.1, tool: 'kitchen scale' },
      { kind: 'drops', value: 12 },
      { kind: 'parts', value: 3 },
      { kind: 'fill', value: 0.5 },
      { kind: 'top' },
      { kind: 'top', to: 0.0005 },
    ];
    for (const ingredient of ingredientIds)
      for (const amount of amounts) {
        const strength = ingredientOf(ingredient).strength?.usual;
        const item: Item = { ingredient, amount, ...(strength === undefined ? {} : { strength }) };
        const text = writeItem(item, language);
        const [line] = readRecipe(text).lines;
        const named = line?.kind === 'ingredients' ? line.readings[0].items[0] : undefined;
        expect([text, named?.ingredient, named?.amount.kind]).toEqual([
          text,
          ingredient,
          amount.kind,
        ]);
      }
  },
);

test('no name of an ingredient stands for two in the two languages', () => {
  for (const id of ingredientIds)
    for (const language of ['en', 'es'] as const) {
      const [line] = readRecipe(`1 ml ${ingredientName(id, language)}`).lines;
      expect([id, line?.kind === 'ingredients' && line.readings[0].items[0].ingredient]).toEqual([
        id,
        id,
      ]);
    }
});
