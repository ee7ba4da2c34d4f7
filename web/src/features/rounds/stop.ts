import {
  secondsBetween,
  type SurfaceClock,
  type TreatedSurface,
  type Treatment,
} from '@zymostat/core';

/** One surface of a round, with its clock as of the last event. */
export interface Stop {
  surface: TreatedSurface;
  roomName: string;
  treatment: Treatment;
  clock: SurfaceClock;
}

export const isWet = ({ clock }: Stop): boolean => clock.wetSince !== null;
export const isDone = ({ clock }: Stop): boolean => clock.done;

/** Seconds that it has been wet. */
export const heldSoFar = ({ clock }: Stop, now: number): number =>
  clock.wetSince === null ? 0 : secondsBetween(clock.wetSince, now);

/** Its time is over: it may be wiped. */
export const isDue = (stop: Stop, now: number): boolean =>
  isWet(stop) && heldSoFar(stop, now) >= stop.treatment.seconds;

/**
 * The next thing to do: what is due first, then the first surface that is not done and not waiting.
 */
export const upNext = (stops: Stop[], now: number): Stop | undefined =>
  stops.find((stop) => isDue(stop, now)) ??
  stops.find((stop) => !isWet(stop) && !isDone(stop)) ??
  stops.find(isWet);

/** All that is still to be done besides one, from there on; what is wet comes first. */
export const aheadOf = (stops: Stop[], current: Stop): Stop[] => {
  const at = stops.indexOf(current);
  return [...stops.slice(at + 1), ...stops.slice(0, at)]
    .filter((stop) => !isDone(stop))
    .sort((a, b) => Number(isWet(b)) - Number(isWet(a)));
};
