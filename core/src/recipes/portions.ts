import { ingredientOf, type IngredientId } from '../reference/ingredients.ts';
import { DROP, OIL_DROP } from '../reference/tools.ts';
import type { Portion } from '../solutions/portion.ts';
import type { Amount, Line, LineReading, Recipe } from './line.ts';
import { sizesIn, sharesOf } from './sizes.ts';
import { type ProblemCode, type Problem } from './problem.ts';
import { USUAL_BOTTLE, type Placed, contentOfItem, byVolume, volumeOf } from './placed.ts';

/** What a recipe is measured out as, or every reason why it cannot be. */
export type Measured =
  | { ok: true; portions: Portion[]; assumedSize: boolean; bottle?: number }
  | { ok: false; problems: Problem[] };

/** One reading of every line that puts something in. */
export type Chosen = readonly { line: Line; reading: LineReading }[];

/** A bottle takes a little more than its name says. Source: common practice, no source. */
const BRIM = 1.02;

const dropOf = (id: IngredientId): number => {
  const { role, groups } = ingredientOf(id);
  return role === 'scent' || groups.includes('alcohol') || groups.includes('oil') ? OIL_DROP : DROP;
};

/** Amounts that need nothing but themselves. */
const direct = (placed: Placed): Portion | undefined => {
  const { amount, ingredient } = placed.item;
  if (amount.kind === 'volume') return byVolume(placed, amount.value, amount.tool);
  if (amount.kind === 'mass')
    return byVolume(placed, amount.value / contentOfItem(placed.item).density, amount.tool);
  return amount.kind === 'drops'
    ? byVolume(placed, amount.value * dropOf(ingredient), 'by eye')
    : undefined;
};

/**
 * The portion that brings what is in the bottle up to `target` m³, contraction and all; nothing
 * where it is full.
 */
const upTo = (target: number, placed: Placed, before: readonly Portion[]): Portion | undefined => {
  // What is left of a full bottle by rounding is no portion.
  if (volumeOf(before) >= target * (1 - 1e-4)) return undefined;
  let [low, high] = [0, 2 * target];
  for (let i = 0; i < 50; i += 1) {
    const middle = (low + high) / 2;
    if (volumeOf([...before, byVolume(placed, middle, 'by eye')]) < target) low = middle;
    else high = middle;
  }
  return byVolume(placed, low, 'by eye');
};

const placedOf = (chosen: Chosen): Placed[] =>
  chosen.flatMap(({ line, reading }) =>
    reading.items.map((item) => ({ row: line.row, text: line.text, item })),
  );

/** What the amounts that are no measures rest on. */
interface Shared {
  bottle: number | undefined;
  /** m³ of one part. */
  part: number;
  shares: { ofBatch: number; ofBottle: number };
}

/** m³ up to which a filling goes; nothing where nobody has said how large the bottle is. */
const markOf = (
  amount: Extract<Amount, { kind: 'fill' | 'top' }>,
  bottle: number | undefined,
): number | undefined => {
  if (amount.kind === 'top') return amount.to ?? bottle;
  return bottle === undefined ? undefined : amount.value * bottle;
};

/** One portion after those before it, or why it cannot be measured out. */
const portionOf = (
  one: Placed,
  { bottle, part, shares }: Shared,
  before: readonly Portion[],
): Portion | ProblemCode => {
  const known = direct(one);
  if (known) return known;
  const { amount } = one.item;
  if (amount.kind === 'parts')
    return part > 0 ? byVolume(one, amount.value * part, 'by eye') : 'no-room';
  if (amount.kind === 'share') {
    if (amount.by !== 'weight') return byVolume(one, shares.ofBottle * amount.value, 'by eye');
    const volume = (shares.ofBatch * amount.value) / contentOfItem(one.item).density;
    return byVolume(one, volume, 'kitchen scale');
  }
  const target = markOf(amount as Extract<Amount, { kind: 'fill' | 'top' }>, bottle);
  if (target === undefined) return 'bottle-size';
  return upTo(target, one, before) ?? 'already-full';
};

const failed = (...problems: Problem[]): Measured => ({ ok: false, problems });

/** m³ of one part: what is left of the bottle, or of half a litre, over all parts. */
const partOf = (placed: readonly Placed[], bottle: number | undefined): number => {
  const parts = placed.reduce(
    (sum, { item: { amount } }) => sum + (amount.kind === 'parts' ? amount.value : 0),
    0,
  );
  const fixed = placed.map(direct).filter((portion) => portion !== undefined);
  const taken = bottle === undefined ? 0 : fixed.reduce((sum, { volume }) => sum + volume, 0);
  return ((bottle ?? USUAL_BOTTLE) - taken) / parts;
};

/**
 * What one reading of a recipe comes to: parts of the bottle (or half a litre), shares of the
 * bottle or the batch (or 500 g), fillings to a mark in the order they are written. Gives every
 * problem where something cannot be measured out.
 */
export const portionsOf = (recipe: Recipe, chosen: Chosen = firstReadings(recipe)): Measured => {
  const unread = recipe.lines.flatMap((line): Problem[] =>
    line.kind === 'unread' ? [{ row: line.row, code: line.code, found: line.found }] : [],
  );
  if (unread.length > 0) return failed(...unread);
  const placed = placedOf(chosen);
  if (placed.length === 0) return failed({ row: 0, code: 'nothing-in-it', found: '' });
  const sizes = sizesIn(recipe);
  const { bottle, batch } = sizes;
  const shares = sharesOf(placed, sizes);
  if (!shares.ok) return failed(shares.problem);
  const shared = { bottle, part: partOf(placed, bottle), shares };

  const problems: Problem[] = [];
  const portions: Portion[] = [];
  for (const one of placed) {
    const portion = portionOf(one, shared, portions);
    if (typeof portion === 'string')
      problems.push({ row: one.row, code: portion, found: one.text.trim() });
    else portions.push(portion);
  }
  if (problems.length > 0) return failed(...problems);
  // What does not go into the bottle is another mixture than the one that is meant.
  if (bottle !== undefined && volumeOf(portions) > bottle * BRIM) {
    const found = `${Math.round(volumeOf(portions) * 1e6)}`;
    return failed({ row: placed.at(-1)!.row, code: 'too-much-for-bottle', found });
  }
  const has = (kind: Amount['kind']) => placed.some(({ item: { amount } }) => amount.kind === kind);
  const assumedSize =
    bottle === undefined && (has('parts') || (has('share') && batch === undefined));
  return { ok: true, portions, assumedSize, ...(bottle === undefined ? {} : { bottle }) };
};

/** Every line by its first, likeliest reading. */
export const firstReadings = ({ lines }: Recipe): Chosen =>
  lines.flatMap((line) =>
    line.kind === 'ingredients' ? [{ line, reading: line.readings[0] }] : [],
  );
