import type { Answer, FactBody } from '@zymostat/contract';
import type { Context } from '../../platform/context.ts';
import { factsOfKinds } from '../records/service.ts';

/** Each change of the company's rules makes the next edition. */
const changes = ['rule-added', 'rule-withdrawn'] as const;

/** When each edition came out, and who has confirmed which, when. */
export const bookReadings = async (context: Context): Promise<Answer<'bookReadings'>> => {
  const facts = await factsOfKinds(context, [...changes, 'book-read']);
  const read = facts.filter(({ kind }) => kind === 'book-read');
  const changed = facts.filter(({ kind }) => kind !== 'book-read');
  return {
    editions: changed.map(({ at }, i) => ({ edition: i + 2, at: at.getTime() })),
    readings: read.map(({ personId, at, body }) => ({
      personId,
      edition: (body as FactBody<'book-read'>).edition,
      at: at.getTime(),
    })),
  };
};
