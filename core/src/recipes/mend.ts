import type { GenericActive } from '../domain/families.ts';
import type { Span } from '../domain/goals.ts';
import { activeFacts, disinfectingSpan, genericFacts } from '../families/index.ts';
import { ingredientOf, type IngredientId } from '../reference/ingredients.ts';
import { analyseFormula, type Formula } from '../solutions/analyseFormula.ts';
import { dilute } from '../solutions/dilute.ts';
import { inMillilitres, litres } from '../units/volume.ts';
import { analyseRecipe } from './analyseRecipe.ts';
import { clashesAmong } from './clashes.ts';
import { judgeFormula, type MixtureName, type RecipeRules } from './judgeFormula.ts';
import { type Claim } from './claim.ts';
import type { Line, Recipe } from './line.ts';
import { portionsOf } from './portions.ts';
import { ingredientsNamed, renamed } from './readRecipe.ts';
import { ingredientName, type RecipeLanguage } from './words/vocabularies.ts';
import { type ChangeCode, type Change, type OnShelf, type Mending } from './change.ts';

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

/** What of a recipe its mending starts from. */
interface Start {
  lines: readonly Line[];
  claim: Claim;
  by: RecipeRules;
  formula: Formula;
  /** Those that must not share a bottle with something else in it. */
  spoilers: ReadonlySet<IngredientId>;
  /** What is written anew is written in this language. */
  language: RecipeLanguage;
}

const serves = (claim: Claim, name: MixtureName, clashes: number): boolean =>
  wanted[claim].includes(name) && clashes === 0;

/** Changes that were found to work: each is analysed and judged anew before it is taken in. */
class Offers {
  readonly changes: Change[] = [];

  constructor(private readonly start: Start) {}

  private words(lines: readonly Line[]): string[] {
    return lines.map(({ text }) => text.trim());
  }

  offer({ code, text, out, lines, pour }: Offer): void {
    if (text.trim() === '' || this.changes.some((one) => one.text === text)) return;
    const { claim, by } = this.start;
    const { made, clashes, verdict } = analyseRecipe(text, claim, by);
    // A change that is itself refused, or that offers what the house does not carry, is no mending.
    if (!made || verdict.outcome === 'never' || !serves(claim, verdict.name, clashes.length))
      return;
    const { formula } = made;
    this.changes.push({
      code,
      text,
      lines,
      out: this.words(out),
      formula,
      name: verdict.name,
      ...(pour ? { pour } : {}),
    });
  }

  /** Leaves out the lines that name something of a kind. */
  without(code: ChangeCode, leaves: (id: IngredientId) => boolean): void {
    const out = this.start.lines.filter((line) => idsIn(line).some(leaves));
    const kept = this.start.lines.filter((line) => !out.includes(line));
    if (out.length === 0 || !kept.some(({ kind }) => kind === 'ingredients')) return;
    this.offer({ code, text: this.words(kept).join('\n'), out, lines: out.length });
  }

  /** Writes some lines anew. */
  instead(code: ChangeCode, written: ReadonlyMap<Line, string>): void {
    if (written.size === 0) return;
    const text = this.start.lines.map((line) => written.get(line) ?? line.text.trim()).join('\n');
    this.offer({ code, text, out: [...written.keys()], lines: written.size });
  }
}

type Offer = Pick<Change, 'code' | 'text' | 'lines' | 'pour'> & { out: readonly Line[] };

const roleOf = (id: IngredientId) => ingredientOf(id).role;

const isSoap = (id: IngredientId) => ingredientOf(id).groups.includes('soap');

/** What is not soap does not curdle with acid or hard water: the same amount of detergent. */
const detergentForSoap = ({ lines, language }: Start): Map<Line, string> =>
  new Map(
    lines.flatMap((line) => {
      if (line.kind !== 'ingredients' || !ingredientsNamed(line).some(isSoap)) return [];
      return [[line, renamed(line, isSoap, ingredientName('detergent', language))] as const];
    }),
  );

