import type { FactBody } from '@zymostat/contract';
import { duration } from '../figures.ts';
import type { Words } from '../words.ts';

const didOf = (sequence: number, roundId: string | undefined): string => {
  if (roundId !== undefined) return 'rest';
  return sequence > 0 ? 'again' : 'first';
};

/** What the record says of a visit's plan that was given out. */
export const visitFigures = (
  words: Words,
  { people, done, paid, sequence, startsAt, roundId }: FactBody<'visit'>,
): Record<string, string | number> => ({
  did: didOf(sequence, roundId),
  people: people.join(', '),
  time: duration(words, done),
  paid: duration(words, paid),
  at: new Date(startsAt).toLocaleTimeString(words.locale, { hour: '2-digit', minute: '2-digit' }),
});

const dayInWords = ({ locale }: Words, day: string): string =>
  new Date(`${day}T12:00:00Z`).toLocaleDateString(locale, { dateStyle: 'long', timeZone: 'UTC' });

/** What the record says of a week that was planned. */
export const weekFigures = (words: Words, { monday, visits }: FactBody<'week-planned'>) => ({
  monday: dayInWords(words, monday),
  count: visits.length,
  crews: visits.reduce((sum, { crew }) => sum + crew.length, 0),
});

/** What the record says of somebody's hours. */
export const hoursFigures = (words: Words, { hours, most }: FactBody<'hours-said'>) => ({
  days: hours.filter((one) => one !== null).length,
  most: duration(words, most),
});
