import { ingredientOf, type IngredientId } from '../reference/ingredients.ts';
import { DROP, OIL_DROP, type Tool } from '../reference/tools.ts';
import { addMasses, mixtureVolume } from '../solutions/composition.ts';
import type { Portion } from '../solutions/portion.ts';
import { contentOf, type Content, type Masses } from '../solutions/stockContent.ts';
import { litres } from '../units/volume.ts';
import type { Amount, Item, Line, LineReading, Recipe, UnreadCode } from './line.ts';

/** What stands in the way of measuring a recipe out. */
export const problemCodes = [
  'nothing-in-it',
  'bottle-size',
  'already-full',
  'no-room',
  'too-much-for-bottle',
  'shares-sum',
  'shares-mixed',
] as const;
export type ProblemCode = UnreadCode | (typeof problemCodes)[number];

export interface Problem {
  row: number;
  code: ProblemCode;
  found: string;
}

/** What a recipe is measured out as, or every reason why it cannot be. */
export type Measured =
  | { ok: true; portions: Portion[]; assumedSize: boolean; bottle?: number }
  | { ok: false; problems: Problem[] };

/** One reading of every line that puts something in. */
export type Chosen = readonly { line: Line; reading: LineReading }[];

/** Taken where a recipe in parts or shares does not say how much is made. */
const USUAL_BOTTLE = litres(0.5);
const USUAL_BATCH = 0.5;
const SUM_SLACK = 0.001;
/** A bottle takes a little more than its name says. Source: common practice, no source. */
const BRIM = 1.02;

interface Placed {
  row: number;
  text: string;
  item: Item;
}

const contentOfItem = ({ ingredient, strength }: Item): Content => contentOf(ingredient, strength);

const byVolume = ({ row, text, item }: Placed, volume: number, tool: Tool): Portion => {
  const content = contentOfItem(item);
  const { strength } = ingredientOf(item.ingredient);
  const mass = volume * content.density;
  const masses = Object.fromEntries(
    Object.entries(content.parts).map(([name, part]) => [name, part * mass]),
  );
  return {
    row,
    text,
    ingredient: item.ingredient,
    volume,
    mass,
    masses: masses,
    tool,
    ...(strength ? { strength: item.strength ?? strength.usual } : {}),
    assumed: strength !== undefined && item.strength === undefined,
  };
};

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

const volumeOf = (portions: readonly Portion[]): number =>
  mixtureVolume(portions.reduce<Masses>((sum, { masses }) => addMasses(sum, masses), {}));

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

interface Sizes {
  bottle?: number;
  batch?: number;
}

const sizesIn = ({ lines }: Recipe): Sizes => {
  const sizes = lines.filter((line) => line.kind === 'size');
  return {
    bottle: sizes.find(({ volume }) => volume !== undefined)?.volume,
    batch: sizes.find(({ mass }) => mass !== undefined)?.mass,
  };
};

type Shares = { ok: true; ofBottle: number; ofBatch: number } | { ok: false; problem: Problem };

/**
 * What the shares of a recipe are shares of: by volume of the bottle, by weight of the batch. They
 * add up to all of it.
 */
const sharesOf = (placed: readonly Placed[], { bottle, batch }: Sizes): Shares => {
  const shares = placed.flatMap(({ item: { amount } }) =>
    amount.kind === 'share' ? [amount] : [],
  );
  const sum = shares.reduce((total, { value }) => total + value, 0);
  const row = placed[0]!.row;
  const whole = Math.abs(sum - 1) <= SUM_SLACK;
  const byWeight = shares.some(({ by }) => by === 'weight');
  if (byWeight && shares.some(({ by }) => by !== 'weight'))
    return { ok: false, problem: { row, code: 'shares-mixed', found: '' } };
  // Parts of a bottle that is known need not fill it; shares of a batch must.
  if (shares.length > 0 && !whole && (byWeight || bottle === undefined)) {
    const code = byWeight || shares.length > 1 ? 'shares-sum' : 'bottle-size';
    return { ok: false, problem: { row, code, found: `${Number((sum * 100).toFixed(2))} %` } };
  }
  const filling = bottle !== undefined && byWeight ? bottle / volumeOfKilogram(placed) : undefined;
  return { ok: true, ofBottle: bottle ?? USUAL_BOTTLE, ofBatch: batch ?? filling ?? USUAL_BATCH };
};

/** m³ that a kilogram of shares by weight takes up, mixed. */
const volumeOfKilogram = (placed: readonly Placed[]): number =>
  volumeOf(
    placed.flatMap((one) => {
      const { amount } = one.item;
      return amount.kind === 'share'
        ? [byVolume(one, amount.value / contentOfItem(one.item).density, 'by eye')]
        : [];
    }),
  );

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
