import { cameOf, clockOfRound, untouchedState, withoutRound, type Came } from '@zymostat/core';
import { within, type Context } from '../../platform/context.ts';
import { problems } from '../../platform/http/problems.ts';
import { homeById } from '../homes/service.ts';
import type { Person } from '../people/service.ts';
import { versionById } from '../protocols/service.ts';
import { append, turnToAppend } from '../records/service.ts';
import { askedIn, surfacesOf } from './events.ts';
import { workedBy } from './service.ts';
import * as store from './store.ts';

/** Every surface of a round with its clock in it. */
const clocksIn = async (inside: Context, round: store.RoundRecord) => {
  const { protocol } = await versionById(inside, round.versionId);
  const states = await store.statesOfHome(inside, round.homeId);
  const stateOf = new Map(states.map(({ surfaceId, state }) => [surfaceId, state]));
  return surfacesOf(protocol).map(({ surface, roomName }) => ({
    surface,
    roomName,
    asked: askedIn(round, surface),
    clock: clockOfRound(stateOf.get(surface.id) ?? untouchedState, round.id),
  }));
};

/** Its clocks are not asked any more; what it left on the surfaces stays. */
const settle = async (inside: Context, { id, homeId }: store.RoundRecord): Promise<void> => {
  const states = await store.statesOfHome(inside, homeId);
  const own = states.filter(({ state }) => id in state.rounds);
  await store.keepStates(
    inside,
    own.map((kept) => ({ ...kept, state: withoutRound(kept.state, id) })),
  );
};

const finish = async (inside: Context, round: store.RoundRecord, person: Person): Promise<void> => {
  const { id } = round;
  const clocks = await clocksIn(inside, round);
  const wet = clocks.filter(({ clock }) => clock.wetSince !== null);
  if (wet.length > 0)
    throw problems.conflict('still-wet', {
      surfaces: wet.map(({ surface }) => surface.name).join(', '),
    });
  const named = clocks.flatMap(({ surface, roomName, clock, asked }) => {
    const came = cameOf(clock, asked);
    return came === null ? [] : [{ roomName, surfaceName: surface.name, came }];
  });
  const countOf = (came: Came) => named.filter((one) => one.came === came).length;
  const body = {
    roundId: id,
    done: clocks.filter(({ clock }) => clock.done && !clock.skipped).length,
    open: countOf('open') + countOf('skipped'),
    notMet: countOf('not-met'),
    notShown: countOf('not-shown'),
    named,
  };
  const now = inside.now();
  await store.finishRound(inside, id, new Date(Math.max(now, round.startedAt.getTime())));
  await settle(inside, round);
  await append(inside, {
    kind: 'round-finished',
    factId: inside.newId(),
    at: now,
    home: await homeById(inside, round.homeId),
    person,
    row: { table: 'round', id },
    body,
  });
};

/** Finishes a round, unless something in it is still wet. What was left undone is written down. */
export const finishRound = async (context: Context, id: string, person: Person): Promise<null> => {
  await within(context, async (inside) => {
    await turnToAppend(inside);
    const round = workedBy(await store.roundById(inside, id), person);
    if (!round.finishedAt) await finish(inside, round, person);
  });
  return null;
};
