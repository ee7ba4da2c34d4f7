import type { Answer, RouteName } from '@zymostat/contract';
import { ANSWERS } from '../api/answers.ts';
import { call } from '../api/api.ts';

/** What somebody needs where there is no signal: the rounds in hand, the bottles, the book. */
const needed: readonly RouteName[] = [
  'me',
  'rounds',
  'roundHomes',
  'batches',
  'bottles',
  'stock',
  'book',
  'places',
  'mishaps',
  'wetNow',
];

const ask = (name: RouteName, id?: string): Promise<Response> =>
  fetch(`/api${call(name, id === undefined ? {} : { id }).url}`);

/** What was told of a round, doors and keys with it, leaves the phone once the round is over. */
const forgetRoundsBut = async (inHand: readonly string[]): Promise<void> => {
  const kept = await caches.open(ANSWERS);
  for (const request of await kept.keys()) {
    const found = /\/api\/rounds\/([\w-]+)(?:\/plan)?$/.exec(new URL(request.url).pathname);
    if (found && !inHand.includes(found[1]!)) await kept.delete(request);
  }
};

/**
 * Fetches what is needed where there is no signal, once the worker that keeps answers has taken
 * over. What does not come now comes the next time.
 */
export const fetchAtHand = async (): Promise<void> => {
  if (!navigator.serviceWorker?.controller) return;
  try {
    await Promise.all(needed.map((name) => ask(name)));
    const rounds = (await (await ask('rounds')).json()) as Answer<'rounds'>;
    await forgetRoundsBut(rounds.map(({ id }) => id));
    for (const { id } of rounds) {
      await ask('round', id);
      await ask('roundPlan', id);
    }
    const homes = (await (await ask('roundHomes')).json()) as Answer<'roundHomes'>;
    for (const { id } of homes) {
      await ask('roundAhead', id);
      await ask('visitOf', id);
    }
  } catch {
    // No signal: what came before is still there.
  }
};
