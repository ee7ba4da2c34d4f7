import type { WetNow } from '@zymostat/contract';
import { wetDue } from '@zymostat/core';
import type { Context } from '../../platform/context.ts';
import { personNames } from '../people/service.ts';
import { versionById } from '../protocols/service.ts';
import { placeIn } from './events.ts';
import { wetStates } from './stateStore.ts';
import { roundsAtHome } from './store.ts';

/** Which rounds have which surface wet. */
const wetIn = async (context: Context) =>
  (await wetStates(context)).flatMap(({ surfaceId, state }) =>
    Object.entries(state.rounds).flatMap(([roundId, { clock }]) => {
      const { wetSince, coats, seen, slack } = clock;
      return wetSince === null ? [] : [{ roundId, surfaceId, wetSince, coats, seen, slack }];
    }),
  );

/** What is wet right now across all rounds in hand, what is due soonest first. */
export const wetNow = async (context: Context): Promise<WetNow> => {
  const wet = await wetIn(context);
  const ids = [...new Set(wet.map(({ roundId }) => roundId))];
  const rounds = new Map((await roundsAtHome(context, ids)).map((round) => [round.id, round]));
  const names = await personNames(context);
  const found: WetNow = [];
  for (const { roundId, surfaceId, ...lay } of wet) {
    const { homeName, people, versionId, holds } = rounds.get(roundId)!;
    const { protocol } = await versionById(context, versionId);
    const surface = placeIn(protocol, surfaceId)?.surface;
    if (!surface?.treatment) continue;
    const { active, seconds } = surface.treatment;
    const by = people.map((one) => names.get(one) ?? '').join(', ');
    const where = { roundId, surfaceId, homeName, surfaceName: surface.name, by };
    found.push({ ...where, active, seconds, ...lay, coatHolds: holds?.[surfaceId] ?? 0 });
  }
  const now = context.now();
  const dueAt = (one: WetNow[number]) => wetDue(one, one, now)!.at;
  return found.sort((a, b) => dueAt(a) - dueAt(b));
};
