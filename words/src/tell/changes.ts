import type { Problem } from '@zymostat/contract';
import type { KeyOf, Words } from '../words.ts';

type Changed = NonNullable<Problem['changes']>[number];

const fields: readonly string[] = [
  'name',
  'place',
  'situations',
  'clientKeeps',
  'wayIn',
  'archived',
  'floorArea',
  'height',
  'ventilation',
  'flame',
  'material',
  'level',
  'area',
  'touched',
  'food',
] satisfies KeyOf<'field'>[];
const isNamed = (field: string): field is KeyOf<'field'> => fields.includes(field);

/**
 * "Anneke changed the area of Basin at 14:02." Times by the clock of whoever reads, or of the
 * server.
 */
export const changeInWords = (
  { say, name, locale }: Words,
  { by, at, subject, what, fields: all }: Changed,
): string => {
  const time = new Date(at).toLocaleTimeString(locale, { hour: '2-digit', minute: '2-digit' });
  const figures = { by, subject, time };
  if (what === 'added' || what === 'removed' || what === 'setting')
    return say(`changed.${what}`, figures);
  const named = all.filter(isNamed).map((field) => name('field', field));
  return named.length === 0
    ? say('changed.whole', figures)
    : say('changed.fields', { ...figures, fields: named.join(', ') });
};

export const changedInWords = (words: Words, changes: readonly Changed[]): string =>
  changes
    .slice(0, 5)
    .map((change) => changeInWords(words, change))
    .join(' ');
