import {
  analyseRecipe,
  cautiousBook,
  cautiousRules,
  inMillilitres,
  variantsOf,
  portionsOf,
  analyseFormula,
} from '../src/index.ts';
import { wholes } from './recipes/wholes.ts';

const by = { rules: cautiousRules, book: cautiousBook };

test('the table is as long as it has to be', () =>
  expect(wholes.length).toBeGreaterThanOrEqual(60));

describe.each(wholes)(
  '$text',
  ({ text, claim, outcome, name, alcohol, peroxide, acid, asks, rules, volume }) => {
    const analysis = analyseRecipe(text, claim, by);
    test(`${claim}: ${outcome}, ${name}`, () =>
      expect([analysis.verdict.outcome, analysis.verdict.name]).toEqual([outcome, name]));
    if (asks)
      test(`asks ${asks.join()}`, () =>
        expect(
          analysis.recipe.lines.flatMap((line) =>
            line.kind === 'ingredients' && line.asks ? [line.asks.code] : [],
          ),
        ).toEqual(asks));
    if (rules)
      test(`clashes by ${rules.join()}`, () =>
        expect(analysis.clashes.map(({ rule }) => rule)).toEqual(expect.arrayContaining(rules)));
    const formulas =
      analysis.made === null
        ? []
        : variantsOf(analysis.recipe).flatMap((chosen) => {
            const measured = portionsOf(analysis.recipe, chosen);
            return measured.ok ? [analyseFormula(measured.portions)] : [];
          });
    const weakest = (of: 'alcohol' | 'peroxide' | 'acid') =>
      Math.min(...formulas.map(({ strengths }) => strengths[of])) * 100;
    for (const [of, value] of Object.entries({ alcohol, peroxide, acid })) {
      if (value !== undefined)
        test(`at least ${value} % ${of}`, () =>
          expect(Math.abs(weakest(of as 'alcohol') - value)).toBeLessThan(0.051));
    }
    if (volume !== undefined)
      test(`makes ${volume} ml`, () =>
        expect(Math.abs(inMillilitres(analysis.made!.formula.volume) - volume)).toBeLessThan(0.6));
  },
);
