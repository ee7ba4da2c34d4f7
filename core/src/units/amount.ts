import { CAPFUL, OUNCE, POUND, toolFor, type Tool } from '../reference/tools.ts';
import { oneOf, parseFigure, spelledMeasure } from './volume.ts';

/**
 * How much of something, as people say it. `volume` m³ and `mass` kg with what they measure it with, and the spread
 * where a range was written; `drops` counted; `parts` of each other; `share` of the batch's weight (fraction); `fill`
 * up to a fraction of the bottle; `top` up to the bottle's brim, or `to` a volume (m³).
 */
export type Amount =
  | { kind: 'volume'; value: number; tool: Tool; from?: number; to?: number }
  | { kind: 'mass'; value: number; tool: Tool }
  | { kind: 'drops'; value: number; from?: number; to?: number }
  | { kind: 'parts'; value: number }
  | { kind: 'share'; value: number }
  | { kind: 'fill'; value: number }
  | { kind: 'top'; to?: number };

/** An amount at the start of a text, and what comes after it. */
export type Taken = { ok: true; amount: Amount; rest: string; ounces?: true } | { ok: false; found: string; expected: string };

const counted: Record<string, number> = {
  a: 1, an: 1, one: 1, two: 2, three: 3, four: 4, five: 5, six: 6, seven: 7, eight: 8, nine: 9, ten: 10, twelve: 12, half: 0.5, quarter: 0.25, third: 1 / 3, couple: 2, dozen: 12,
};
const spoken: [RegExp, string][] = [
  [/^(?:a |one )?half (?:a |an |of a )?/, '1/2 '], [/^(?:a |one )?quarter (?:of )?(?:a |an )?/, '1/4 '], [/^(?:a |one )?third (?:of )?(?:a |an )?/, '1/3 '],
  [/^three quarters (?:of )?(?:a |an )?/, '3/4 '], [/^two thirds (?:of )?(?:a |an )?/, '2/3 '], [/^(?:a )?couple (?:of )?/, '2 '], [/^(?:a )?dozen /, '12 '],
];
const FIGURE = String.raw`(?:\d+(?:[.,]\d+)?\s+\d+\s*\/\s*\d+|\d+\s*\/\s*\d+|\d+(?:[.,]\d+)?\s*[½⅓⅔¼¾⅛⅜⅝⅞]|[½⅓⅔¼¾⅛⅜⅝⅞]|\d+(?:[.,]\d+)?|\.\d+)`;
const RANGE = new RegExp(String.raw`^(${FIGURE})(?:\s*(?:-|–|—|to|or)\s*(${FIGURE}))?\s*(.*)$`);
const masses: Record<string, number> = { g: 1e-3, gram: 1e-3, gm: 1e-3, gr: 1e-3, kg: 1, kilo: 1, kilogram: 1, mg: 1e-6, lb: POUND, pound: POUND };
const unmeasured = /^(?:(?:a|an|some|few|several|little|bit|good|the)\s+)*(pinch|splash|dash|squirt|glug|handful|few drops|some|bit|little|few|several|dollop|sprinkle|touch|generous amount)\b/;
const expected = 'an amount first, such as 1 1/4 cups, ½ tsp, 250 ml, 40 g, 20-30 drops, 2 parts, 85 %, a capful, fill to 3/4, or top up';

/** What a number may be: over nothing, and no more than a household has room for. */
const MOST_VOLUME = 0.1;
const MOST_MASS = 100;
const refuse = (found: string, want = expected): Taken => ({ ok: false, found, expected: want });

/** "1 1/4", ".5" or "½" as a number. */
const figureOf = (text: string): number | undefined => parseFigure(text.startsWith('.') ? `0${text}` : text);

/** The longest unit that the text begins with. */
const unitAt = (text: string, table: (word: string) => boolean): { unit: string; rest: string } | undefined => {
  const words = /^((?:fl\.?\s*oz|fluid\s+ounces?|[a-z]+)\.?)(?=$|[\s,.)])\s*(.*)$/.exec(text);
  if (!words) return undefined;
  const unit = words[1]!.replace(/\./g, '').replace(/\s+/g, ' ');
  return table(unit) ? { unit, rest: words[2]! } : undefined;
};
const singular = (unit: string): string => unit.replace(/s$/, '');

const withOf = (text: string): string => text.replace(/^(?:of\s+(?:the\s+|your\s+)?|full\s+(?:of|with)\s+|with\s+)/, '').trim();

