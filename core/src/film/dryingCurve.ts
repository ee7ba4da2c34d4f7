import type { RoomAir } from '../reference/roomAir.ts';
import { DryingFilm } from './dryingFilm.ts';
import { type Film, type Under } from './filmAir.ts';
import { GAS, pressures, setUp } from './filmAir.ts';

/**
 * A film over time: s, kg/m², strength in the active's basis, and kg/m² of active gone into the
 * air.
 */
export interface Drying {
  times: number[];
  mass: number[];
  strength: number[];
  gone: number[];
  /** Until when it is a film at all, and until when it is above the floor; both in s. */
  wetUntil: number;
  aboveFloorUntil: number;
  /** The coolest the surface gets, °C. */
  coolest: number;
}

/** Nobody waits longer, s. */
const LONGEST = 7200;

const check = (film: Film, air: RoomAir): void => {
  if (!(film.thickness > 0 && film.thickness <= 0.002))
    throw new RangeError(`film of ${film.thickness} m: over 0 and at most 2 mm is allowed`);
  if (!(film.strength >= 0 && film.strength <= 1))
    throw new RangeError(`strength ${film.strength}: 0 to 1 is allowed`);
  if (!(air.humidity >= 0 && air.humidity <= 1))
    throw new RangeError(`humidity ${air.humidity}: 0 to 1 is allowed`);
  if (!(air.temperature >= 0 && air.temperature <= 40))
    throw new RangeError(`temperature ${air.temperature} °C: 0 to 40 is allowed`);
  if (!(air.airSpeed >= 0 && air.airSpeed <= 5 && air.length > 0))
    throw new RangeError(
      `air at ${air.airSpeed} m/s over ${air.length} m: 0 to 5 m/s over some length is allowed`,
    );
};

/**
 * The largest part of a film that may go in one step; halving it moves results by less than 0.5 %.
 */
const STEP = 0.06;

/** Where between two points of a step, as a part of it, a falling value passes a mark. */
const passes = (before: number, after: number, mark: number): number =>
  before === after ? 1 : Math.min(1, Math.max(0, (before - mark) / (before - after)));

/**
 * How a film dries in a room's air, until it is gone or two hours have passed: both its volatile
 * parts leave by vapour pressure, activity and laminar mass transfer. Alcohol loses strength long
 * before it is dry; peroxide gains. The surface keeps the room's warmth unless `under` is given
 * (cautious: a cooled film dries more slowly). Throws a RangeError for a film or air outside what
 * the tables cover. Sources: Perry, Incropera, Lugg-1968.
 */
export const dryingCurve = (
  film: Film,
  air: RoomAir,
  floor: number,
  { under, step = STEP }: { under?: Under; step?: number } = {},
): Drying => {
  check(film, air);
  const drying = new DryingFilm(film, air, floor, under);
  const { s } = drying;
  let t = 0;
  const out: Drying = {
    times: [0],
    mass: [drying.mass],
    strength: [film.strength],
    gone: [0],
    wetUntil: LONGEST,
    aboveFloorUntil: film.strength >= floor * (1 - 1e-9) ? LONGEST : 0,
    coolest: air.temperature,
  };
  while (t < LONGEST) {
    const [massBefore, before] = [drying.mass, drying.moleFraction];
    const dt = drying.dry(step, LONGEST - t);
    const [mass, x] = [drying.mass, drying.moleFraction];
    out.coolest = Math.min(out.coolest, drying.state.temperature);
    if (floor > 0 && out.aboveFloorUntil === LONGEST && x < s.floor)
      out.aboveFloorUntil = t + dt * passes(before, x, s.floor);
    const dry = mass <= s.dry;
    if (dry) out.wetUntil = t + dt * passes(massBefore, mass, s.dry);
    t += dt;
    out.times.push(t);
    out.mass.push(mass);
    out.strength.push(drying.strength);
    out.gone.push((s.start[0] - drying.state.own) * s.own);
    if (dry) break;
  }
  out.aboveFloorUntil = Math.min(out.aboveFloorUntil, out.wetUntil);
  return out;
};

/**
 * Only how long a film holds (wet and above the floor), for drawing many: no curve is kept. s, at
 * most two hours.
 */
export const holdsFor = (film: Film, air: RoomAir, floor: number, step = 0.1): number => {
  const s = setUp(film, air, floor);
  const kelvin = air.temperature + 273.15;
  const over = pressures(film.active, air.temperature);
  const damp = over.water * air.humidity;
  let [a, w] = s.start;
  let t = 0;
  let mass = s.mass;
  if (a / (a + w) < s.floor) return 0;
  while (t < LONGEST) {
    const x = a / (a + w);
    const [pa, pw] = over.at(x);
    const [fa, fw] = [
      (s.leaving * pa) / GAS / kelvin,
      (s.leavingWater * (pw - damp)) / GAS / kelvin,
    ];
    const losing = fa * s.own + fw * s.water;
    if (losing <= 1e-12) return LONGEST;
    const dt = (step * mass) / losing;
    const [ha, hw] = [a - (fa * dt) / 2, w - (fw * dt) / 2];
    if (ha <= 0 || hw <= 0) return t;
    const [ma, mw] = over.at(ha / (ha + hw));
    const [na, nw] = [
      a - (s.leaving * ma * dt) / GAS / kelvin,
      w - (s.leavingWater * (mw - damp) * dt) / GAS / kelvin,
    ];
    const after = na * s.own + nw * s.water;
    if (na <= 0 || nw <= 0 || after <= s.dry)
      return t + (dt * (mass - s.dry)) / Math.max(mass - after, 1e-12);
    const y = na / (na + nw);
    if (floor > 0 && y < s.floor) return t + (dt * (x - s.floor)) / (x - y);
    [a, w, mass] = [na, nw, after];
    t += dt;
  }
  return LONGEST;
};
