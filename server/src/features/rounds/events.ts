import type { Protocol, RoundEvent } from '@zymostat/contract';
import {
  treatmentOf,
  wetClock,
  type Asked,
  type EventKind,
  type SurfaceClock,
  type TreatedSurface,
} from '@zymostat/core';
import type { LedgerRow, NewFact } from '../records/service.ts';
import type { RoundRecord } from './store.ts';

export type Place = { surface: TreatedSurface; roomName: string };

export const surfacesOf = (protocol: Protocol): Place[] =>
  protocol.rooms.flatMap((room) =>
    room.surfaces.map((surface) => ({ surface, roomName: room.name })),
  );

/** Places by their surface, made once for each version that is kept at hand. */
const placesOf = new WeakMap<Protocol, ReadonlyMap<string, Place>>();

/** Where a surface is in a protocol, and what is to be done there. */
export const placeIn = (protocol: Protocol, surfaceId: string): Place | undefined => {
  let places = placesOf.get(protocol);
  if (!places) {
    places = new Map(surfacesOf(protocol).map((place) => [place.surface.id, place]));
    placesOf.set(protocol, places);
  }
  return places.get(surfaceId);
};

/** What the wet clock asks of a surface in a round: where nobody knows how long a coat holds, 0. */
export const askedIn = (
  { holds }: Pick<RoundRecord, 'holds'>,
  surface: TreatedSurface,
): ReturnType<typeof treatmentOf> => treatmentOf(surface, holds?.[surface.id] ?? 0);

/** What the body of an event's fact says. */
export interface ToldBody {
  roundId: string;
  surfaceId: string;
  event: EventKind;
  batchId: string | null;
}

/** What a fact tells of a surface, counted in its round or late; nothing where it is another. */
export const toldIn = (
  fact: Pick<LedgerRow, 'factId' | 'kind' | 'at' | 'body'>,
): (RoundEvent & { roundId: string }) | null => {
  if (!['surface-event', 'wet-time', 'late-event'].includes(fact.kind)) return null;
  const { roundId, surfaceId, event, batchId } = fact.body as ToldBody;
  return { id: fact.factId, roundId, surfaceId, kind: event, at: fact.at.getTime(), batchId };
};

/** The events that count in a round, as they were taken. */
export const eventsOf = (facts: LedgerRow[]): RoundEvent[] =>
  facts.flatMap((fact) => {
    const told = fact.kind === 'late-event' ? null : toldIn(fact);
    if (!told) return [];
    const { roundId: _, ...event } = told;
    return [event];
  });

/**
 * The fact that an accepted event becomes: the end of a stretch carries the time required and the
 * time held. `own`: the surface's clock in this round before it.
 */
export const factOf = (
  event: RoundEvent & { roundId: string },
  { surface, roomName }: Place,
  batchCode: string | null,
  { asked, own }: { asked: Asked; own: SurfaceClock },
): Pick<NewFact, 'kind' | 'body'> => {
  const { roundId, surfaceId, batchId, kind } = event;
  const common = { roundId, surfaceId, batchId, batchCode, surfaceName: surface.name, roomName };
  const { treatment } = surface;
  if (treatment && own.wetSince !== null && (kind === 'wiped' || kind === 'found-dry')) {
    const stretch = wetClock(own, event, asked).stretches.at(-1)!;
    const { heldSeconds, shownSeconds, coats, seen, outcome } = stretch;
    const { active, strength, seconds: requiredSeconds } = treatment;
    const came = { met: outcome === 'met', ...(requiredSeconds > 0 ? { outcome } : {}) };
    const seenWet = { coats: coats.length, looks: seen.length, shownSeconds };
    const held = { requiredSeconds, heldSeconds, ...seenWet, ...came };
    return { kind: 'wet-time', body: { ...common, event: kind, active, strength, ...held } };
  }
  return { kind: 'surface-event', body: { ...common, event: kind } };
};
