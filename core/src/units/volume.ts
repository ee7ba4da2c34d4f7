import { litresPerMeasure, type Measure } from './measures.ts';
import type { Read } from './strength.ts';

/** Volumes are in m³ inside; these two say so where a figure is in the trade's own size. */
export const litres = (n: number): number => n / 1000;
export const litresOf = (volume: number): number => volume * 1000;
export const millilitres = (n: number): number => n / 1e6;
export const inMillilitres = (volume: number): number => volume * 1e6;

/** m³ in one `measure`. */
export const oneOf = (measure: Measure): number => litres(litresPerMeasure[measure]);

const spelled: Record<string, Measure> = {
  ml: 'ml',
  millilitre: 'ml',
  milliliter: 'ml',
  cl: 'cl',
  dl: 'dl',
  l: 'l',
  litre: 'l',
  liter: 'l',
  tsp: 'teaspoon',
  teaspoon: 'teaspoon',
  tbsp: 'tablespoon',
  tbs: 'tablespoon',
  tablespoon: 'tablespoon',
  cup: 'cup',
  c: 'cup',
  'fl oz': 'fluid ounce',
  floz: 'fluid ounce',
  'fluid ounce': 'fluid ounce',
  oz: 'fluid ounce',
  pt: 'pint',
  pint: 'pint',
  qt: 'quart',
  quart: 'quart',
  gal: 'gallon',
  gallon: 'gallon',
};

/** The measure that a unit's spelling names, or nothing. */
export const spelledMeasure = (unit: string): Measure | undefined => {
  const word = unit.toLowerCase().replace(/\./g, '').replace(/\s+/g, ' ').trim();
  return spelled[word] ?? spelled[word.replace(/s$/, '')];
};

const fractions: Record<string, number> = {
  '½': 1 / 2,
  '⅓': 1 / 3,
  '⅔': 2 / 3,
  '¼': 1 / 4,
  '¾': 3 / 4,
  '⅛': 1 / 8,
  '⅜': 3 / 8,
  '⅝': 5 / 8,
  '⅞': 7 / 8,
};

/** "1 1/4", "1 ¼", "½", "2,5" or "250" as a number; nothing when it is none of these. */
export const parseFigure = (text: string): number | undefined => {
  const match =
    /^(?:(\d+(?:[.,]\d+)?)(?=\s|$|[½⅓⅔¼¾⅛⅜⅝⅞]))?\s*(?:(\d+)\s*\/\s*(\d+)|([½⅓⅔¼¾⅛⅜⅝⅞]))?$/.exec(
      text.trim(),
    );
  if (!match || text.trim() === '') return undefined;
  const [, whole, over, under, glyph] = match;
  const written = under ? Number(over) / Number(under) : 0;
  const part = glyph ? fractions[glyph]! : written;
  const figure = Number((whole ?? '0').replace(',', '.')) + part;
  return Number.isFinite(figure) ? figure : undefined;
};

const allowed =
  'an amount such as 250 ml, 1/2 cup, 1 ½ cups, 2 tbsp or 1 l, over 0 and at most 100 l';

/**
 * Reads a volume as people write it; gives m³. US measures by NIST; an ounce here is a fluid ounce.
 */
export const parseVolume = (text: string): Read<number> => {
  const refuse = { ok: false, found: text.trim(), allowed } as const;
  const match = /^([\d\s.,/½⅓⅔¼¾⅛⅜⅝⅞]+)([a-z][a-z .]*)$/i.exec(text.trim());
  if (!match) return refuse;
  const figure = parseFigure(match[1]!);
  const measure = spelledMeasure(match[2]!);
  if (figure === undefined || !measure) return refuse;
  const volume = figure * oneOf(measure);
  return volume > 0 && volume <= litres(100) ? { ok: true, value: volume } : refuse;
};
