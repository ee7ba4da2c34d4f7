import type { EventClock } from './wetEvents.ts';

/**
 * One answer of the server, by the clock of one opening of the page: when the question went out,
 * when the answer came, and the server's time in between, all in ms.
 */
export interface Heard {
  sent: number;
  received: number;
  serverTime: number;
}

/** How far the server's time is ahead of an opening's clock, and how sure that is; ms. */
export interface Offset {
  ahead: number;
  within: number;
}

/** As many of the last answers count. */
export const HEARD_LAST = 8;

/** The server is taken to have answered midway; of the last answers the quickest counts. */
export const offsetOf = (heard: readonly Heard[]): Offset | null => {
  const offsets = heard.slice(-HEARD_LAST).map(({ sent, received, serverTime }) => ({
    ahead: serverTime - (sent + received) / 2,
    within: (received - sent) / 2,
  }));
  return offsets.reduce<Offset | null>(
    (best, one) => (best === null || one.within < best.within ? one : best),
    null,
  );
};

/** What was noted of an event when it was done: by which opening, and its clock then, ms. */
export interface Ticked {
  opening: string;
  ticked: number;
}

/** What was heard in the opening of an event, and in the nearest before and after it. */
export interface Known {
  own: Offset | null;
  before: Offset | null;
  after: Offset | null;
}

/** Sure to the second is sure enough. */
const wholeSeconds = (ms: number): number => (ms < 1000 ? 0 : Math.ceil(ms / 1000));

/**
 * When an event was, as it is held to have been: by the server's time as heard in the same opening.
 * Where nothing was heard in it, what was heard before and after may differ, since somebody
 * may have set the clock: the event then says by how much.
 */
export const heldTime = (
  { opening, ticked }: Ticked,
  { own, before, after }: Known,
): { at: number; clock: EventClock } => {
  const found = own ?? after ?? before;
  const at = Math.round(ticked + (found?.ahead ?? 0));
  const apart = own || !before || !after ? 0 : Math.abs(before.ahead - after.ahead);
  const within = found?.within ?? 0;
  return { at, clock: { opening, uncertain: wholeSeconds(apart + within) } };
};

/** Order is the phone's own: what it did later is never held to have been earlier. */
export const inPhoneOrder = <Event extends { at: number; clock: EventClock }>(
  events: readonly Event[],
  after: number,
): Event[] => {
  let last = after;
  return events.map((event) => {
    const moved = last - event.at;
    last = Math.max(last, event.at);
    if (moved <= 0) return event;
    const { opening, uncertain } = event.clock;
    const clock = { opening, uncertain: uncertain + wholeSeconds(moved) };
    return { ...event, at: last, clock };
  });
};
