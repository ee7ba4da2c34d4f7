import { disinfectingSpan } from '../contact/requiredContact.ts';
import { activeFacts, type Active, type GenericActive } from '../reference/families.ts';
import { ingredientOf, type IngredientId } from '../reference/ingredients.ts';
import { inMillilitres, litres } from '../units/volume.ts';
import { analyseFormula, type Formula } from './analyseFormula.ts';
import { dilute } from './dilute.ts';
import { judgeFormula, type Claim, type MixtureName, type RecipeRules } from './judgeFormula.ts';
import { clashesAmong } from '../recipes/clashes.ts';
import type { Line, Recipe } from '../recipes/line.ts';
import { ingredientsNamed } from '../recipes/readRecipe.ts';
import { ingredientName } from '../recipes/words/englishIngredients.ts';
import { analyseRecipe } from '../recipes/analyseRecipe.ts';
import { portionsOf } from '../recipes/portions.ts';
import { ingredientOfActive } from './weighed.ts';

export type ChangeCode =
  | 'leave-out-water'
  | 'leave-out-spoiler'
  | 'only-the-active'
  | 'stronger-stock'
  | 'detergent-for-soap';

/**
 * A change that makes a recipe what it is said to be: the new recipe, what it then is, and how many
 * lines it touches.
 */
export interface Change {
  code: ChangeCode;
  text: string;
  lines: number;
  /** Lines that go, as typed. */
  out: string[];
  formula: Formula;
  name: MixtureName;
  /** Fits a target that can be poured straight from this stock. */
  pour?: { active: GenericActive; stock: number; strength: number; volume: number };
}

/** A stock somebody could pour from: strength as a fraction in the active's basis. */
export interface OnShelf {
  active: Active;
  strength: number;
}

export type Mending =
  | { changes: Change[] }
  | { changes: []; because: 'already' | 'not-read' | 'asked' | 'no-such-active' };

const idsIn = (line: Line): IngredientId[] =>
  line.kind === 'ingredients' ? ingredientsNamed(line) : [];
const ml = (volume: number, turn: (n: number) => number): string =>
  `${turn(Number(inMillilitres(volume).toFixed(3)))} ml`;
const percent = (value: number): string => `${Number((value * 100).toFixed(2))} %`;

const wanted: Record<Claim, readonly MixtureName[]> = {
  disinfect: ['disinfecting'],
  clean: ['cleaner', 'descaler', 'disinfecting'],
  descale: ['descaler'],
};

/**
 * The alcohol a recipe tries to work with, or peroxide: what a stronger stock could be taken of.
 */
const activeIn = (formula: Formula): GenericActive[] => {
  const has = (name: string) => formula.portions.some(({ masses }) => name in masses);
  return (['hydrogen peroxide', '2-propanol', 'ethanol'] as const).filter(has);
};

/** A margin over the floor, so that a careful batch does not fall below it. Source: house rule. */
const MARGIN = 0.02;

/**
 * The changes that make a recipe reach what it claims, the smallest first: each is analysed and
 * judged anew before it is offered. Nothing where no change can, with the reason.
 */