/** The strength a stock is poured to: its usual one, a margin over the floor, or all it has. */
const pouredTo = (active: GenericActive, stock: number, { floor, top }: Span): number =>
  active === 'hydrogen peroxide'
    ? Math.min(stock, USUAL_PEROXIDE)
    : Math.min(stock, floor + MARGIN, top);

/** As the trade uses it, w/v. Source: common practice, no source. */
const USUAL_PEROXIDE = 0.03;

/** A batch of about the same size, poured from a stock that is strong enough. */
const fromStock = (offers: Offers, start: Start, shelf: readonly OnShelf[]) => {
  const { lines, formula, by, language } = start;
  const actives = activeIn(formula);
  const isActive = (id: IngredientId) =>
    actives.some((active) => ingredientOf(id).strength?.of === active);
  const out = lines.filter((line) => idsIn(line).some((id) => !isActive(id)));
  const volume = Math.max(litres(0.1), Math.min(formula.volume, litres(5)));
  for (const active of actives) {
    const span = disinfectingSpan(active, 'everyday', by.rules)!;
    const { basis } = activeFacts[active];
    const strongEnough = shelf.filter((one) => one.active === active && one.strength >= span.floor);
    for (const { strength: stock } of strongEnough) {
      const strength = pouredTo(active, stock, span);
      const poured = dilute(active, stock, strength, volume);
      const name = `${ingredientName(genericFacts[active].ingredient, language)} ${percent(stock)}`;
      const text = [
        `${ml(poured.stock, Math.ceil)} ${name}${basis === 'v/v' ? '' : ' w/v'}`,
        ...(inMillilitres(poured.water) >= 1
          ? [`${ml(poured.water, Math.floor)} ${ingredientName('water', language)}`]
          : []),
      ].join('\n');
      const pour = { active, stock, strength, volume };
      offers.offer({ code: 'stronger-stock', text, out, lines: lines.length, pour });
    }
  }
};

/** Everything that is tried, the least first. */
const tried = (start: Start, shelf: readonly OnShelf[]): Change[] => {
  const { claim, formula, spoilers } = start;
  const offers = new Offers(start);
  offers.without('leave-out-water', (id) => roleOf(id) === 'water');
  for (const id of spoilers) offers.without('leave-out-spoiler', (one) => one === id);
  if (claim === 'disinfect') {
    for (const active of activeIn(formula))
      offers.without('only-the-active', (id) => ingredientOf(id).strength?.of !== active);
    fromStock(offers, start, shelf);
  } else {
    offers.instead('detergent-for-soap', detergentForSoap(start));
    offers.without('leave-out-spoiler', (id) => spoilers.has(id) && roleOf(id) === 'powder');
  }
  return offers.changes.sort((a, b) => a.lines - b.lines);
};

/**
 * The changes that make a recipe reach what it claims, the smallest first: each is analysed and
 * judged anew before it is offered. Nothing where no change can, with the reason.
 */
export const mend = (
  recipe: Recipe,
  claim: Claim,
  by: RecipeRules,
  { shelf, language }: { shelf: readonly OnShelf[]; language: RecipeLanguage },
): Mending => {
  const { lines } = recipe;
  if (lines.some((line) => line.kind === 'ingredients' && line.asks))
    return { changes: [], because: 'asked' };
  const measured = portionsOf(recipe);
  if (!measured.ok) return { changes: [], because: 'not-read' };
  const formula = analyseFormula(measured.portions);
  const clashes = clashesAmong(measured.portions, by.book);
  const { name } = judgeFormula(formula, claim, by);
  if (serves(claim, name, clashes.length)) return { changes: [], because: 'already' };
  const spoilers = new Set(clashes.flatMap(({ a, b }) => [a, b]));
  const changes = tried({ lines, claim, by, formula, spoilers, language }, shelf);
  return changes.length > 0 ? { changes } : { changes: [], because: 'no-such-active' };
};
