import type { NewAir, Protocol } from '@zymostat/contract';
import { clockOfRound, coatHoldsIn, wasCoated } from '@zymostat/core';
import { within, type Context } from '../../platform/context.ts';
import { problems } from '../../platform/http/problems.ts';
import { homeById, surveyOf } from '../homes/service.ts';
import { theCompany, type Person } from '../people/service.ts';
import { versionById } from '../protocols/service.ts';
import { append, factsById, turnToAppend } from '../records/service.ts';
import { workedBy } from './service.ts';
import { statesOf } from './stateStore.ts';
import * as store from './store.ts';

type RoomOfProtocol = Protocol['rooms'][number];

/** Whether anything was put on in a room in this round already. */
const isBegun = async (
  inside: Context,
  { id, homeId }: store.RoundRecord,
  room: RoomOfProtocol,
): Promise<boolean> => {
  const states = await statesOf(
    inside,
    room.surfaces.map((surface) => ({ homeId, surfaceId: surface.id })),
  );
  return states.some(({ state }) => wasCoated(clockOfRound(state, id)));
};

/** For how long coats hold in a room by the air that was measured there. */
const holdsIn = async (
  inside: Context,
  { homeId }: store.RoundRecord,
  room: RoomOfProtocol,
  { roomId, temperature, humidity }: NewAir,
) => {
  const [survey, { houseRules }] = [await surveyOf(inside, homeId), await theCompany(inside)];
  const measured = new Map([[roomId, { temperature, humidity }]]);
  return coatHoldsIn([room], survey, houseRules, measured);
};

/** Told again, it was taken before; another fact's id is nobody's to use. */
const isKnown = async (inside: Context, { id, roomId }: NewAir): Promise<boolean> => {
  const [known] = await factsById(inside, [id]);
  if (!known) return false;
  const isSame =
    known.kind === 'air-measured' && (known.body as { roomId: string }).roomId === roomId;
  if (!isSame) throw problems.conflict('id-taken');
  return true;
};

/**
 * Takes what somebody has measured in a room before the first coat there: from then on coats hold
 * as long as that air lets them. Once something is on, what it was judged by does not change.
 */
export const measureAir = (
  context: Context,
  { roundId, air }: { roundId: string; air: NewAir },
  person: Person,
): Promise<null> =>
  within(context, async (inside) => {
    await turnToAppend(inside);
    const round = workedBy(await store.roundById(inside, roundId), person);
    if (await isKnown(inside, air)) return null;
    if (round.finishedAt) throw problems.conflict('round-finished');
    const { protocol } = await versionById(inside, round.versionId);
    const room = protocol.rooms.find(({ id }) => id === air.roomId);
    if (!room) throw problems.notFound('room');
    if (await isBegun(inside, round, room))
      throw problems.conflict('air-too-late', { room: room.name });
    const { id: factId, ...measured } = air;
    const holds = await holdsIn(inside, round, room, air);
    await store.setHolds(inside, roundId, { ...round.holds, ...holds });
    await append(inside, {
      kind: 'air-measured',
      factId,
      at: inside.now(),
      home: await homeById(inside, round.homeId),
      person,
      row: { table: 'round', id: roundId },
      body: { roundId, roomName: room.name, ...measured, holds },
    });
    return null;
  });
