import type { NewRoundEvent, RoundEvent } from '@zymostat/contract';
import type { Context } from '../../platform/context.ts';
import { problems } from '../../platform/http/problems.ts';
import { holdHome } from '../homes/changes.ts';
import { homeById } from '../homes/service.ts';
import type { Person } from '../people/service.ts';
import { versionById } from '../protocols/service.ts';
import { factById, factsOfRounds, type LedgerRow } from '../records/service.ts';
import { asEvent, surfacesOf, type Place } from './events.ts';
import { mine } from './service.ts';
import * as store from './store.ts';

/**
 * What was put on longer ago than this, ms, has dried and been washed over since. Source: house
 * rule.
 */
const STILL_ON = 24 * 3_600_000;

/** Events at the surfaces of a home over all its rounds that may still matter, oldest first. */
const eventsOfHome = async (
  context: Context,
  { homeId, id }: store.RoundRecord,
): Promise<(RoundEvent & { roundId: string })[]> => {
  const since = new Date(context.now() - STILL_ON);
  const rounds = await store.roundsOfHome(context, homeId, since);
  const facts = await factsOfRounds(context, [
    ...new Set([id, ...rounds.map((round) => round.id)]),
  ]);
  return facts
    .flatMap((fact) => {
      const event = asEvent(fact);
      return event ? [{ ...event, roundId: (fact.body as { roundId: string }).roundId }] : [];
    })
    .sort((a, b) => a.at - b.at);
};

/** What an event of a round meets: its surface, what was done there, and everything around it. */
export interface Scene {
  round: store.RoundRecord;
  home: Awaited<ReturnType<typeof homeById>>;
  place: Place;
  ofHome: readonly RoundEvent[];
  earlier: readonly RoundEvent[];
}

/**
 * Holds the round and its home, and looks up the scene; or gives what the id already stands for.
 */
export const sceneOf = async (
  inside: Context,
  roundId: string,
  event: NewRoundEvent,
  person: Person,
): Promise<{ known: LedgerRow } | Scene> => {
  const round = mine(await store.holdRound(inside, roundId), person);
  // Two rounds of one home may wet the same surface: what either does waits for the other.
  await holdHome(inside, round.homeId);
  const known = await factById(inside, event.id);
  if (known) return { known };
  if (round.finishedAt) throw problems.conflict('round-finished');
  const { protocol } = await versionById(inside, round.versionId);
  const home = await homeById(inside, round.homeId);
  const place = surfacesOf(protocol).find(({ surface }) => surface.id === event.surfaceId);
  if (!place) throw problems.notFound('surface-in-round');
  const all = await eventsOfHome(inside, round);
  const ofHome = all.filter((one) => one.surfaceId === event.surfaceId);
  return { round, home, place, ofHome, earlier: ofHome.filter((one) => one.roundId === roundId) };
};
