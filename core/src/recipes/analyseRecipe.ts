import { judgeCombination } from '../apart/judgeCombination.ts';
import { worse } from '../domain/outcome.ts';
import { severities } from '../reference/neverCombine.ts';
import { analyseFormula, type Formula } from '../solutions/analyseFormula.ts';
import type { Portion } from '../solutions/portion.ts';
import type { Reason } from '../verdict/reason.ts';
import { verdictOf } from '../verdict/verdict.ts';
import { clashesAmong, productOfIngredient, type Clash, type PouredIn } from './clashes.ts';
import {
  clashReasons,
  judgeFormula,
  mixtureNames,
  type FormulaVerdict,
  type RecipeRules,
} from './judgeFormula.ts';
import { type Claim } from './claim.ts';
import type { Line, Recipe } from './line.ts';
import { portionsOf } from './portions.ts';
import { type Problem } from './problem.ts';
import { ingredientsNamed, readRecipe } from './readRecipe.ts';
import { variantsOf } from './variants.ts';
import { askedReasons } from './questionsIn.ts';
import { strange } from './strange.ts';

/** One way to understand a recipe, worked out. */
export interface Made {
  portions: Portion[];
  formula: Formula;
  verdict: FormulaVerdict;
  assumedSize: boolean;
}

/**
 * What a recipe comes to: the worst of the ways in which it may be understood, or what stands in
 * the way.
 */
export interface RecipeAnalysis {
  recipe: Recipe;
  problems: Problem[];
  /** The worst way, where every way can be measured out. */
  made: Made | null;
  /** How many ways there are. */
  ways: number;
  verdict: FormulaVerdict;
  /** Pairs among all that is named, read or not. */
  clashes: Clash[];
}

/**
 * Everything that may be poured by any reading of a line; what nobody knows is said by its
 * question, not as a danger.
 */
const pouredBy = (line: Line): PouredIn[] => {
  const known = (id: string) =>
    line.kind !== 'ingredients' || line.asks?.code !== 'left-over' || id !== 'unknown';
  if (line.kind !== 'ingredients') {
    return ingredientsNamed(line).map((ingredient) => ({ ingredient, onlyNamed: true }));
  }
  return line.readings
    .flatMap(({ items }) => items.map(({ ingredient, strength }) => ({ ingredient, strength })))
    .filter(({ ingredient }) => known(ingredient));
};

const isSamePair = (one: Clash, other: Clash): boolean =>
  one.rule === other.rule &&
  ((one.a === other.a && one.b === other.b) || (one.a === other.b && one.b === other.a));

/**
 * Readings of one line are one or the other: they meet what other lines bring, and each other only
 * within a reading.
 */
const clashesIn = ({ lines }: Recipe, { book }: RecipeRules): Clash[] => {
  const all = lines.map(pouredBy);
  const found: Clash[] = [];
  // The same pair may come by several lines: the strongest of them counts.
  const add = (clashes: readonly Clash[]) =>
    clashes.forEach((one) => {
      const at = found.findIndex((known) => isSamePair(known, one));
      if (at < 0) found.push(one);
      else if (severities.indexOf(one.severity) > severities.indexOf(found[at]!.severity))
        found[at] = one;
    });
  all.forEach((mine, i) => {
    all.slice(i + 1).forEach((theirs) => {
      for (const a of mine) {
        for (const b of theirs) {
          if (a.ingredient === b.ingredient) continue;
          add(
            judgeCombination(
              productOfIngredient(a),
              productOfIngredient(b),
              { route: 'vessel' },
              book,
            ).bites.map((bite) => ({ ...bite, a: a.ingredient, b: b.ingredient })),
          );
        }
      }
    });
  });
  for (const line of lines) {
    if (line.kind === 'unread') add(clashesAmong(pouredBy(line), book));
    if (line.kind !== 'ingredients') continue;
    for (const { items } of line.readings) add(clashesAmong(items, book));
    // Two things side by side without a word between them may both go in.
    if (line.asks?.code === 'which-ingredient' && namesApart(line))
      add(clashesAmong(pouredBy(line), book));
  }
  return found.sort((x, y) => severities.indexOf(y.severity) - severities.indexOf(x.severity));
};

/**
 * Whether the readings of a line are of several words of it, rather than of one word that may mean
 * several things.
 */
const namesApart = ({ asks }: Extract<Line, { kind: 'ingredients' }>): boolean =>
  asks?.found === 'apart';

const rankOf = ({ verdict }: Made): number => {
  const outcome = { never: 0, care: 100, use: 200 }[verdict.outcome];
  return outcome + mixtureNames.indexOf(verdict.name);
};

const unmeasured = (recipe: Recipe, problems: Problem[], clashes: Clash[]): RecipeAnalysis => {
  const dangerous = clashes.some(({ severity }) => severity === 'never');
  const reasons: Reason[] = [
    ...clashReasons(clashes),
    { code: 'not-read', outcome: 'never', source: 'the recipe as it is written' },
  ];
  return {
    recipe,
    problems,
    made: null,
    ways: 0,
    clashes,
    verdict: { ...verdictOf(reasons), name: dangerous ? 'dangerous' : 'not known yet' },
  };
};

/**
 * A recipe from its text to its verdict. Where it may be understood in several ways the worst
 * counts; where a line is not read, what all of it names is judged for danger all the same.
 */
export const analyseRecipe = (text: string, claim: Claim, by: RecipeRules): RecipeAnalysis => {
  const recipe = readRecipe(text);
  const clashes = clashesIn(recipe, by);
  const variants = variantsOf(recipe);
  const measured = variants.map((chosen) => portionsOf(recipe, chosen));
  const failed = measured.find((one) => !one.ok);
  if (failed && !failed.ok) return unmeasured(recipe, failed.problems, clashes);
  const all = measured.flatMap((one): Made[] => {
    if (!one.ok) return [];
    const formula = analyseFormula(one.portions);
    return [
      {
        portions: one.portions,
        formula,
        assumedSize: one.assumedSize,
        verdict: judgeFormula(formula, claim, by),
      },
    ];
  });
  const unknownApart = all.filter(({ portions }) => !isStranger(recipe, portions));
  const made = (unknownApart.length > 0 ? unknownApart : all).reduce((a, b) =>
    rankOf(b) < rankOf(a) ? b : a,
  );
  const own = clashReasons(clashes).filter(
    ({ figures }) =>
      !made.verdict.reasons.some(
        (reason) =>
          reason.code === 'must-not-share-a-bottle' &&
          reason.figures.a === figures.a &&
          reason.figures.b === figures.b &&
          reason.figures.rule === figures.rule,
      ),
  );
  const asked = askedReasons(recipe, claim);
  const { outcome, reasons } = verdictOf([...made.verdict.reasons, ...own, ...asked]);
  const danger = clashes.some(({ severity }) => severity === 'never');
  const notKnown = asked.some(({ figures }) => strange(recipe, figures.row));
  const harmless = notKnown ? 'not known yet' : made.verdict.name;
  const name = danger ? 'dangerous' : harmless;
  return {
    recipe,
    problems: [],
    made,
    ways: all.length,
    clashes,
    verdict: { outcome: worse(outcome, made.verdict.outcome), reasons, name },
  };
};

/** Whether one of the portions stands for words that could not be read. */
const isStranger = ({ lines }: Recipe, portions: readonly Portion[]): boolean =>
  portions.some(({ ingredient, row }) => ingredient === 'unknown' && strange({ lines }, row + 1));
