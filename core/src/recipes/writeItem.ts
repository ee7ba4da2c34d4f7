import { ingredientOf } from '../reference/ingredients.ts';
import { inMillilitres } from '../units/volume.ts';
import type { Amount, Item } from './line.ts';
import { ingredientName } from './words/englishIngredients.ts';

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

const amountWords = (amount: Amount): string => {
  switch (amount.kind) {
    case 'volume':
      return `${figure(inMillilitres(amount.value))} ml`;
    case 'mass':
      return `${figure(amount.value * 1000)} g`;
    case 'drops':
      return `${figure(amount.value)} drops`;
    case 'parts':
      return `${figure(amount.value)} parts`;
    case 'share':
      return `${percent(amount.value)}${amount.by ? ` by ${amount.by}` : ''}`;
    case 'fill':
      return `fill to ${percent(amount.value)} with`;
    case 'top':
      return amount.to === undefined
        ? 'top up with'
        : `make up to ${figure(inMillilitres(amount.to))} ml with`;
  }
};

/** An ingredient with its amount in words that can be read one way only. */
export const writeItem = ({ amount, ingredient, strength }: Item): string => {
  const of = ingredientOf(ingredient).strength;
  const named = `${amountWords(amount)} ${ingredientName(ingredient)}`;
  return strength === undefined || !of ? named : `${named} ${percent(strength)}`;
};

export const writeItems = (items: readonly Item[]): string => items.map(writeItem).join(' + ');
