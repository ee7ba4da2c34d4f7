import type { WetNow } from '@zymostat/contract';
import type { Context } from '../../platform/context.ts';
import { versionById } from '../protocols/service.ts';
import { factsOfRounds } from '../records/service.ts';
import { clocksOf, eventsOf } from './events.ts';
import { asRow } from './service.ts';
import { openRounds } from './store.ts';

/** What is wet right now across all rounds in hand, soonest to be met first. */
export const wetNow = async (context: Context): Promise<WetNow> => {
  const open = await openRounds(context);
  const facts = await factsOfRounds(
    context,
    open.map((round) => round.id),
  );
  const byRound = await Promise.all(
    open.map(async (round) => {
      const [head, { protocol }] = await Promise.all([
        asRow(context, round),
        versionById(context, round.versionId),
      ]);
      const events = eventsOf(
        facts.filter((fact) => (fact.body as { roundId?: string }).roundId === round.id),
      );
      return clocksOf(protocol, events).flatMap(({ surface, clock }) =>
        clock.wetSince === null || !surface.treatment
          ? []
          : [
              {
                roundId: round.id,
                surfaceId: surface.id,
                homeName: head.homeName,
                surfaceName: surface.name,
                by: head.by,
                active: surface.treatment.active,
                seconds: surface.treatment.seconds,
                wetSince: clock.wetSince,
                coats: clock.coats,
              },
            ],
      );
    }),
  );
  return byRound
    .flat()
    .sort((a, b) => a.wetSince + a.seconds * 1000 - (b.wetSince + b.seconds * 1000));
};
