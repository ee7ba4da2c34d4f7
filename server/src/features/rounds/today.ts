import type { BoardRound, BoardStop } from '@zymostat/contract';
import {
  cameOf,
  clockOfRound,
  isLeftAlone,
  untouchedState,
  usualOf,
  type Asked,
  type Came,
  type SurfaceClock,
} from '@zymostat/core';
import type { Context } from '../../platform/context.ts';
import { personNames, type Person } from '../people/service.ts';
import { versionById } from '../protocols/service.ts';
import { factsOfRounds, type LedgerRow } from '../records/service.ts';
import { askedIn } from './events.ts';
import { asRow } from './asRow.ts';
import { statesOfHome } from './stateStore.ts';
import * as store from './store.ts';

/** What lay too long is not as it was to be: on the board it is not met. */
const shownAs = (came: Exclude<Came, 'open'>): BoardStop =>
  came === 'left-too-long' ? 'not-met' : came;

const stopOf = (clock: SurfaceClock, asked: Asked): BoardStop => {
  if (isLeftAlone(clock)) return 'wet';
  const came = cameOf(clock, asked);
  if (came !== null && came !== 'open') return shownAs(came);
  if (clock.done) return 'done';
  return clock.lastAt === null ? 'todo' : 'begun';
};

interface Named {
  roomName: string;
  surfaceName: string;
  came: Came;
}
const endOf = (facts: readonly LedgerRow[]): Named[] => {
  const end = facts.find(({ kind }) => kind === 'round-finished');
  return (end?.body as { named?: Named[] } | undefined)?.named ?? [];
};

/** What was left of a finished round, by name; what was open stays to do. */
const stopAtEnd = (named: readonly Named[], room: string, surface: string): BoardStop => {
  const left = named.find(
    ({ roomName, surfaceName }) => roomName === room && surfaceName === surface,
  );
  if (!left) return 'done';
  return left.came === 'open' ? 'todo' : shownAs(left.came);
};

const roomsOf = async (
  context: Context,
  round: store.RoundAtHome,
  facts: readonly LedgerRow[],
): Promise<BoardRound['rooms']> => {
  const { protocol } = await versionById(context, round.versionId);
  const states = round.finishedAt ? [] : await statesOfHome(context, round.homeId);
  const stateOf = new Map(states.map(({ surfaceId, state }) => [surfaceId, state]));
  const named = endOf(facts);
  return protocol.rooms.map(({ name, surfaces }) => ({
    name,
    stops: surfaces.map((surface) => {
      if (round.finishedAt) return stopAtEnd(named, name, surface.name);
      const state = stateOf.get(surface.id) ?? untouchedState;
      return stopOf(clockOfRound(state, round.id), askedIn(round, surface));
    }),
  }));
};

/** When each of those who work in a round was last heard of: what they did there, or joined. */
const heardIn = (
  { people, startedAt }: store.RoundAtHome,
  facts: readonly LedgerRow[],
  names: ReadonlyMap<string, string>,
): BoardRound['heard'] =>
  people.map((id) => {
    const heard = facts.filter(({ personId }) => personId === id);
    const at = Math.max(startedAt.getTime(), ...heard.map(({ recordedAt }) => +recordedAt));
    return { name: names.get(id) ?? '', at };
  });

/** Rounds that are in hand, or were finished since a moment: how each stands. */
export const roundsSince = async (
  context: Context,
  from: number,
  person: Person,
): Promise<BoardRound[]> => {
  const rounds = await store.roundsSince(context, new Date(from));
  const facts = await factsOfRounds(
    context,
    rounds.map(({ id }) => id),
  );
  const names = await personNames(context);
  const homes = [...new Set(rounds.map(({ homeId }) => homeId))];
  const lengths = await store.lengthsOf(context, homes);
  return Promise.all(
    rounds.map(async (round): Promise<BoardRound> => {
      const own = facts.filter(({ body }) => (body as { roundId: string }).roundId === round.id);
      return {
        ...(await asRow(context, round, person)),
        rooms: await roomsOf(context, round, own),
        usualSeconds: usualOf(lengths.get(round.homeId) ?? []),
        heard: heardIn(round, own, names),
      };
    }),
  );
};
