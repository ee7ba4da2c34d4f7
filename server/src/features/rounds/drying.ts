import type { LearntOfRoom, Protocol } from '@zymostat/contract';
import {
  coatHoldsIn,
  foldClock,
  learnDrying,
  observedIn,
  RENEWED_AFTER,
  withoutTakenBack,
  type Application,
  type CoatHolds,
  type Observed,
} from '@zymostat/core';
import type { Context } from '../../platform/context.ts';
import { surveyOf } from '../homes/service.ts';
import { theCompany } from '../people/service.ts';
import { versionById } from '../protocols/service.ts';
import { factsOfRounds, type LedgerRow } from '../records/service.ts';
import { askedIn, eventsOf, surfacesOf } from './events.ts';
import { airsOf, asMeasured } from './airs.ts';
import { lastRoundsOf, type RoundPlace } from './store.ts';

/** As many of the last rounds of a home tell how fast it dries: rooms change. */
const ROUNDS = 50;

/** For how long coats hold by the tables in the air that was measured, whatever was learnt. */
type ByTables = (protocol: Protocol, facts: readonly LedgerRow[]) => CoatHolds;
const roundOf = ({ body }: LedgerRow): string => (body as { roundId: string }).roundId;

interface OfRound {
  roomId: string;
  application: Application;
  observed: Observed[];
}

/** What one round tells of each room, by how something was put on. */
const observedInRound = async (
  context: Context,
  { round, facts, byTables }: { round: RoundPlace; facts: LedgerRow[]; byTables: ByTables },
): Promise<OfRound[]> => {
  const { protocol } = await versionById(context, round.versionId);
  const holds = byTables(protocol, facts);
  const events = withoutTakenBack(eventsOf(facts, new Map()));
  return surfacesOf(protocol).flatMap(({ surface, roomId }) => {
    const asked = askedIn(round, surface);
    const { treatment } = surface;
    if (!treatment || asked.coatHolds === 0) return [];
    const clock = foldClock(
      events.filter(({ surfaceId }) => surfaceId === surface.id).sort((a, b) => a.at - b.at),
      asked,
    );
    const expected = (holds[surface.id] ?? 0) / RENEWED_AFTER;
    const observed = clock.stretches.flatMap((stretch) =>
      observedIn(stretch, asked.coatHolds, expected),
    );
    return [{ roomId, application: treatment.application, observed }];
  });
};

/** What was learnt of how fast each room of a home dries, by how something was put on. */
export const learntOfHome = async (context: Context, homeId: string): Promise<LearntOfRoom[]> => {
  const survey = await surveyOf(context, homeId);
  const { houseRules } = await theCompany(context);
  const { rooms } = survey;
  // By the tables alone: what has been taken over is part of what is learnt anew.
  const asSurveyed = { ...survey, rooms: rooms.map((room) => ({ ...room, drying: {} })) };
  const byTables: ByTables = (protocol, told) =>
    coatHoldsIn(protocol.rooms, asSurveyed, houseRules, asMeasured(airsOf(told)));
  const rounds = await lastRoundsOf(context, homeId, ROUNDS);
  const facts = await factsOfRounds(
    context,
    rounds.map(({ id }) => id),
  );
  const told = await Promise.all(
    rounds.map((round) =>
      observedInRound(context, {
        round,
        byTables,
        facts: facts.filter((fact) => roundOf(fact) === round.id),
      }),
    ),
  );
  return rooms.flatMap(({ id: roomId, name: roomName, drying }) =>
    (['spray', 'cloth', 'wipe'] as const).flatMap((application): LearntOfRoom[] => {
      const of = (one: OfRound) => one.roomId === roomId && one.application === application;
      const observed = told.flatMap((round) => round.filter(of).flatMap((one) => one.observed));
      if (observed.length === 0) return [];
      const rounds = told.filter((round) =>
        round.some((one) => of(one) && one.observed.length > 0),
      );
      const { factor, low, high, observations } = learnDrying(observed);
      const taken = drying?.[application] ?? 1;
      const found = { factor, low, high, observations, rounds: rounds.length, taken };
      return [{ roomId, roomName, application, ...found }];
    }),
  );
};
