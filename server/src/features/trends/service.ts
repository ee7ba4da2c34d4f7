import type { Revised, Trends } from '@zymostat/contract';
import type { Application } from '@zymostat/core';
import { within, type Context } from '../../platform/context.ts';
import { problems } from '../../platform/http/problems.ts';
import { editRoom, homeById, roomById, type Doer } from '../homes/service.ts';
import { append, turnToAppend } from '../records/service.ts';
import { learntOfHome } from '../rounds/service.ts';
import * as store from './store.ts';

/** What wet times and checks came to from one moment (ms) to another. */
export const trendsIn = async (
  context: Context,
  { from, to }: { from: number; to: number },
): Promise<Trends> => {
  const span = [new Date(from), new Date(to)] as const;
  const [wet, checks] = await Promise.all([
    store.wetCounts(context, ...span),
    store.checkCounts(context, ...span),
  ]);
  return { wet, checks };
};

/**
 * Lets what was learnt of how fast a room dries count there from the next round on: what is expected
 * of a coat follows, and never a required time. It is on record.
 */
export const takeOver = async (
  context: Context,
  { roomId, application }: { roomId: string; application: Application },
  as: Doer,
): Promise<Revised> => {
  const { homeId, name: roomName, drying = {} } = await roomById(context, roomId);
  const found = (await learntOfHome(context, homeId)).find(
    (one) => one.roomId === roomId && one.application === application,
  );
  if (!found) throw problems.conflict('nothing-learnt', { room: roomName });
  const { factor, observations, rounds } = found;
  return within(context, async (inside) => {
    await turnToAppend(inside);
    const revised = await editRoom(
      inside,
      roomId,
      { drying: { ...drying, [application]: factor } },
      as,
    );
    await append(inside, {
      kind: 'drying-taken',
      factId: inside.newId(),
      at: inside.now(),
      home: await homeById(inside, homeId),
      person: as.person,
      body: {
        roomId,
        roomName,
        application,
        factor,
        before: drying[application] ?? 1,
        observations,
        rounds,
      },
    });
    return revised;
  });
};
