import type { Breathing } from '../air/judgeAir.ts';
import type { GenericActive } from '../domain/families.ts';
import { genericFacts } from '../families/index.ts';
import { basisOf, GAS, massTransfer, pressures } from '../film/filmAir.ts';
import { components } from '../reference/components.ts';
import { airChanges, usualAiring, type RoomAir } from '../reference/roomAir.ts';
import type { Ventilation } from '../domain/situations.ts';

/** A room as it matters to what stands open in it: m², m. */
export interface RoomOfBath {
  ventilation: Ventilation;
  floorArea: number;
  height: number;
  air: RoomAir;
}

/** What still gets out from under a lid that is laid on. Source: common practice, no source. */
const UNDER_A_LID = 0.1;
const MINUTE = 60;
const QUARTER = 15;
const EIGHT_HOURS = 480;
const PASCAL = 101_325;

/** mol/s that leave an open face of `area` m². */
const leavingFrom = (
  active: GenericActive,
  strength: number,
  area: number,
  air: RoomAir,
): number => {
  const p = basisOf(active).toWeight(strength);
  const [own, water] = [p / components[active].molarMass, (1 - p) / components.water.molarMass];
  const [pressure] = pressures(active, air.temperature).at(own / (own + water));
  const length = Math.max(0.05, Math.sqrt(area));
  const speed = massTransfer(active, { ...air, length });
  return (speed * area * pressure) / GAS / (air.temperature + 273.15);
};

/**
 * What an open bath of an active leaves in a room's air while it stands for `seconds`, as if mixed:
 * over the bath itself it is many times that. Source: Perry; Incropera.
 */
export const breatheBath = (
  active: GenericActive,
  {
    strength,
    area,
    covered,
    seconds,
  }: {
    strength: number;
    area: number;
    covered: boolean;
    seconds: number;
  },
  { air, ventilation, floorArea, height }: RoomOfBath,
): Breathing => {
  const rate = leavingFrom(active, strength, area, air) * (covered ? UNDER_A_LID : 1);
  const volume = floorArea * height;
  const changes = airChanges[usualAiring[ventilation]] / 3600;
  const ppm = (1e6 * GAS * (air.temperature + 273.15)) / PASCAL;
  const levels: number[] = [];
  let inRoom = 0;
  for (let minute = 0; minute < EIGHT_HOURS; minute += 1) {
    const source = minute * MINUTE < seconds ? rate / volume / changes : 0;
    inRoom = source + (inRoom - source) * Math.exp(-changes * MINUTE);
    levels.push(inRoom * ppm);
  }
  const sumTo = levels.reduce<number[]>((sums, one) => [...sums, (sums.at(-1) ?? 0) + one], []);
  return worstOf(active, levels, sumTo, changes);
};

/** The worst quarter of an hour, the mean of the day, the peak, and how long until one may stay. */
const worstOf = (
  active: GenericActive,
  levels: readonly number[],
  sumTo: readonly number[],
  changes: number,
): Breathing => {
  const quarters = sumTo.slice(QUARTER).map((sum, i) => (sum - (sumTo[i] ?? 0)) / QUARTER);
  const peak = Math.max(...levels);
  const { day, explosive } = genericFacts[active].air;
  return {
    shortTerm: Math.max(...quarters),
    day: (sumTo.at(-1) ?? 0) / EIGHT_HOURS,
    peak,
    explosive: peak / 1e6 / explosive,
    reentry: peak > day ? Math.log(peak / day) / changes : 0,
  };
};
