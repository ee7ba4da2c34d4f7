import { tookIn, withoutTakenBack, type Took } from '@zymostat/core';
import type { Context } from '../../platform/context.ts';
import { factsOfRounds } from '../records/service.ts';
import { eventsOf } from './events.ts';
import { lastRoundsOf } from './store.ts';

/** As many of the last rounds of a home tell how long its steps take. */
const ROUNDS = 20;

/** How long hands were on in a home, by its rounds on record. */
export const tookOf = async (context: Context, homeId: string): Promise<Took> => {
  const rounds = await lastRoundsOf(context, homeId, ROUNDS);
  const facts = await factsOfRounds(
    context,
    rounds.map(({ id }) => id),
  );
  const told = rounds.map(({ id }) =>
    facts.filter(({ body }) => (body as { roundId: string }).roundId === id),
  );
  return tookIn(told.map((own) => withoutTakenBack(eventsOf(own, new Map()))));
};
