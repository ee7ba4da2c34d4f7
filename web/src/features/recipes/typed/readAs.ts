import {
  alcoholOf,
  ingredientName,
  ingredientOf,
  inMillilitres,
  writeItems,
  type Item,
  type Line,
  type LineReading,
  type Portion,
} from '@zymostat/core';
import { percent } from '@zymostat/words';
import { w } from '../../../words/words.ts';

const small = (ml: number) => (ml < 10 ? ml.toFixed(1) : ml.toFixed(0));
const inGrams = (mass: number) => w.say('bench.g', { mass: (mass * 1000).toFixed(1) });
const inMl = (volume: number) => w.say('bench.ml2', { volume: small(inMillilitres(volume)) });

/** What one ingredient was read as, in a few words, with all that was only assumed. */
export const itemInWords = (item: Item, portion: Portion | undefined): string => {
  const { strength, role } = ingredientOf(item.ingredient);
  const alcohol = strength && alcoholOf(strength.of);
  const name = alcohol ? w.name('active', alcohol) : ingredientName(item.ingredient, w.language);
  const at = item.strength ?? strength?.usual;
  const pure = portion && alcohol && at !== undefined ? portion.volume * at : undefined;
  return w.say('bench.itemReadAs', {
    name,
    strength: at === undefined ? 'none' : percent(w, at),
    usual: item.strength === undefined ? 'yes' : 'no',
    pure: pure === undefined ? 'none' : small(inMillilitres(pure)),
    scent: role === 'scent' ? 'yes' : 'no',
  });
};

/** A reading that says in full what was only taken as usual, so that it can be changed. */
export const inFull = ({ items }: LineReading): string =>
  writeItems(
    items.map((item) => ({
      ...item,
      strength: item.strength ?? ingredientOf(item.ingredient).strength?.usual,
    })),
    w.language,
  );

/** The words of a reading that were only assumed. */
export const assumesOf = ({ items }: LineReading): string[] =>
  items.flatMap(({ assumed }) => (assumed === undefined ? [] : [assumed]));

/** Whether a strength was taken as usual because nobody said it. */
export const takesUsual = ({ items }: LineReading): boolean =>
  items.some(
    ({ ingredient, strength }) =>
      strength === undefined && ingredientOf(ingredient).strength !== undefined,
  );

const isByWeight = (item: Item | undefined): boolean =>
  item?.amount.kind === 'mass' || (item?.amount.kind === 'share' && item.amount.by === 'weight');

/** How much of it goes in, in ml, or in g where it was said by weight. */
export const amountOf = (line: Line, portions: readonly Portion[]): string => {
  if (line.kind === 'size')
    return line.volume === undefined ? inGrams(line.mass!) : inMl(line.volume);
  if (line.kind !== 'ingredients') return '';
  const { items } = line.readings[0];
  return portions
    .map((portion, i) => (isByWeight(items[i]) ? inGrams(portion.mass) : inMl(portion.volume)))
    .join(' + ');
};
