import type { Breathing } from '../air/judgeAir.ts';
import { vapourCurve } from '../air/vapourCurve.ts';
import type { GenericActive } from '../domain/families.ts';
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
const EIGHT_HOURS = 28_800;

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
  // After a working day the air has long been as it stays.
  const stands = Math.min(seconds, EIGHT_HOURS);
  const gone = rate * stands * components[active].molarMass;
  const film = { area: 1, at: 0, drying: { times: [0, stands], gone: [0, gone] } };
  return vapourCurve(active, [film], floorArea * height, airChanges[usualAiring[ventilation]]);
};