/** "fill to 3/4 with", "top up with", "to 1 l with": amounts that depend on the bottle. */
const byBottle = (text: string): Taken | undefined => {
  const fill = new RegExp(String.raw`^fill(?:\s+(?:it|the\s+(?:spray\s+)?bottle|bottle|up))?(?:\s+(?:to|about|up\s+to))*\s+(${FIGURE})(?:\s*(%))?(?:\s+(?:full|way|of the way|of the bottle))*\s*(?:of|with)?\s*(.*)$`).exec(text);
  if (fill) {
    const value = (figureOf(fill[1]!) ?? NaN) / (fill[2] ? 100 : 1);
    return value > 0 && value <= 1 ? { ok: true, amount: { kind: 'fill', value }, rest: withOf(fill[3]!) } : refuse(text, 'a part of the bottle, such as fill to 3/4 with …');
  }
  const to = new RegExp(String.raw`^(?:make\s+(?:it\s+)?up|top\s+up|fill\s+up|top|add)\s+to\s+(${FIGURE})\s*([a-z][a-z ]*?)\s+(?:with|of)\s+(.*)$`).exec(text);
  if (to) {
    const measure = spelledMeasure(to[2]!);
    const value = figureOf(to[1]!);
    return measure && value ? { ok: true, amount: { kind: 'top', to: value * oneOf(measure) }, rest: to[3]! } : refuse(text, 'a volume, such as make up to 1 l with water');
  }
  const rest = /^(?:top\s+(?:it\s+)?up|fill\s+(?:up|the\s+rest|the\s+remainder|to\s+the\s+top|to\s+the\s+brim|the\s+bottle)|fill|the\s+rest|rest|the\s+remainder|remainder)(?:\s+(?:to\s+the\s+(?:top|brim)|of\s+the\s+bottle))?\s*(?:with|of|is)?\s+(.+)$/.exec(text);
  return rest ? { ok: true, amount: { kind: 'top' }, rest: rest[1]! } : undefined;
};

/**
 * Takes the amount off the front of a line (lower case, single spaces). A range is taken by its middle and kept.
 * `ounces` marks one that may be of weight or of volume: the ingredient decides. Units: SI; US measures by NIST.
 */
export const takeAmount = (line: string): Taken => {
  const bottle = byBottle(line);
  if (bottle) return bottle;
  const vague = unmeasured.exec(line);
  if (vague) return refuse(vague[0], `a measure: “${vague[1]!}” is not one`);
  if (/^[-−–]\s*\d/.test(line)) return refuse(/^[-−–]\s*[\d.,/]+/.exec(line)![0], 'an amount over nothing; where the dash is a bullet, put a space after it');
  const said = spoken.reduce((text, [pattern, figure]) => text.replace(pattern, figure), line).replace(/^([a-z]+)\s+/, (all, word: string) => (word in counted ? `${counted[word]} ` : all));
  const match = RANGE.exec(said);
  if (!match) return refuse(line.split(' ').slice(0, 3).join(' '));
  const low = figureOf(match[1]!);
  const high = match[2] === undefined ? undefined : figureOf(match[2]);
  if (low === undefined || (match[2] !== undefined && (high === undefined || high <= low))) return refuse(`${match[1]}${match[2] ? `-${match[2]}` : ''}`);
  const value = high === undefined ? low : (low + high) / 2;
  const spread = (one: number) => (high === undefined ? {} : { from: low * one, to: high * one });
  const after = match[3]!;
  if (!(value > 0)) return refuse(match[1]!, 'an amount over nothing');

  const percent = /^%\s*(.*)$/.exec(after);
  if (percent) return value <= 100 ? { ok: true, amount: { kind: 'share', value: value / 100 }, rest: withOf(percent[1]!) } : refuse(`${match[1]} %`, 'at most 100 %');
  const taken = unitAt(after, (unit) => unit in masses || singular(unit) in masses || spelledMeasure(unit) !== undefined || /^(?:drops?|parts?|cap ?fuls?|caps?|oz|ounces?)$/.test(unit));
  if (!taken) return refuse(`${match[1]}${after ? ` ${after.split(' ')[0]}` : ''}`, 'a unit after the number, such as cups, tsp, ml, g, drops or parts');
  const { unit } = taken;
  const rest = withOf(taken.rest);
  if (/^drops?$/.test(unit)) return value <= 2000 ? { ok: true, amount: { kind: 'drops', value, ...spread(1) }, rest } : refuse(`${value} drops`, 'at most 2000 drops');
  if (/^parts?$/.test(unit)) return value <= 1000 ? { ok: true, amount: { kind: 'parts', value }, rest } : refuse(`${value} parts`, 'at most 1000 parts');
  if (/^cap ?(?:ful)?s?$/.test(unit)) return { ok: true, amount: { kind: 'volume', value: value * CAPFUL, tool: 'by eye', ...spread(CAPFUL) }, rest };
  const ofMass = masses[unit] ?? masses[singular(unit)];
  if (ofMass !== undefined) return value * ofMass <= MOST_MASS ? { ok: true, amount: { kind: 'mass', value: value * ofMass, tool: 'kitchen scale' }, rest } : refuse(`${match[1]} ${unit}`, 'at most 100 kg');
  const measure = /^(?:oz|ounces?)$/.test(unit) ? 'fluid ounce' : spelledMeasure(unit)!;
  const volume = value * oneOf(measure);
  if (volume > MOST_VOLUME) return refuse(`${match[1]} ${unit}`, 'at most 100 l');
  return { ok: true, amount: { kind: 'volume', value: volume, tool: toolFor[measure], ...spread(oneOf(measure)) }, rest, ...(/^(?:oz|ounces?)$/.test(unit) ? { ounces: true as const } : {}) };
};

/** Ounces of something dry are weighed. */
export const asWeight = (amount: Amount): Amount =>
  amount.kind === 'volume' ? { kind: 'mass', value: (amount.value / oneOf('fluid ounce')) * OUNCE, tool: 'kitchen scale' } : amount;