export const mend = (
  recipe: Recipe,
  claim: Claim,
  by: RecipeRules,
  shelf: readonly OnShelf[],
): Mending => {
  const { rules, book } = by;
  if (recipe.lines.some((line) => line.kind === 'ingredients' && line.asks))
    return { changes: [], because: 'asked' };
  const measured = portionsOf(recipe);
  if (!measured.ok) return { changes: [], because: 'not-read' };
  const formula = analyseFormula(measured.portions);
  const judged = judgeFormula(formula, claim, by);
  const clashes = clashesAmong(measured.portions, book);
  const holds = (name: MixtureName, clashing: number) =>
    wanted[claim].includes(name) && clashing === 0;
  if (holds(judged.name, clashes.length)) return { changes: [], because: 'already' };

  const lines = recipe.lines.map((line) => ({ line, text: line.text.trim() }));
  const changes: Change[] = [];
  const offer = (
    code: ChangeCode,
    text: string,
    out: string[],
    touched: number,
    pour?: Change['pour'],
  ) => {
    if (text.trim() === '') return;
    const { made, clashes: left, verdict } = analyseRecipe(text, claim, by);
    if (!made) return;
    const then = made.formula;
    const { name } = verdict;
    // A change that is itself refused, or that offers what the house does not carry, is no mending.
    if (
      verdict.outcome !== 'never' &&
      holds(name, left.length) &&
      !changes.some((one) => one.text === text)
    )
      changes.push({
        code,
        text,
        lines: touched,
        out,
        formula: then,
        name,
        ...(pour ? { pour } : {}),
      });
  };
  const without = (code: ChangeCode, leaves: (id: IngredientId) => boolean) => {
    const out = lines.filter(({ line }) => idsIn(line).some(leaves));
    const kept = lines.filter((one) => !out.includes(one));
    if (out.length > 0 && kept.some(({ line }) => line.kind === 'ingredients'))
      offer(
        code,
        kept.map(({ text }) => text).join('\n'),
        out.map(({ text }) => text),
        out.length,
      );
  };
  const role = (id: IngredientId) => ingredientOf(id).role;
  const actives = activeIn(formula);
  const isActive = (id: IngredientId) =>
    actives.some((active) => ingredientOf(id).strength?.of === active);

  without('leave-out-water', (id) => role(id) === 'water');
  for (const id of new Set(clashes.flatMap(({ a, b }) => [a, b])))
    without('leave-out-spoiler', (one) => one === id);
  const spoilers = new Set(clashes.flatMap(({ a, b }) => [a, b]));
  if (claim === 'disinfect')
    for (const active of actives)
      without('only-the-active', (id) => ingredientOf(id).strength?.of !== active);
  if (claim !== 'disinfect') {
    const soap = lines.filter(({ line }) =>
      idsIn(line).some((id) => ingredientOf(id).groups.includes('soap')),
    );
    if (soap.length > 0) {
      const text = lines
        .map((one) =>
          soap.includes(one)
            ? one.text.replace(
                /(?:liquid |unscented |pure )*(?:castile soap|castile|soap flakes|bar soap|hand soap|soap)/i,
                'washing-up liquid',
              )
            : one.text,
        )
        .join('\n');
      offer(
        'detergent-for-soap',
        text,
        soap.map(({ text: own }) => own),
        soap.length,
      );
    }
    without('leave-out-spoiler', (id) => spoilers.has(id) && role(id) === 'powder');
  }
  if (claim === 'disinfect') {
    const volume = Math.max(litres(0.1), Math.min(formula.volume, litres(5)));
    for (const active of actives) {
      const span = disinfectingSpan(active, 'everyday', rules)!;
      const { basis } = activeFacts[active];
      for (const stock of shelf.filter(
        (one) => one.active === active && one.strength >= span.floor,
      )) {
        const usual =
          active === 'hydrogen peroxide'
            ? Math.min(stock.strength, 0.03)
            : Math.min(stock.strength, span.floor + MARGIN, span.top);
        const pour = dilute(active, stock.strength, usual, volume);
        const name = ingredientName(ingredientOfActive[active]);
        const text = [
          `${ml(pour.stock, Math.ceil)} ${name} ${percent(stock.strength)}${basis === 'v/v' ? '' : ' w/v'}`,
          ...(inMillilitres(pour.water) >= 1 ? [`${ml(pour.water, Math.floor)} water`] : []),
        ].join('\n');
        const out = lines
          .filter(({ line }) => idsIn(line).some((id) => !isActive(id)))
          .map((one) => one.text);
        offer('stronger-stock', text, out, lines.length, {
          active,
          stock: stock.strength,
          strength: usual,
          volume,
        });
      }
    }
  }
  changes.sort((a, b) => a.lines - b.lines);
  return changes.length > 0 ? { changes } : { changes: [], because: 'no-such-active' };
};
