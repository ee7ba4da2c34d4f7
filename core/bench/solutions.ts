import {
  analyseFormula,
  analyseRecipe,
  cautiousBook,
  cautiousRules,
  chanceOfStrength,
  portionsOf,
  readRecipe,
} from '../src/index.ts';

/* Speed of the bench's computations, for a person to read: npm run bench:solutions. */
const recipe = `300 ml rubbing alcohol 91 %
1 cup water
2 tsp castile soap
10 drops orange oil
1 tbsp glycerin
50 ml vinegar
1 tsp borax
5 g citric acid
1 tsp baking soda
2 tsp salt`;

const median = (runs: number, work: (i: number) => void): number => {
  const times = Array.from({ length: runs }, (_, i) => {
    const from = performance.now();
    work(i);
    return performance.now() - from;
  }).sort((a, b) => a - b);
  return times[Math.floor(runs / 2)]!;
};

const measured = portionsOf(readRecipe(recipe));
if (!measured.ok) throw new Error('the recipe does not read');
const alcohol = portionsOf(readRecipe('335 ml rubbing alcohol 99 %\n151 ml water'));
if (!alcohol.ok) throw new Error('the recipe does not read');
const say = (what: string, ms: number, most: number) =>
  console.log(`${what.padEnd(52)} ${ms.toFixed(3).padStart(9)} ms   at most ${most} ms`);
const by = { rules: cautiousRules, book: cautiousBook };
say(
  'readRecipe, 10 lines',
  median(500, () => readRecipe(recipe)),
  3,
);
say(
  'analyseRecipe, 10 lines',
  median(500, () => analyseRecipe(recipe, 'clean', by)),
  3,
);
say(
  'analyseFormula, 10 ingredients',
  median(1000, () => analyseFormula(measured.portions)),
  0.5,
);
say(
  'chanceOfStrength, 10,000 draws, 2 portions',
  median(15, (i) =>
    chanceOfStrength(
      alcohol.portions,
      'alcohol',
      { floor: 0.7, top: 0.9 },
      { draws: 10_000, seed: i },
    ),
  ),
  150,
);
say(
  'chanceOfStrength, 10,000 draws, 10 portions',
  median(15, (i) =>
    chanceOfStrength(
      measured.portions,
      'alcohol',
      { floor: 0.3, top: 0.9 },
      { draws: 10_000, seed: i },
    ),
  ),
  150,
);
