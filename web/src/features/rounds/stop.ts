import {
  activeFacts,
  comesNext,
  isLeftAlone,
  layDue,
  secondsBetween,
  waitsFor,
  wetDue,
  type AroundEvent,
  type Family,
  type Nearby,
  type Reason,
  type SurfaceClock,
  type TreatedSurface,
  type Treatment,
  type WetDue,
} from '@zymostat/core';
import { familyOfCleaner } from '../../ui/cleanerFamily.ts';

/** One surface of a round, with its clock as of the last event. */
export interface Stop {
  surface: TreatedSurface;
  roomId: string;
  roomName: string;
  treatment: Treatment;
  clock: SurfaceClock;
}

export const isWet = ({ clock }: Stop): boolean => clock.wetSince !== null;
/** Left alone for now: wet, or something works on it by itself. */
export const isAlone = ({ clock }: Stop): boolean => isLeftAlone(clock);
export const isLying = ({ clock }: Stop): boolean => clock.lying !== undefined;
export const isDone = ({ clock }: Stop): boolean => clock.done;

/** How many are done; what was left out is not. */
export const countDone = (stops: readonly Stop[]): number =>
  stops.filter(({ clock }) => clock.done && !clock.skipped).length;

/** What else is wet in the room of a surface. */
export const nearbyOf = (stops: readonly Stop[], { surface, roomId }: Stop): Nearby[] =>
  stops
    .filter((one) => isAlone(one) && one.roomId === roomId && one.surface.id !== surface.id)
    .map(({ surface: { name }, clock, treatment }) => ({
      name,
      on: clock.on,
      lies: clock.lying ? treatment.puts : [],
    }));

/** Why a surface that is not wet has to wait with the bottle in hand, if it does. */
export const waitingFor = (
  stop: Stop,
  stops: readonly Stop[],
  { batchId, ...around }: Pick<AroundEvent, 'batches' | 'book'> & { batchId: string | null },
): Reason | undefined => {
  const batch = around.batches.get(batchId ?? '');
  if (!batch || isAlone(stop) || isDone(stop)) return undefined;
  return waitsFor(batch, { ...around, nearby: nearbyOf(stops, stop) })[0];
};

/** Seconds that it has been wet, or that something has worked on it. */
export const heldSoFar = ({ clock }: Stop, now: number): number => {
  const since = clock.wetSince ?? clock.lying?.since ?? null;
  return since === null ? 0 : secondsBetween(since, now);
};

/** What is due, and by when: at a coat, or at what works by itself. */
export interface StopDue {
  what: WetDue['what'] | 'loose' | 'off';
  at: number;
}

/** What is to be done next at what is left alone, and by when. */
export const dueAt = ({ clock, treatment }: Stop, now: number): StopDue | null => {
  const lay = treatment.lies && layDue(clock, treatment.lies, now);
  if (lay) return { what: lay.what === 'look' ? 'loose' : 'off', at: lay.at };
  return wetDue(clock, treatment, now);
};

/** As what it is drawn: what it is kept wet with, or what works on it. */
export const familyAt = ({ surface, treatment, clock }: Stop): Family | undefined => {
  const cleaner = surface.loosening?.cleaners.at(-1)?.cleaner;
  if (clock.lying && cleaner) return familyOfCleaner(cleaner);
  return treatment.use ? activeFacts[treatment.use.active].family : undefined;
};

/** Something that works by itself is still to be put on. */
export const isToBeLoosened = ({ treatment, clock }: Stop): boolean =>
  treatment.lies !== null && !clock.loosened && !clock.lying && !clock.done;

/** Its time is over, whatever came of it. */
export const isOver = (stop: Stop, now: number): boolean =>
  isWet(stop) && heldSoFar(stop, now) >= stop.treatment.seconds;

/** What is left alone, soonest due first. */
export const wetByDue = (stops: readonly Stop[], now: number): Stop[] =>
  stops
    .filter(isAlone)
    .map((stop) => ({ stop, at: dueAt(stop, now)!.at }))
    .sort((a, b) => a.at - b.at)
    .map(({ stop }) => stop);

/** All that is open, in the order in which it is best done from a room on. */
const inTurn = (stops: readonly Stop[], here: string | null): Stop[] =>
  comesNext(
    stops.map((stop) => ({
      stop,
      roomId: stop.roomId,
      level: stop.surface.level,
      seconds: isToBeLoosened(stop) ? stop.treatment.lies!.least : stop.treatment.seconds,
      lies: isToBeLoosened(stop),
      begun: stop.clock.lastAt !== null,
      open: !isAlone(stop) && !isDone(stop),
    })),
    here,
  ).map(({ stop }) => stop);

/** The room in which something was done last. */
const roomOfLast = (stops: readonly Stop[]): string | null =>
  stops.reduce<Stop | null>(
    (last, stop) => ((stop.clock.lastAt ?? 0) > (last?.clock.lastAt ?? 0) ? stop : last),
    null,
  )?.roomId ?? null;

/**
 * The next thing to do: what is due first, then what is best begun now, and what has to wait when
 * nothing else can be begun.
 */
export const upNext = (
  stops: readonly Stop[],
  now: number,
  waits: (stop: Stop) => unknown,
): Stop | undefined => {
  const wet = wetByDue(stops, now);
  const due = wet.find((stop) => dueAt(stop, now)!.at <= now);
  const open = inTurn(stops, roomOfLast(stops));
  return due ?? open.find((stop) => !waits(stop)) ?? open[0] ?? wet[0];
};

/** All that is still to be begun or gone on with besides one, in the order that is best from there. */
export const aheadOf = (stops: readonly Stop[], current: Stop): Stop[] =>
  inTurn(stops, current.roomId).filter((stop) => stop !== current);
