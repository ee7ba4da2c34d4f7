import { cameOf, isLeftAlone, withoutRound, type Came, type SurfaceClock } from '@zymostat/core';
import { within, type Context } from '../../platform/context.ts';
import { problems } from '../../platform/http/problems.ts';
import { homeById } from '../homes/service.ts';
import type { Person } from '../people/service.ts';
import { append, turnToAppend } from '../records/service.ts';
import { clocksIn } from './clocks.ts';
import { workedBy } from './service.ts';
import { keepStates, statesOfHome } from './stateStore.ts';
import * as store from './store.ts';

/** Its clocks are not asked any more; what it left on the surfaces stays. */
const settle = async (inside: Context, { id, homeId }: store.RoundRecord): Promise<void> => {
  const states = await statesOfHome(inside, homeId);
  const own = states.filter(({ state }) => id in state.rounds);
  await keepStates(
    inside,
    own.map((kept) => ({ ...kept, state: withoutRound(kept.state, id) })),
  );
};

/** When it was finished: not before what was last done in it, and not after now. */
const endOf = (
  clocks: readonly { clock: SurfaceClock }[],
  { startedAt }: store.RoundRecord,
  said: number,
): number => Math.max(startedAt.getTime(), said, ...clocks.map(({ clock }) => clock.lastAt ?? 0));

const finish = async (
  inside: Context,
  { round, at }: { round: store.RoundRecord; at: number | undefined },
  person: Person,
): Promise<void> => {
  const { id } = round;
  const clocks = await clocksIn(inside, round);
  const wet = clocks.filter(({ clock }) => isLeftAlone(clock));
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
  const end = endOf(clocks, round, Math.min(at ?? now, now));
  await store.finishRound(inside, id, new Date(end));
  await settle(inside, round);
  await append(inside, {
    kind: 'round-finished',
    factId: inside.newId(),
    at: end,
    home: await homeById(inside, round.homeId),
    person,
    row: { table: 'round', id },
    body,
  });
};

/** Finishes a round, unless something in it is still wet. What was left undone is written down. */
export const finishRound = async (
  context: Context,
  { id, at }: { id: string; at: number | undefined },
  person: Person,
): Promise<null> => {
  await within(context, async (inside) => {
    await turnToAppend(inside);
    const round = workedBy(await store.roundById(inside, id), person);
    if (!round.finishedAt) await finish(inside, { round, at }, person);
  });
  return null;
};
