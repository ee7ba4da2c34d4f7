import { ingredientOf } from '../reference/ingredients.ts';
import { inMillilitres } from '../units/volume.ts';
import type { Amount, Item } from './line.ts';
import { ingredientName, type RecipeLanguage } from './words/vocabularies.ts';

/**
 * A figure that can be read one way only: never three places behind the point, which could mean
 * thousands.
 */
const figure = (value: number): string => {
  const rounded = value >= 1 ? Number(value.toFixed(2)) : Number(value.toPrecision(4));
  return value >= 1e21 || rounded === 0
    ? String(value)
    : rounded.toLocaleString('en', { useGrouping: false, maximumFractionDigits: 9 });
};

const percent = (value: number): string => `${figure(Number((value * 100).toPrecision(6)))} %`;

/** How amounts are written, so that they are read again as what they were. */
interface Writing {
  drops: string;
  parts: string;
  by: Record<'weight' | 'volume', string>;
  fillTo: (part: string) => string;
  topUp: string;
  makeUpTo: (millilitres: string) => string;
}
const writings: Record<RecipeLanguage, Writing> = {
  en: {
    drops: 'drops',
    parts: 'parts',
    by: { weight: 'by weight', volume: 'by volume' },
    fillTo: (part) => `fill to ${part} with`,
    topUp: 'top up with',
    makeUpTo: (ml) => `make up to ${ml} ml with`,
  },
  es: {
    drops: 'gotas',
    parts: 'partes',
    by: { weight: 'por peso', volume: 'por volumen' },
    fillTo: (part) => `llenar hasta ${part} con`,
    topUp: 'completar con',
    makeUpTo: (ml) => `completar hasta ${ml} ml con`,
  },
};

const amountWords = (amount: Amount, write: Writing): string => {
  switch (amount.kind) {
    case 'volume':
      return `${figure(inMillilitres(amount.value))} ml`;
    case 'mass':
      return `${figure(amount.value * 1000)} g`;
    case 'drops':
      return `${figure(amount.value)} ${write.drops}`;
    case 'parts':
      return `${figure(amount.value)} ${write.parts}`;
    case 'share':
      return `${percent(amount.value)}${amount.by ? ` ${write.by[amount.by]}` : ''}`;
    case 'fill':
      return write.fillTo(percent(amount.value));
    case 'top':
      return amount.to === undefined
        ? write.topUp
        : write.makeUpTo(figure(inMillilitres(amount.to)));
  }
};

/** An ingredient with its amount in words that can be read one way only. */
export const writeItem = (
  { amount, ingredient, strength }: Item,
  language: RecipeLanguage,
): string => {
  const of = ingredientOf(ingredient).strength;
  const named = `${amountWords(amount, writings[language])} ${ingredientName(ingredient, language)}`;
  return strength === undefined || !of ? named : `${named} ${percent(strength)}`;
};

export const writeItems = (items: readonly Item[], language: RecipeLanguage): string =>
  items.map((item) => writeItem(item, language)).join(' + ');
