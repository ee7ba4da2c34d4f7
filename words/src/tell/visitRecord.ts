import type { FactBody } from '@zymostat/contract';
import { duration } from '../figures.ts';
import type { Words } from '../words.ts';

/** What the record says of a visit's plan that was given out. */
export const visitFigures = (
  words: Words,
  { people, done, paid, sequence, startsAt }: FactBody<'visit'>,
): Record<string, string | number> => ({
  did: sequence > 0 ? 'again' : 'first',
  people: people.join(', '),
  time: duration(words, done),
  paid: duration(words, paid),
  at: new Date(startsAt).toLocaleTimeString(words.locale, { hour: '2-digit', minute: '2-digit' }),
});
