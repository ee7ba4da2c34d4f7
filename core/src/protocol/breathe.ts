import type { Breathing } from '../air/judgeAir.ts';
import { vapourCurve, type Vapour } from '../air/vapourCurve.ts';
import type { GenericActive } from '../domain/families.ts';
import { activeFacts, familyFacts, genericFacts } from '../families/index.ts';
import { dryingCurve, type Drying } from '../film/dryingCurve.ts';
import type { Film } from '../film/filmAir.ts';
import { airChanges, usualAiring, type RoomAir } from '../reference/roomAir.ts';
import { keyOfDrying, kept, activeIn, type RoomOfAir, type Coat, filmOf } from './predict.ts';

const drying = kept((film, air, floor): Drying => dryingCurve(film, air, floor));

/**
 * Solutions to clean with are wiped off again within this time, s. Source: common practice, no
 * source.
 */
const CLEANING_STANDS = 120;

/**
 * What leaves a film into the room. Alcohol leaves whole: what is wiped up dries on the cloth, in
 * the same room. What hardly evaporates leaves with the cloth: of it only what has gone into the
 * air before the wipe counts.
 */
const leaving = (film: Film, air: RoomAir, seconds: number): Pick<Drying, 'times' | 'gone'> => {
  const curve = drying(film, air, 0);
  if (!familyFacts[activeFacts[film.active].family].driesWhole) return until(curve, seconds);
  const { times, gone } = curve;
  // The last micrometre, which is beads and damp and no film any more, dries too.
  return { times: [...times, times.at(-1)! + LAST_DAMP], gone: [...gone, activeIn(film)] };
};

/** s in which the last beads dry. Source: common practice, no source. */
const LAST_DAMP = 30;

/** A curve up to when the film is wiped off: after that nothing more leaves it. */
const until = ({ times, gone }: Drying, seconds: number): Pick<Drying, 'times' | 'gone'> => {
  const end = times.findIndex((t) => t > seconds);
  if (end < 1) return { times, gone };
  const part = (seconds - times[end - 1]!) / (times[end]! - times[end - 1]!);
  return {
    times: [...times.slice(0, end), seconds],
    gone: [...gone.slice(0, end), gone[end - 1]! + part * (gone[end]! - gone[end - 1]!)],
  };
};

/**
 * Vapour of one square metre of a film in one cubic metre, with the air changes of a room:
 * everything else scales from it.
 */
const unitVapours = new Map<string, Vapour>();

const unitVapour = (film: Film, air: RoomAir, changes: number, wetFor: number): Vapour => {
  const key = [keyOfDrying(film, air), changes, wetFor].join();
  const known =
    unitVapours.get(key) ??
    vapourCurve(film.active, [{ area: 1, at: 0, drying: leaving(film, air, wetFor) }], 1, changes);
  if (unitVapours.size > 500) unitVapours.clear();
  unitVapours.set(key, known);
  return known;
};

/** So many coats on so many m², wiped off after `required` s. */
export interface RoomTreatment extends Omit<Coat, 'active'> {
  area: number;
  coatsOn: number;
  required: number;
}

/**
 * What a treatment leaves in the air of a room, with what can be opened open. All coats are counted
 * as if put on at once: an upper estimate.
 */
export const breathe = (
  active: GenericActive,
  { area, coatsOn, required, ...coat }: RoomTreatment,
  room: RoomOfAir,
): Breathing => {
  const unit = unitVapour(
    filmOf({ active, ...coat }),
    room.air,
    airChanges[usualAiring[room.ventilation]],
    (required || CLEANING_STANDS) / coatsOn,
  );
  const scale = (area * coatsOn) / (room.floorArea * room.height);
  const limit = genericFacts[active].air.day / scale;
  const last = unit.peak > limit ? unit.ppm.findLastIndex((value) => value > limit) : -1;
  return {
    shortTerm: unit.shortTerm * scale,
    day: unit.day * scale,
    peak: unit.peak * scale,
    explosive: unit.explosive * scale,
    reentry: last < 0 ? 0 : unit.times[Math.min(last + 1, unit.times.length - 1)]!,
  };
};

/**
 * Hands-on s before the next surface of a room gets its coat. Source: common practice, no source.
 */
const BETWEEN = 60;

/**
 * What all treatments of a room with one active leave in its air, put on one after another, with
 * what can be opened open.
 */
export const breatheTogether = (
  active: GenericActive,
  treatments: readonly RoomTreatment[],
  room: RoomOfAir,
): Breathing => {
  const films = treatments.map(({ area, coatsOn, required, ...coat }, i) => ({
    area: area * coatsOn,
    at: i * BETWEEN,
    drying: leaving(filmOf({ active, ...coat }), room.air, (required || CLEANING_STANDS) / coatsOn),
  }));
  return vapourCurve(
    active,
    films,
    room.floorArea * room.height,
    airChanges[usualAiring[room.ventilation]],
  );
};
