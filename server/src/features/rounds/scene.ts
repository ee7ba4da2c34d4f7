import type { NewRoundEvent, Protocol } from '@zymostat/contract';
import { untouchedState, type Book, type SurfaceState } from '@zymostat/core';
import type { Context } from '../../platform/context.ts';
import { batchesById } from '../batches/service.ts';
import { theBook } from '../book/service.ts';
import type { Person } from '../people/service.ts';
import { versionById } from '../protocols/service.ts';
import { factsById, type LedgerRow } from '../records/service.ts';
import { type KeptState, statesOf, statesOfHome } from './stateStore.ts';
import * as store from './store.ts';

/** One event as a phone has sent it, and whose session sent it. */
export interface Sent {
  roundId: string;
  event: NewRoundEvent;
  person: Person;
}

type BatchAtHand = Awaited<ReturnType<typeof batchesById>>[number];

/** What many events meet, as it stood when it was their turn; kept up as they are taken. */
export interface Scene {
  known: Map<string, Pick<LedgerRow, 'factId' | 'kind' | 'at' | 'body'>>;
  rounds: ReadonlyMap<string, store.RoundAtHome>;
  /** By version. */
  protocols: ReadonlyMap<string, Protocol>;
  states: Map<string, SurfaceState>;
  batches: ReadonlyMap<string, BatchAtHand>;
  book: Book;
}

export const stateKey = (homeId: string, surfaceId: string): string => `${homeId} ${surfaceId}`;

const unique = <T>(values: readonly T[]): T[] => [...new Set(values)];

const protocolsOf = async (
  inside: Context,
  versionIds: readonly string[],
): Promise<Map<string, Protocol>> => {
  const protocols = new Map<string, Protocol>();
  for (const id of unique(versionIds)) protocols.set(id, (await versionById(inside, id)).protocol);
  return protocols;
};

const onIn = ({ together, rounds }: SurfaceState): string[] => [
  ...together.clock.on,
  ...Object.values(rounds).flatMap(({ clock }) => clock.on),
];

/** Something is put on: what is wet around it matters too. */
const putsOn = ({ event: { kind } }: Sent): boolean =>
  kind === 'applied' || kind === 'rewet' || kind === 'laid';

const statesMet = async (
  inside: Context,
  sent: readonly Sent[],
  surfaces: readonly { homeId: string; surfaceId: string }[],
): Promise<KeptState[]> => {
  const homes = unique(surfaces.map(({ homeId }) => homeId));
  if (!sent.some(putsOn)) return statesOf(inside, surfaces);
  return (await Promise.all(homes.map((id) => statesOfHome(inside, id)))).flat();
};

/** Looks up, in a few questions, all that these events meet. Whoever asks has the turn to append. */
export const sceneOf = async (inside: Context, sent: readonly Sent[]): Promise<Scene> => {
  const facts = await factsById(
    inside,
    sent.flatMap(({ event: { id, takesBack } }) => [id, takesBack ?? []].flat()),
  );
  const rounds = await store.roundsAtHome(inside, unique(sent.map(({ roundId }) => roundId)));
  const roundOf = new Map(rounds.map((round) => [round.id, round]));
  const surfaces = sent.flatMap(({ roundId, event: { surfaceId } }) => {
    const round = roundOf.get(roundId);
    return round ? [{ homeId: round.homeId, surfaceId }] : [];
  });
  const kept = await statesMet(inside, sent, surfaces);
  const hands = sent.flatMap(({ event: { batchId } }) => batchId ?? []);
  const batchIds = unique([...hands, ...kept.flatMap(({ state }) => onIn(state))]);
  return {
    known: new Map(facts.map((fact) => [fact.factId, fact])),
    rounds: roundOf,
    protocols: await protocolsOf(
      inside,
      rounds.map(({ versionId }) => versionId),
    ),
    states: new Map(
      kept.map(({ homeId, surfaceId, state }) => [stateKey(homeId, surfaceId), state]),
    ),
    batches: new Map((await batchesById(inside, batchIds)).map((batch) => [batch.id, batch])),
    book: await theBook(inside),
  };
};

export const stateIn = ({ states }: Scene, homeId: string, surfaceId: string): SurfaceState =>
  states.get(stateKey(homeId, surfaceId)) ?? untouchedState;
