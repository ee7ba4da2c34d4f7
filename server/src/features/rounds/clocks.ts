import { clockOfRound, untouchedState } from '@zymostat/core';
import type { Context } from '../../platform/context.ts';
import { versionById } from '../protocols/service.ts';
import { askedIn, surfacesOf } from './events.ts';
import { statesOfHome } from './stateStore.ts';
import type * as store from './store.ts';

/** Every surface of a round with its clock in it. */
export const clocksIn = async (context: Context, round: store.RoundRecord) => {
  const { protocol } = await versionById(context, round.versionId);
  const states = await statesOfHome(context, round.homeId);
  const stateOf = new Map(states.map(({ surfaceId, state }) => [surfaceId, state]));
  return surfacesOf(protocol).map(({ surface, roomName }) => ({
    surface,
    roomName,
    asked: askedIn(round, surface),
    clock: clockOfRound(stateOf.get(surface.id) ?? untouchedState, round.id),
  }));
};
