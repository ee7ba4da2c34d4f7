import { ingredientOf, type IngredientId } from '../reference/ingredients.ts';
import { DROP, OIL_DROP, type Tool } from '../reference/tools.ts';
import { litres } from '../units/volume.ts';
import { addMasses, massOf, mixtureVolume } from './composition.ts';
import type { IngredientLine, Recipe } from './parseRecipe.ts';
import { contentOf, type Content, type Masses } from './stockContent.ts';

/** One line of a recipe as it is measured out: m³, kg, and the spread where a range was written (m³). */
export interface Portion {
  row: number;
  text: string;
  ingredient: IngredientId;
  /** Fraction in the ingredient's basis, and whether it was only assumed. */
  strength?: number;
  assumed: boolean;
  volume: number;
  mass: number;
  /** kg of each component in it. */
  masses: Masses;
  tool: Tool;
  from?: number;
  to?: number;
}

export interface Problem {
  row: number;
  found: string;
  expected: string;
}

/** What a recipe is measured out as, or every reason why it cannot be. */
export type Measured = { ok: true; portions: Portion[]; assumedSize: boolean; bottle?: number } | { ok: false; problems: Problem[] };

/** Taken where a recipe in parts or shares does not say how much is made. */
const USUAL_BOTTLE = litres(0.5);
const USUAL_BATCH = 0.5;
const SUM_SLACK = 0.001;

const byVolume = (line: IngredientLine, content: Content, volume: number, tool: Tool, spread: { from?: number; to?: number } = {}): Portion => {
  const { strength } = ingredientOf(line.ingredient);
  const mass = volume * content.density;
  const masses = Object.fromEntries(Object.entries(content.parts).map(([name, part]) => [name, part * mass])) as Masses;
  return {
    row: line.row, text: line.text, ingredient: line.ingredient, ...(strength ? { strength: line.strength ?? strength.usual } : {}),
    assumed: strength !== undefined && line.strength === undefined, volume, mass, masses, tool, ...spread,
  };
};

const contentOfLine = ({ ingredient, strength }: IngredientLine): Content => contentOf(ingredient, strength);
const dropOf = (id: IngredientId): number => (ingredientOf(id).role === 'scent' || ingredientOf(id).groups.includes('alcohol') ? OIL_DROP : DROP);

/** Amounts that need nothing but themselves. */
const direct = (line: IngredientLine): Portion | undefined => {
  const { amount } = line;
  const content = contentOfLine(line);
  if (amount.kind === 'volume') return byVolume(line, content, amount.value, amount.tool, { from: amount.from, to: amount.to });
  if (amount.kind === 'mass') return byVolume(line, content, amount.value / content.density, amount.tool);
  if (amount.kind === 'drops') {
    const drop = dropOf(line.ingredient);
    return byVolume(line, content, amount.value * drop, 'by eye', amount.from === undefined ? {} : { from: amount.from * drop, to: amount.to! * drop });
  }
  return undefined;
};

const volumeOf = (portions: Portion[]): number => mixtureVolume(portions.reduce<Masses>((sum, { masses }) => addMasses(sum, masses), {}));

/** The portion that brings what is already in the bottle up to `target` m³, contraction and all; nothing where it is full. */
const upTo = (target: number, line: IngredientLine, before: Portion[]): Portion | undefined => {
  if (volumeOf(before) >= target) return undefined;
  const content = contentOfLine(line);
  let [low, high] = [0, 2 * target];
  for (let i = 0; i < 60; i += 1) {
    const middle = (low + high) / 2;
    if (volumeOf([...before, byVolume(line, content, middle, 'by eye')]) < target) low = middle;
    else high = middle;
  }
  return byVolume(line, content, low, 'by eye');
};

const problem = ({ row }: { row: number }, found: string, expected: string): Problem => ({ row, found, expected });

/**
 * What each line of a recipe comes to: parts of the bottle (or half a litre), shares of the batch (or 500 g), fillings
 * to a mark in the order they are written. Gives every problem where something cannot be measured out.
 */
export const portionsOf = ({ lines }: Recipe): Measured => {
  const problems: Problem[] = lines.flatMap((line) => (line.kind === 'unread' ? [problem(line, line.found, line.expected)] : []));
  const ingredients = lines.filter((line) => line.kind === 'ingredient');
  if (problems.length > 0) return { ok: false, problems };
  if (ingredients.length === 0) return { ok: false, problems: [{ row: 0, found: 'nothing', expected: 'at least one ingredient with its amount' }] };
  const bottle = lines.find((line) => line.kind === 'bottle')?.volume;
  const batch = lines.find((line) => line.kind === 'batch')?.mass;

  const shares = ingredients.flatMap(({ amount }) => (amount.kind === 'share' ? [amount.value] : []));
  if (shares.length > 0) {
    const sum = shares.reduce((a, b) => a + b, 0);
    if (Math.abs(sum - 1) > SUM_SLACK) return { ok: false, problems: [problem(ingredients[0]!, `${Number((sum * 100).toFixed(2))} % in all`, 'shares of a batch that add up to 100 %')] };
  }
  const parts = ingredients.reduce((sum, { amount }) => sum + (amount.kind === 'parts' ? amount.value : 0), 0);
  const fixed = ingredients.map(direct).filter((portion) => portion !== undefined);
  const part = ((bottle ?? USUAL_BOTTLE) - (bottle === undefined ? 0 : fixed.reduce((sum, { volume }) => sum + volume, 0))) / parts;

  const portions: Portion[] = [];
  for (const line of ingredients) {
    const { amount } = line;
    const content = contentOfLine(line);
    const known = direct(line);
    if (known) portions.push(known);
    else if (amount.kind === 'parts') {
      if (part > 0) portions.push(byVolume(line, content, amount.value * part, 'by eye'));
      else problems.push(problem(line, 'a full bottle', 'room for the parts: the other amounts already fill it'));
    } else if (amount.kind === 'share') portions.push(byVolume(line, content, ((batch ?? USUAL_BATCH) * amount.value) / content.density, 'kitchen scale'));
    else {
      const target = amount.kind === 'fill' ? (bottle === undefined ? undefined : amount.value * bottle) : ((amount as { to?: number }).to ?? bottle);
      if (target === undefined) problems.push(problem(line, line.text.trim(), 'the size of the bottle on a line of its own, such as 500 ml bottle'));
      else {
        const filling = upTo(target, line, portions);
        if (filling) portions.push(filling);
        else problems.push(problem(line, 'a bottle that is already full to there', 'room for it'));
      }
    }
  }
  if (problems.length > 0) return { ok: false, problems };
  const assumedSize = (parts > 0 && bottle === undefined) || (shares.length > 0 && batch === undefined);
  return { ok: true, portions, assumedSize, ...(bottle === undefined ? {} : { bottle }) };
};

/** kg of each component over all portions. */
export const poured = (portions: readonly Portion[]): Masses => portions.reduce<Masses>((sum, { masses }) => addMasses(sum, masses), {});
export const pouredMass = (portions: readonly Portion[]): number => massOf(poured(portions));
