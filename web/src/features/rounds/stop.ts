import {
  secondsBetween,
  waitsFor,
  wetDue,
  type AroundEvent,
  type Nearby,
  type Reason,
  type SurfaceClock,
  type TreatedSurface,
  type Treatment,
  type WetDue,
} from '@zymostat/core';

/** One surface of a round, with its clock as of the last event. */
export interface Stop {
  surface: TreatedSurface;
  roomId: string;
  roomName: string;
  treatment: Treatment;
  clock: SurfaceClock;
}

export const isWet = ({ clock }: Stop): boolean => clock.wetSince !== null;
export const isDone = ({ clock }: Stop): boolean => clock.done;

/** How many are done; what was left out is not. */
export const countDone = (stops: readonly Stop[]): number =>
  stops.filter(({ clock }) => clock.done && !clock.skipped).length;

/** What else is wet in the room of a surface. */
export const nearbyOf = (stops: readonly Stop[], { surface, roomId }: Stop): Nearby[] =>
  stops
    .filter((one) => isWet(one) && one.roomId === roomId && one.surface.id !== surface.id)
    .map((one) => ({ name: one.surface.name, on: one.clock.on }));

/** Why a surface that is not wet has to wait with the bottle in hand, if it does. */
export const waitingFor = (
  stop: Stop,
  stops: readonly Stop[],
  { batchId, ...around }: Pick<AroundEvent, 'batches' | 'book'> & { batchId: string | null },
): Reason | undefined => {
  const batch = around.batches.get(batchId ?? '');
  if (!batch || isWet(stop) || isDone(stop)) return undefined;
  return waitsFor(batch, { ...around, nearby: nearbyOf(stops, stop) })[0];
};

/** Seconds that it has been wet. */
export const heldSoFar = ({ clock }: Stop, now: number): number =>
  clock.wetSince === null ? 0 : secondsBetween(clock.wetSince, now);

/** What is to be done next at what is wet, and by when. */
export const dueAt = ({ clock, treatment }: Stop, now: number): WetDue | null =>
  wetDue(clock, treatment, now);

/** Its time is over, whatever came of it. */
export const isOver = (stop: Stop, now: number): boolean =>
  isWet(stop) && heldSoFar(stop, now) >= stop.treatment.seconds;

/** What is wet, soonest due first. */
export const wetByDue = (stops: readonly Stop[], now: number): Stop[] =>
  stops
    .filter(isWet)
    .map((stop) => ({ stop, at: dueAt(stop, now)!.at }))
    .sort((a, b) => a.at - b.at)
    .map(({ stop }) => stop);

/**
 * The next thing to do: what is due first, then the first surface that is not done and not waiting.
 */
export const upNext = (stops: readonly Stop[], now: number): Stop | undefined => {
  const wet = wetByDue(stops, now);
  const due = wet.find((stop) => dueAt(stop, now)!.at <= now);
  return due ?? stops.find((stop) => !isWet(stop) && !isDone(stop)) ?? wet[0];
};

/** All that is still to be begun or gone on with besides one, from there on. */
export const aheadOf = (stops: readonly Stop[], current: Stop): Stop[] => {
  const at = stops.indexOf(current);
  return [...stops.slice(at + 1), ...stops.slice(0, at)].filter(
    (stop) => !isDone(stop) && !isWet(stop),
  );
};
