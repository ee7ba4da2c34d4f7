import type { GenericActive } from '../domain/families.ts';
import { basisOf, GAS, massTransfer, pressures } from '../film/filmAir.ts';
import { components } from '../reference/components.ts';
import type { RoomAir } from '../reference/roomAir.ts';
import { LID_OFF } from '../reference/wipes.ts';
import { liquidDensity } from './liquidDensity.ts';

/** A jar as it stands: how strong, how much liquid in what vessel (m³), how wide its mouth (m²). */
export interface Standing {
  active: GenericActive;
  strength: number;
  liquid: number;
  vessel: number;
  mouth: number;
}

/** How often it is opened a day, and how much is taken out with the cloths, m³. */
export interface Taking {
  opened: number;
  taken: number;
}

/** kg that are in it, went with cloths, and went off, of the active and of water. */
export interface JarBalance {
  left: [own: number, water: number];
  taken: [own: number, water: number];
  gone: [own: number, water: number];
}

export interface JarDay {
  /** Fraction in the active's basis. */
  strength: number;
  balance: JarBalance;
}

const none = (): [number, number] => [0, 0];
const STILL_AIR = 0.05;

/**
 * Strength in a jar at the end of each of `days`, with what became of what was in it. At each
 * opening the vapour over the liquid is lost, and as much more leaves through the mouth as from an
 * open dish of its size: more than really does, so that the strength is rather too low. Source:
 * Perry; Incropera; common practice.
 */
export const jarStrength = (
  { active, strength, liquid, vessel, mouth }: Standing,
  { opened, taken }: Taking,
  { temperature, humidity }: Pick<RoomAir, 'temperature' | 'humidity'>,
  days: number,
): JarDay[] => {
  const basis = basisOf(active);
  const p = basis.toWeight(strength);
  const density = liquidDensity(active, strength);
  const left: [number, number] = [liquid * density * p, liquid * density * (1 - p)];
  const [out, gone] = [none(), none()];
  const molar = [components[active].molarMass, components.water.molarMass] as const;
  const over = pressures(active, temperature);
  const length = Math.sqrt(mouth);
  const air = { temperature, humidity, airSpeed: STILL_AIR, length };
  const leaving = [massTransfer(active, air), massTransfer('water', air)] as const;
  const kelvin = temperature + 273.15;
  const head = Math.max(0, vessel - liquid);
  const part = liquid > 0 ? taken / liquid : 0;
  const mass = liquid * density;
  const course: JarDay[] = [];
  for (let day = 0; day < days; day += 1) {
    const [own, water] = [left[0] / molar[0], left[1] / molar[1]];
    const x = own + water > 0 ? own / (own + water) : 0;
    const [mine, theirs] = over.at(x);
    const full = left[0] + left[1] > 0 ? 1 : 0;
    const pressure = [mine, Math.max(0, theirs - over.water * humidity)] as const;
    for (const i of [0, 1] as const) {
      const dense = (pressure[i] / GAS / kelvin) * molar[i];
      const once = dense * (head + leaving[i] * mouth * LID_OFF);
      const off = Math.min(left[i], once * opened * full);
      left[i] -= off;
      gone[i] += off;
    }
    const rest = left[0] + left[1];
    const cloths = Math.min(rest, part * mass);
    for (const i of [0, 1] as const) {
      const with_ = rest > 0 ? (cloths * left[i]) / rest : 0;
      left[i] -= with_;
      out[i] += with_;
    }
    const now = left[0] + left[1];
    course.push({
      strength: now > 1e-9 ? basis.fromWeight(left[0] / now) : 0,
      balance: { left: [...left], taken: [...out], gone: [...gone] },
    });
  }
  return course;
};
