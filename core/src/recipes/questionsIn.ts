import type { ReasonOf } from '../verdict/reason.ts';
import { type Claim } from './claim.ts';
import type { Question, Recipe } from './line.ts';

/**
 * Questions whose readings are all there are: their worst is the worst there is. The others may
 * mean something else yet.
 */
const EXHAUSTIVE: ReadonlySet<Question> = new Set([
  'thousands',
  'which-ingredient',
  'which-amount',
  'shares-basis',
]);

const questionsIn = ({ lines }: Recipe): { code: Question; row: number; found: string }[] =>
  lines.flatMap((line) =>
    line.kind === 'ingredients' && line.asks ? [{ ...line.asks, row: line.row }] : [],
  );

export const askedReasons = (recipe: Recipe, claim: Claim): ReasonOf<'asked-first'>[] =>
  questionsIn(recipe)
    .filter(({ code }) => !EXHAUSTIVE.has(code))
    .map(({ row, found, code }): ReasonOf<'asked-first'> => ({
      code: 'asked-first',
      outcome:
        claim === 'disinfect' || code === 'left-over' || code === 'nearest' ? 'never' : 'care',
      figures: { row: row + 1, found },
      source: 'the recipe as it is written',
    }));
