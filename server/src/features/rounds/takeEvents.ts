import type { Answer, NewRoundEvent } from '@zymostat/contract';
import type { Reason } from '@zymostat/core';
import { within, type Context } from '../../platform/context.ts';
import { ProblemError, problems } from '../../platform/http/problems.ts';
import type { Person } from '../people/service.ts';
import { appendAll, turnToAppend, type NewFact } from '../records/service.ts';
import { becomes, becomesUnknown, type Taken, type Took } from './becomes.ts';
import { placeIn, toldIn } from './events.ts';
import { sceneOf, stateIn, stateKey, type Scene, type Sent } from './scene.ts';
import { seenBy } from './service.ts';
import { keepStates } from './stateStore.ts';

export type { Sent, Took };

/** An event sent twice is taken once; one that names another thing under the same id is refused. */
const asBefore = (
  known: NonNullable<ReturnType<Scene['known']['get']>>,
  { roundId, event }: Sent,
): Taken => {
  if (known.kind === 'refusal')
    throw problems.refused((known.body as { reasons: Reason[] }).reasons);
  const before = toldIn(known);
  if (
    before?.surfaceId !== event.surfaceId ||
    before.kind !== event.kind ||
    before.takesBack !== event.takesBack ||
    before.roundId !== roundId
  )
    throw problems.conflict('id-taken');
  return known.kind === 'late-event' ? 'late' : 'before';
};

/** Takes one event into the scene: what follows meets what it has left. */
const takeOne = (
  sent: Sent,
  scene: Scene,
  { facts, now }: { facts: NewFact[]; now: number },
): Took => {
  const { roundId, event, person } = sent;
  if (event.personId !== person.id) throw problems.notTheirs();
  const round = seenBy(scene.rounds.get(roundId), person);
  const known = scene.known.get(event.id);
  if (known) return { taken: asBefore(known, sent) };
  const { homeId, homeName, versionId } = round;
  const place = placeIn(scene.protocols.get(versionId)!, event.surfaceId);
  const state = stateIn(scene, homeId, event.surfaceId);
  const became = place
    ? becomes(sent, { round, place, state }, scene, now)
    : becomesUnknown(sent, round, now);
  const home = { id: homeId, name: homeName };
  const { fact, at } = became;
  facts.push({ ...fact, factId: event.id, at, home, person } as NewFact);
  scene.known.set(event.id, { ...fact, factId: event.id, at: new Date(at) });
  if (became.state) scene.states.set(stateKey(homeId, event.surfaceId), became.state);
  return became.took;
};

const takeInside = async (inside: Context, sent: readonly Sent[]): Promise<Took[]> => {
  await turnToAppend(inside);
  const scene = await sceneOf(inside, sent);
  const before = new Map(scene.states);
  const facts: NewFact[] = [];
  const now = inside.now();
  const took = sent.map((one): Took => {
    try {
      return takeOne(one, scene, { facts, now });
    } catch (failed) {
      return { failed };
    }
  });
  await appendAll(inside, facts);
  const changed = [...scene.states].filter(([key, state]) => before.get(key) !== state);
  await keepStates(
    inside,
    changed.map(([key, state]) => {
      const [homeId, surfaceId] = key.split(' ') as [string, string];
      return { homeId, surfaceId, state };
    }),
  );
  return took;
};

/**
 * Takes what phones saw done, many at once. Each is judged by the same function as on the phone;
 * refused or taken, it is on the ledger before its answer goes out, one that is refused holds up
 * none of the others, and the same id is never taken twice.
 */
export const takeEvents = (context: Context, sent: readonly Sent[]): Promise<Took[]> =>
  within(context, (inside) => takeInside(inside, sent));

/** How an event was taken; throws why it was not. */
export const takenOf = (took: Took): Taken => {
  if ('failed' in took) throw took.failed;
  return took.taken;
};

/** Takes one event by itself. */
export const addEvent = async (
  context: Context,
  roundId: string,
  event: NewRoundEvent,
  person: Person,
): Promise<Answer<'addEvent'>> => {
  const [took] = await takeEvents(context, [{ roundId, event, person }]);
  return { id: event.id, taken: takenOf(took!) };
};

/** What is answered for one of many: how it was taken, or the problem that speaks against it. */
export const answerOf = (
  id: string,
  took: Took,
  tell: (problem: ProblemError) => ReturnType<ProblemError['inWords']>,
): Answer<'addEvents'>[number] => {
  if ('taken' in took) return { id, taken: took.taken };
  if (took.failed instanceof ProblemError) return { id, problem: tell(took.failed) };
  throw took.failed;
};
