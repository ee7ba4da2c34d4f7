import fc from 'fast-check';
import {
  litres,
  millilitres,
  oneOf,
  type IngredientId,
  type Item,
  type Tool,
} from '../../src/index.ts';

/** One ingredient as the generator means it, and the words it wrote for it. */
export interface Meant {
  item: Item;
  line: string;
}

interface Measure {
  words: readonly string[];
  /** m³ of one. */
  volume: number;
  tool: Tool;
}

const measures: readonly Measure[] = [
  { words: ['ml', 'mL', 'millilitres', 'cc'], volume: millilitres(1), tool: 'jug' },
  { words: ['l', 'litres', 'liter'], volume: litres(1), tool: 'jug' },
  { words: ['cups', 'cup', 'c.'], volume: oneOf('cup'), tool: 'cup' },
  { words: ['tbsp', 'tablespoons', 'Tbsp.', 'tbls'], volume: oneOf('tablespoon'), tool: 'spoon' },
  { words: ['tsp', 'teaspoons', 'tsp.'], volume: oneOf('teaspoon'), tool: 'spoon' },
  { words: ['fl oz', 'fluid ounces', 'fl. oz.'], volume: oneOf('fluid ounce'), tool: 'jug' },
];

/** Figures as people write them, each with what it means. */
const figures: readonly (readonly [string, number])[] = [
  ['1', 1],
  ['2', 2],
  ['3', 3],
  ['12', 12],
  ['250', 250],
  ['750', 750],
  ['½', 0.5],
  ['1/2', 0.5],
  ['1/4', 0.25],
  ['¾', 0.75],
  ['1 1/2', 1.5],
  ['1½', 1.5],
  ['2 1/4', 2.25],
  ['1-1/2', 1.5],
  ['0.5', 0.5],
  ['1.5', 1.5],
  ['2,5', 2.5],
  ['one', 1],
  ['two', 2],
  ['one and a half', 1.5],
  ['half a', 0.5],
  ['3/4', 0.75],
];

interface Named {
  ingredient: IngredientId;
  names: readonly string[];
  /** Strengths as they are written, with what they mean; nothing where none is written. */
  strengths: readonly (readonly [string, number | undefined])[];
}

const percents = (...of: number[]): [string, number][] =>
  of.flatMap((one): [string, number][] => [
    [`${one} %`, one / 100],
    [`${one}%`, one / 100],
    [`${one} percent`, one / 100],
    [`${one} pct`, one / 100],
  ]);

const named: readonly Named[] = [
  {
    ingredient: 'water',
    names: ['water', 'distilled water', 'tap water'],
    strengths: [['', undefined]],
  },
  {
    ingredient: '2-propanol',
    names: ['rubbing alcohol', 'isopropyl alcohol', 'isopropanol'],
    strengths: percents(50, 70, 91, 99),
  },
  { ingredient: 'ethanol', names: ['ethanol', 'grain alcohol'], strengths: percents(70, 95) },
  {
    ingredient: 'peroxide',
    names: ['hydrogen peroxide', 'peroxide'],
    strengths: [['', undefined], ...percents(3, 6, 12)],
  },
  {
    ingredient: 'vinegar',
    names: ['white vinegar', 'vinegar'],
    strengths: [['', undefined], ...percents(5, 6, 8)],
  },
  {
    ingredient: 'bleach',
    names: ['bleach', 'household bleach'],
    strengths: [['', undefined], ...percents(5, 6)],
  },
  { ingredient: 'ammonia', names: ['ammonia'], strengths: [['', undefined]] },
  { ingredient: 'castile soap', names: ['castile soap'], strengths: [['', undefined]] },
  { ingredient: 'glycerol', names: ['glycerin', 'glycerine'], strengths: [['', undefined]] },
];

/** The ways to put an amount, a name and a strength on a line. */
const layouts: readonly ((amount: string, name: string, strength: string) => string)[] = [
  (amount, name, strength) => `${amount} ${name} ${strength}`,
  (amount, name, strength) => `${amount} ${strength} ${name}`,
  (amount, name, strength) => `${amount} of ${strength} ${name}`,
  (amount, name, strength) => `${amount} of ${name} (${strength})`,
  (amount, name, strength) => `${name} ${strength}, ${amount}`,
  (amount, name, strength) => `${name} ${strength}: ${amount}`,
  (amount, name, strength) => `- ${amount} ${name}, ${strength}`,
];

const tidy = (text: string) =>
  text
    .replace(/\(\s*\)/, '')
    .replace(/\s+/g, ' ')
    .replace(/[ ,]+$/, '')
    .replace(/ ([,:])/g, '$1')
    .trim();

const pick = <T>(list: readonly T[]) => fc.constantFrom(...list);

/** A line and what is meant by it. */
export const meant: fc.Arbitrary<Meant> = pick(named).chain(({ ingredient, names, strengths }) =>
  fc
    .record({
      figure: pick(figures),
      measure: pick(measures),
      name: pick(names),
      strength: pick(strengths),
      layout: pick(layouts),
      word: fc.nat(),
    })
    .map(({ figure, measure, name, strength, layout, word }): Meant => {
      const amount = `${figure[0]} ${measure.words[word % measure.words.length]}`;
      return {
        line: tidy(layout(amount, name, strength[0])),
        item: {
          ingredient,
          amount: { kind: 'volume', value: figure[1] * measure.volume, tool: measure.tool },
          ...(strength[1] === undefined ? {} : { strength: strength[1] }),
        },
      };
    }),
);

/**
 * What people also write down, and nobody can read: it must hide nothing and make nothing stronger.
 */
export const noise: fc.Arbitrary<string> = fc.oneof(
  pick([
    '1 glug zorbane',
    '2 cups',
    'rinse well afterwards',
    'the blue stuff',
    '??',
    'as needed',
    '1,000',
    'a bit of this',
  ]),
  fc.string({ maxLength: 20 }),
);

/** One letter of a line left out, doubled or changed for its neighbour, as fingers do. */
export const mistyped = (line: string, at: number, how: number): string => {
  const i = at % Math.max(1, line.length);
  const [before, letter, after] = [line.slice(0, i), line.charAt(i), line.slice(i + 1)];
  return [
    before + after,
    `${before}${letter}${letter}${after}`,
    `${before}${after.charAt(0)}${letter}${after.slice(1)}`,
  ][how % 3]!;
};
