import type { Protocol, RoundEvent } from '@zymostat/contract';
import {
  treatmentOf,
  wetClock,
  type EventKind,
  type SurfaceClock,
  type TreatedSurface,
} from '@zymostat/core';
import type { LedgerRow, NewFact } from '../records/service.ts';

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
  own: SurfaceClock,
): Pick<NewFact, 'kind' | 'body'> => {
  const { roundId, surfaceId, batchId, kind } = event;
  const common = { roundId, surfaceId, batchId, batchCode, surfaceName: surface.name, roomName };
  const { treatment } = surface;
  if (treatment && own.wetSince !== null && (kind === 'wiped' || kind === 'found-dry')) {
    const { heldSeconds, coats, met } = wetClock(own, event, treatmentOf(surface)).stretches.at(
      -1,
    )!;
    const { active, strength, seconds: requiredSeconds } = treatment;
    const held = { requiredSeconds, heldSeconds, coats: coats.length, met };
    return { kind: 'wet-time', body: { ...common, event: kind, active, strength, ...held } };
  }
  return { kind: 'surface-event', body: { ...common, event: kind } };
};
