import fc from 'fast-check';
import {
  analyseFormula,
  analyseRecipe,
  cautiousBook,
  cautiousRules,
  clashesAmong,
  judgeFormula,
  portionsOf,
  readRecipe,
  type Item,
  type LineReading,
  type Recipe,
  type RecipeAnalysis,
} from '../../src/index.ts';
import { meant, mistyped, noise, type Meant } from './generatedRecipes.ts';

const by = { rules: cautiousRules, book: cautiousBook };
const RUNS = 20_000;

const isSame = (a: Item, b: Item): boolean =>
  a.ingredient === b.ingredient &&
  a.strength === b.strength &&
  a.amount.kind === b.amount.kind &&
  'value' in a.amount &&
  'value' in b.amount &&
  Math.abs(a.amount.value - b.amount.value) <= 1e-6 * b.amount.value;

const holdsExactly = ({ items }: LineReading, item: Item): boolean =>
  items.length === 1 && isSame(items[0], item);

/** What the generator means, as a recipe that nobody had to read. */
const asMeant = (all: readonly Meant[]): Recipe => ({
  lines: all.map(({ item, line }, row) => ({
    kind: 'ingredients',
    text: line,
    row,
    column: 0,
    readings: [{ items: [item], text: line }],
    asks: null,
  })),
});

const numbersIn = (value: unknown): number[] => {
  if (typeof value === 'number') return [value];
  return value && typeof value === 'object' ? Object.values(value).flatMap(numbersIn) : [];
};

const isSound = ({ made }: RecipeAnalysis): boolean =>
  made === null ||
  (made.portions.length > 0 &&
    made.portions.every(({ volume, mass }) => volume > 0 && mass > 0) &&
    numbersIn(made).every((figure) => Number.isFinite(figure)));

const isDisinfecting = ({ verdict }: RecipeAnalysis): boolean =>
  verdict.name === 'disinfecting' && verdict.outcome !== 'never';

describe(`${RUNS.toLocaleString('en-GB')} generated recipes`, () => {
  test('every line is what was meant, or is asked about', () => {
    let asked = 0;
    fc.assert(
      fc.property(meant, ({ line, item }) => {
        const { lines } = readRecipe(line);
        const [first, ...more] = lines;
        const open = lines.some(
          (one) => one.kind === 'unread' || (one.kind === 'ingredients' && one.asks),
        );
        if (open) asked += 1;
        else if (
          more.length > 0 ||
          first?.kind !== 'ingredients' ||
          !first.readings.some((one) => holdsExactly(one, item))
        ) {
          throw new Error(`“${line}” is read as ${JSON.stringify(first)}`);
        }
      }),
      { numRuns: RUNS },
    );
    // A reader that asks about everything would read nothing.
    expect(asked / RUNS).toBeLessThan(0.1);
  });

  test('no recipe is stronger than it was meant, none hides a danger, none has an empty or endless portion', () => {
    fc.assert(
      fc.property(fc.array(meant, { minLength: 1, maxLength: 4 }), (all) => {
        const analysis = analyseRecipe(all.map(({ line }) => line).join('\n'), 'disinfect', by);
        expect(isSound(analysis)).toBe(true);
        const measured = portionsOf(asMeant(all));
        if (!measured.ok) throw new Error('what is meant can be measured out');
        const truth = judgeFormula(analyseFormula(measured.portions), 'disinfect', by);
        if (isDisinfecting(analysis)) expect(truth.name).toBe('disinfecting');
        const clashes = clashesAmong(
          all.map(({ item }) => item),
          cautiousBook,
        ).filter(({ severity }) => severity === 'never');
        if (clashes.length > 0)
          expect([analysis.verdict.name, analysis.verdict.outcome]).toEqual(['dangerous', 'never']);
      }),
      { numRuns: RUNS },
    );
  });

  test('a line that nobody can read hides no danger and makes nothing useful', () => {
    fc.assert(
      fc.property(
        fc.array(meant, { minLength: 1, maxLength: 3 }),
        noise,
        fc.nat(3),
        (all, other, at) => {
          const lines = all.map(({ line }) => line);
          const alone = analyseRecipe(lines.join('\n'), 'disinfect', by);
          const withNoise = analyseRecipe(
            [...lines.slice(0, at), other, ...lines.slice(at)].join('\n'),
            'disinfect',
            by,
          );
          expect(isSound(withNoise)).toBe(true);
          if (alone.verdict.name === 'dangerous') expect(withNoise.verdict.name).toBe('dangerous');
          if (alone.verdict.outcome === 'never' && alone.made)
            expect(isDisinfecting(withNoise)).toBe(false);
        },
      ),
      { numRuns: RUNS / 10 },
    );
  });

  test('a mistyped line is read as meant, asked about, or not read; it is never made stronger in silence', () => {
    fc.assert(
      fc.property(meant, fc.nat(), fc.nat(), ({ line, item }, at, how) => {
        const typed = mistyped(line, at, how);
        const lines = readRecipe(typed).lines;
        const read = lines.flatMap((one) =>
          one.kind === 'ingredients' && !one.asks
            ? one.readings.flatMap(({ items }) => [...items])
            : [],
        );
        // Another figure is another recipe: what is looked at is the name and the words around it.
        if (typed.replace(/[^\d/.,½¼¾]/g, '') !== line.replace(/[^\d/.,½¼¾]/g, '')) return;
        for (const one of read) {
          if (one.ingredient !== item.ingredient)
            throw new Error(`“${typed}” is read as ${one.ingredient}, meant ${item.ingredient}`);
        }
      }),
      { numRuns: RUNS },
    );
  });
});

describe('worse never looks better', () => {
  // What nobody cleans a home with; a little ammonia in water does make a cleaner of it.
  const harsh = [
    '1 tbsp lye',
    '1 tsp lye',
    '1 cup muriatic acid',
    '1 cup bleach',
    '1 cup unknown',
    '2 tbsp pool shock',
    '1 tsp sulfuric acid',
  ];
  const rank = { never: 0, care: 1, use: 2 } as const;
  test('what hurts, put into any recipe, never gives a better outcome or a better name', () => {
    const worth = ({ verdict }: RecipeAnalysis) => rank[verdict.outcome];
    fc.assert(
      fc.property(
        fc.array(meant, { minLength: 1, maxLength: 3 }),
        fc.constantFrom(...harsh),
        fc.constantFrom('disinfect', 'clean', 'descale'),
        (all, more, claim) => {
          const text = all.map(({ line }) => line).join('\n');
          const [before, after] = [
            analyseRecipe(text, claim, by),
            analyseRecipe(`${text}\n${more}`, claim, by),
          ];
          if (worth(after) > worth(before) && before.made) {
            throw new Error(
              `${JSON.stringify(text)} + ${more} to ${claim}: ${before.verdict.outcome}, then ${after.verdict.outcome}`,
            );
          }
        },
      ),
      { numRuns: 3000 },
    );
  });
  test('an ingredient with a danger in it stays dangerous whatever is added', () => {
    fc.assert(
      fc.property(fc.array(meant, { minLength: 2, maxLength: 4 }), meant, (all, more) => {
        const text = all.map(({ line }) => line).join('\n');
        if (analyseRecipe(text, 'clean', by).verdict.name !== 'dangerous') return;
        expect(analyseRecipe(`${text}\n${more.line}`, 'clean', by).verdict.name).toBe('dangerous');
      }),
      { numRuns: 2000 },
    );
  });
});
