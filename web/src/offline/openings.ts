import {
  heldTime,
  inPhoneOrder,
  type EventClock,
  type Known,
  type Offset,
  type Ticked,
} from '@zymostat/core';

/**
 * An opening of the page on this phone, in their order: how far ahead the server then was, where it
 * was heard.
 */
export interface KnownOpening {
  order: number;
  name: string;
  offset?: Offset;
}

const knownOf = (name: string, openings: readonly KnownOpening[]): Known => {
  const at = openings.findIndex((one) => one.name === name);
  const offsets = openings.map(({ offset }) => offset);
  return {
    own: offsets[at] ?? null,
    before: offsets.slice(0, Math.max(0, at)).findLast(Boolean) ?? null,
    after: offsets.slice(at + 1).find(Boolean) ?? null,
  };
};

interface Waits<Event> {
  event: Event;
  /** When it was done; earlier versions did not note it. */
  tick?: Ticked;
}

/**
 * What waits, each event when it is held to have been by all that the phone has heard of the
 * server's time, in the phone's own order. `after`: when the last one that was sent was, ms.
 */
export const timed = <Event extends { at: number; clock: EventClock }>(
  rows: readonly Waits<Event>[],
  openings: readonly KnownOpening[],
  after: number,
): Event[] =>
  inPhoneOrder(
    rows.map(({ event, tick }) =>
      tick ? { ...event, ...heldTime(tick, knownOf(tick.opening, openings)) } : event,
    ),
    after,
  );
