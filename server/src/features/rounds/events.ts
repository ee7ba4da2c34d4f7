import type { FactBody, Protocol, RoundEvent } from '@zymostat/contract';
import {
  treatmentOf,
  wetClock,
  type Asked,
  type EventClock,
  type EventKind,
  type SkipReason,
  type SurfaceClock,
  type TreatedSurface,
} from '@zymostat/core';
import type { LedgerRow, NewFact } from '../records/service.ts';
import type { RoundRecord } from './store.ts';

export type Place = { surface: TreatedSurface; roomId: string; roomName: string };

export const surfacesOf = (protocol: Protocol): Place[] =>
  protocol.rooms.flatMap((room) =>
    room.surfaces.map((surface) => ({ surface, roomId: room.id, roomName: room.name })),
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
  clock?: EventClock;
  /** What is taken back, where it is. */
  of?: string;
  why?: SkipReason;
}

/** Of rows of before: as if one clock had timed all of a round. */
export const clockOf = ({ clock, roundId }: Pick<ToldBody, 'clock' | 'roundId'>): EventClock =>
  clock ?? { opening: roundId, uncertain: 0 };

/** What a phone tells, but for who did it. */
export type Told = Omit<RoundEvent, 'personId' | 'by'>;

/** Facts that tell of a surface what was done there. */
const told: readonly string[] = [
  'surface-event',
  'wet-time',
  'lay-time',
  'late-event',
  'correction',
];

/** What a fact tells of a surface, counted in its round or late; nothing where it is another. */
export const toldIn = (
  fact: Pick<LedgerRow, 'factId' | 'kind' | 'at' | 'body'>,
): (Told & { roundId: string }) | null => {
  if (!told.includes(fact.kind)) return null;
  const body = fact.body as ToldBody;
  const { roundId, surfaceId, event: kind, batchId, of, why } = body;
  const at = fact.at.getTime();
  const back = { ...(of === undefined ? {} : { takesBack: of }), ...(why ? { why } : {}) };
  return { id: fact.factId, roundId, surfaceId, kind, at, batchId, clock: clockOf(body), ...back };
};

/** The events that count in a round, as they were taken, and who is called what. */
export const eventsOf = (facts: LedgerRow[], names: ReadonlyMap<string, string>): RoundEvent[] =>
  facts.flatMap((fact) => {
    const told = fact.kind === 'late-event' ? null : toldIn(fact);
    if (!told) return [];
    const { roundId: _, ...event } = told;
    const { personId } = fact;
    return [{ ...event, personId, by: names.get(personId) ?? '' }];
  });

/** An event where and when it is put on record. */
export interface Timed extends Told {
  roundId: string;
  said: number;
  why?: SkipReason;
  because?: string;
  /** By how many ms it was moved. */
  moved: number;
}

/** How it was timed, and why it was left out, as its fact says it. */
export const timingOf = ({ kind, clock, said, moved, why }: Timed) => ({
  clock,
  said,
  ...(kind === 'skipped' && why ? { why } : {}),
  ...(moved === 0 ? {} : { movedSeconds: Math.round(moved / 1000) }),
});

/** What was laid on is taken off: how long it lay, beside how long it had to and might. */
const layFact = (
  event: Timed,
  { loosening }: TreatedSurface,
  { asked, own }: { asked: Asked; own: SurfaceClock },
  common: Omit<FactBody<'surface-event'>, 'event'>,
): Pick<NewFact, 'kind' | 'body'> | null => {
  const last = loosening?.cleaners.at(-1);
  const lay = event.kind === 'taken-off' ? wetClock(own, event, asked).lay : undefined;
  if (!lay || !loosening?.lies || !last) return null;
  const { least: leastSeconds, most: mostSeconds } = loosening.lies;
  const { longestSeconds, leastSeconds: shortestSeconds, outcome } = lay;
  const lain = { leastSeconds, mostSeconds, longestSeconds, shortestSeconds, outcome };
  const none = { batchId: null, batchCode: null };
  const what = { soil: loosening.soil, ...last };
  return { kind: 'lay-time', body: { ...common, ...none, event: 'taken-off', ...what, ...lain } };
};

/**
 * The fact that an accepted event becomes: the end of a stretch carries the time required and the
 * time held. `own`: the surface's clock in this round before it.
 */
export const factOf = (
  event: Timed,
  { surface, roomName }: Place,
  batchCode: string | null,
  { asked, own }: { asked: Asked; own: SurfaceClock },
): Pick<NewFact, 'kind' | 'body'> => {
  const { roundId, surfaceId, batchId, kind } = event;
  const where = { roundId, surfaceId, surfaceName: surface.name, roomName };
  const common = { ...where, batchId, batchCode, ...timingOf(event) };
  const { treatment } = surface;
  if (treatment && own.wetSince !== null && (kind === 'wiped' || kind === 'found-dry')) {
    const stretch = wetClock(own, event, asked).stretches.at(-1)!;
    const { heldSeconds, shownSeconds, uncertainSeconds, coats, seen, outcome } = stretch;
    const { active, strength, seconds: requiredSeconds } = treatment;
    const came = { met: outcome === 'met', ...(requiredSeconds > 0 ? { outcome } : {}) };
    const unsure = uncertainSeconds > 0 ? { uncertainSeconds } : {};
    const seenWet = { coats: coats.length, looks: seen.length, shownSeconds, ...unsure };
    const held = { requiredSeconds, heldSeconds, ...seenWet, ...came };
    return { kind: 'wet-time', body: { ...common, event: kind, active, strength, ...held } };
  }
  return (
    layFact(event, surface, { asked, own }, common) ?? {
      kind: 'surface-event',
      body: { ...common, event: kind },
    }
  );
};
