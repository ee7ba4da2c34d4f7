import type { Solution } from '../contact/requiredContact.ts';
import type { Application } from '../domain/applications.ts';
import type { GenericActive } from '../domain/families.ts';
import type { Against } from '../domain/goals.ts';
import { activeFacts, familyFacts } from '../families/index.ts';
import { holdsFor } from '../film/dryingCurve.ts';
import { basisOf, type Film } from '../film/filmAir.ts';
import { rewetsFor, type Rewets } from '../film/rewets.ts';
import type { Home, Room } from '../homes/home.ts';
import type { HouseRules } from '../reference/houseRules.ts';
import { coats, usualAir, type MeasuredAir, type RoomAir } from '../reference/roomAir.ts';
import { wateryDensity } from '../solutions/stockContent.ts';

/** What a coat will do there, by the drying model: an estimate. Times in s. */
export interface Prediction {
  application: Application;
  /** Wet and above the floor; and wet at all. */
  holds: number;
  wetUntil: number;
  rewets: Rewets;
}

/** What a film may fall to and still count, as a fraction in its basis. */
export const filmFloor = (active: GenericActive, against: Against, rules: HouseRules): number =>
  familyFacts[activeFacts[active].family].filmFloor(against, rules);

/** What the drying of a film hangs on, as a key. */
export const keyOfDrying = (film: Film, air: RoomAir): string =>
  [
    film.active,
    film.strength,
    film.thickness,
    air.temperature,
    air.humidity,
    air.airSpeed,
    air.length,
  ].join();

/** The same film in the same air dries the same way: what was worked out once is kept. */
export const kept = <T>(work: (film: Film, air: RoomAir, floor: number) => T) => {
  const known = new Map<string, T>();
  return (film: Film, air: RoomAir, floor: number): T => {
    const key = `${keyOfDrying(film, air)},${floor}`;
    const found = known.get(key) ?? work(film, air, floor);
    if (known.size > 2000) known.clear();
    known.set(key, found);
    return found;
  };
};

const holding = kept(holdsFor);

/** kg/m² of an active in a film as it is put on. */
export const activeIn = ({ active, strength, thickness }: Film): number => {
  const p = basisOf(active).toWeight(strength);
  return thickness * wateryDensity(active, p) * p;
};

/**
 * Air over heated floors and what stands on them is warmer, K. Source: common practice, no source.
 */
const FLOOR_HEATING = 5;

/** A room as its air matters: what can be opened, how large, and how warm. */
export interface RoomOfAir extends Pick<Room, 'ventilation' | 'floorArea' | 'height' | 'drying'> {
  air: RoomAir;
}

/**
 * The air of a room in a home: as it was measured, else as usual; warmer where the floor is heated.
 */
export const roomOfAir = (
  {
    ventilation,
    floorArea,
    height,
    drying,
  }: Pick<Room, 'ventilation' | 'floorArea' | 'height' | 'drying'>,
  { situations }: Pick<Home, 'situations'>,
  measured?: MeasuredAir,
): RoomOfAir => {
  const usual = { ...usualAir[ventilation], ...measured };
  const air = situations.includes('floor-heating')
    ? { ...usual, temperature: usual.temperature + FLOOR_HEATING }
    : usual;
  return { ventilation, floorArea, height, drying: drying ?? {}, air };
};

/** A solution as it is put on. */
export interface Coat extends Solution {
  application: Application;
}

export const filmOf = ({ active, strength, application }: Coat): Film => ({
  active,
  strength,
  thickness: coats[application],
});

/**
 * How long a coat holds in a room, as fast as that is known to dry, and how often it is
 * renewed to be held for `required` s.
 */
export const predict = (
  coat: Coat,
  { air, drying = {} }: Pick<RoomOfAir, 'air' | 'drying'>,
  floor: number,
  required: number,
): Prediction => {
  const film = filmOf(coat);
  const faster = drying[coat.application] ?? 1;
  const holds = Math.floor(holding(film, air, floor) / faster);
  return {
    application: coat.application,
    holds,
    wetUntil: Math.floor(holding(film, air, 0) / faster),
    rewets: rewetsFor(holds, required),
  };
};
