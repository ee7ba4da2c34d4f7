import type { Protocol, RoundEvent } from '@zymostat/contract';
import { foldClock, treatmentOf, wetClock, type TreatedSurface } from '@zymostat/core';
import type { LedgerRow } from '../records/service.ts';

export type Place = { surface: TreatedSurface; roomName: string };

export const surfacesOf = (protocol: Protocol): Place[] =>
  protocol.rooms.flatMap((room) =>
    room.surfaces.map((surface) => ({ surface, roomName: room.name })),
  );

/** A fact of the ledger as an event of a round, where it is one. */
export const asEvent = (fact: LedgerRow): RoundEvent | null => {
  if (fact.kind !== 'surface-event' && fact.kind !== 'wet-time') return null;
  const { surfaceId, event, batchId } = fact.body as {
    surfaceId: string;
    event: RoundEvent['kind'];
    batchId: string | null;
  };
  return { id: fact.factId, surfaceId, kind: event, at: fact.at.getTime(), batchId };
};

export const eventsOf = (facts: LedgerRow[]): RoundEvent[] =>
  facts.map(asEvent).filter((event) => event !== null);

/**
 * The fact that an accepted event becomes: the end of a stretch carries the time required and the
 * time held.
 */
export const factOf = (
  event: RoundEvent & { roundId: string },
  { surface, roomName }: Place,
  batchCode: string | null,
  before: readonly RoundEvent[],
) => {
  const { roundId, surfaceId, batchId, kind } = event;
  const common = { roundId, surfaceId, batchId, batchCode, surfaceName: surface.name, roomName };
  const asked = treatmentOf(surface);
  const { treatment } = surface;
  const stretch = wetClock(foldClock(before, asked), event, asked).stretches.at(-1);
  if (treatment && stretch && (kind === 'wiped' || kind === 'found-dry')) {
    const { active, strength, seconds } = treatment;
    const { heldSeconds, coats, met } = stretch;
    return {
      kind: 'wet-time' as const,
      body: {
        ...common,
        event: kind,
        active,
        strength,
        requiredSeconds: seconds,
        heldSeconds,
        coats: coats.length,
        met,
      },
    };
  }
  return { kind: 'surface-event' as const, body: { ...common, event: kind } };
};

/** Every surface of a protocol with its wet clock. */
export const clocksOf = (protocol: Protocol, events: readonly RoundEvent[]) =>
  surfacesOf(protocol).map(({ surface }) => {
    const asked = treatmentOf(surface);
    return {
      surface,
      asked,
      clock: foldClock(
        events.filter((event) => event.surfaceId === surface.id),
        asked,
      ),
    };
  });
