import type { GenericActive } from '../domain/families.ts';
import { genericFacts } from '../families/index.ts';
import { peroxideHenry } from '../families/peroxide.ts';
import { components } from '../reference/components.ts';
import type { RoomAir } from '../reference/roomAir.ts';
import { MMHG_PER_ATM, waterAntoine, waterVapour } from '../reference/vapours.ts';
import { alcoholOf, massFraction, volumeFraction } from '../solutions/alcohol.ts';
import { volumeToWeight, wateryDensity, weightToVolume } from '../solutions/stockContent.ts';
import { activity, saturation } from '../solutions/vapour.ts';

/**
 * A film as it is put on: strength as a fraction in the active's basis (0 is water), thickness in
 * m.
 */
export interface Film {
  active: GenericActive;
  strength: number;
  thickness: number;
}

/**
 * J/m²K of what lies under the film, where its cooling is to be counted; left out, the surface
 * stays as warm as the room.
 */
export interface Under {
  heatCapacity: number;
}

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

const GAS = 8.314;
const PA_PER_MMHG = 133.322;
/** Below this, m, there is no film but beads and damp. Source: common practice, no source. */
const DRY = 1e-6;
/** Nobody waits longer, s. */
const LONGEST = 7200;
/** Still air still moves by its own warmth, m/s. Source: common practice, no source. */
const STILL = 0.05;
const AIR_VISCOSITY = 1.5e-5;
const AIR_HEAT = 1200;

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
 * m/s by which a vapour leaves a surface: laminar flow over a flat plate, diffusivity after Fuller.
 * Source: Incropera.
 */
export const massTransfer = (
  of: GenericActive | 'water',
  { temperature, airSpeed, length }: RoomAir,
): number => {
  const warmer = ((temperature + 273.15) / 298.15) ** 1.75;
  const vapour = of === 'water' ? waterVapour : genericFacts[of];
  const d = vapour.diffusivity * warmer;
  const viscosity = AIR_VISCOSITY * warmer;
  const reynolds = (Math.max(STILL, airSpeed) * length) / viscosity;
  return (0.664 * Math.sqrt(reynolds) * Math.cbrt(viscosity / d) * d) / length;
};

/** Mol of water in a litre: what a small mole fraction is multiplied by to give mol/L. */
const WATER_MOLAR = 998.2 / 18.015;

/**
 * Pressure of peroxide over water at `t` °C in Pa by its mole fraction: Henry's law where it is
 * dilute, Raoult's where it is pure, and between the two by a Margules activity of one constant.
 * Source: Sander-2015; Perry.
 */
export const peroxidePressureOver = (t: number): ((x: number) => number) => {
  const pure = saturation(genericFacts['hydrogen peroxide'].antoine, t);
  const henry =
    peroxideHenry.at25 * Math.exp(peroxideHenry.slope * (1 / (t + 273.15) - 1 / 298.15));
  const dilute = (WATER_MOLAR / henry) * MMHG_PER_ATM;
  const constant = Math.log(dilute / pure);
  return (x) => x * Math.exp(constant * (1 - x) ** 2) * pure * PA_PER_MMHG;
};

/**
 * What an active in water does over its film: partial pressures in Pa by its mole fraction `x`.
 * Alcohol after van Laar, acid after Raoult.
 */
const pressures = (active: GenericActive, t: number) => {
  const alcohol = alcoholOf(active);
  const water = saturation(waterAntoine, t) * PA_PER_MMHG;
  const own = saturation(genericFacts[active].antoine, t) * PA_PER_MMHG;
  if (active === 'hydrogen peroxide') {
    const over = peroxidePressureOver(t);
    return { water, at: (x: number): [number, number] => [over(x), (1 - x) * water] };
  }
  if (!alcohol) return { water, at: (x: number): [number, number] => [x * own, (1 - x) * water] };
  return {
    water,
    at: (x: number): [number, number] => {
      const g = activity(alcohol, x);
      return [x * g.alcohol * own, (1 - x) * g.water * water];
    },
  };
};

/** A strength in the active's basis as a mass fraction, and back. */
export const basisOf = (active: GenericActive) => {
  const alcohol = alcoholOf(active);
  return alcohol
    ? {
        toWeight: (strength: number) => massFraction(alcohol, strength),
        fromWeight: (p: number) => volumeFraction(alcohol, p),
      }
    : {
        toWeight: (strength: number) => volumeToWeight(active, strength),
        fromWeight: (p: number) => weightToVolume(active, p),
      };
};

/** What of a film does not change while it dries. */
const setUp = (film: Film, air: RoomAir, floor: number) => {
  const { active } = film;
  const [own, water] = [components[active].molarMass, components.water.molarMass];
  const basis = basisOf(active);
  const moleFraction = (p: number) => p / own / (p / own + (1 - p) / water);
  const p = basis.toWeight(film.strength);
  const mass = film.thickness * wateryDensity(active, p);
  return {
    own,
    water,
    basis,
    mass,
    start: [(mass * p) / own, (mass * (1 - p)) / water] as [number, number],
    floor: moleFraction(basis.toWeight(Math.max(0, floor))) * (1 - 1e-9),
    leaving: massTransfer(active, air),
    leavingWater: massTransfer('water', air),
    dry: DRY * wateryDensity(active, p),
  };
};

/**
 * The largest part of a film that may go in one step; halving it moves results by less than 0.5 %.
 */
const STEP = 0.06;

/** Mol of both parts still in a film, and °C of the surface below it. */
interface FilmState {
  own: number;
  water: number;
  temperature: number;
}

/** A film that dries: what does not change of it, and what does, from one short step to the next. */
class DryingFilm {
  readonly s: ReturnType<typeof setUp>;
  private readonly kelvin: number;
  private readonly damp: number;
  private readonly heatTransfer: number;
  private over: ReturnType<typeof pressures>;
  state: FilmState;

  constructor(
    private readonly film: Film,
    private readonly air: RoomAir,
    floor: number,
    private readonly under: Under | undefined,
  ) {
    this.s = setUp(film, air, floor);
    this.kelvin = air.temperature + 273.15;
    this.over = pressures(film.active, air.temperature);
    this.damp = this.over.water * air.humidity;
    this.heatTransfer = AIR_HEAT * this.s.leavingWater * 0.9;
    this.state = { own: this.s.start[0], water: this.s.start[1], temperature: air.temperature };
  }

  /** kg/m². */
  get mass(): number {
    return this.state.own * this.s.own + this.state.water * this.s.water;
  }

  get moleFraction(): number {
    const { own, water } = this.state;
    return own + water > 0 ? own / (own + water) : 0;
  }

  get strength(): number {
    return this.mass > 0 ? this.s.basis.fromWeight((this.state.own * this.s.own) / this.mass) : 0;
  }

  /** Mol/m² s of both parts that leave a film of so much. */
  private flux(own: number, water: number): [number, number] {
    const { leaving, leavingWater } = this.s;
    const [pa, pw] = this.over.at(own + water > 0 ? own / (own + water) : 0);
    return [
      (leaving * pa) / GAS / this.kelvin,
      (leavingWater * (pw - this.damp)) / GAS / this.kelvin,
    ];
  }

  /** Dries for a step of at most `longest` s in which at most `step` of it goes; gives its s. */
  dry(step: number, longest: number): number {
    const { own, water } = this.state;
    const [fa, fw] = this.flux(own, water);
    const losing = Math.max(fa * this.s.own + fw * this.s.water, 1e-9);
    const dt = Math.min(
      (step * this.mass) / losing,
      (step * (own + 1e-12)) / Math.max(fa, 1e-12) + 1,
      60,
      longest,
    );
    // The midpoint stands for the step: second order, and steps are short.
    const [ma, mw] = this.flux(
      Math.max(0, own - (fa * dt) / 2),
      Math.max(0, water - (fw * dt) / 2),
    );
    this.state.own = Math.max(0, own - ma * dt);
    this.state.water = Math.max(0, water - mw * dt);
    if (this.under) this.cool(this.under, [ma, mw], dt);
    return dt;
  }

  private cool({ heatCapacity }: Under, [own, water]: [number, number], dt: number): void {
    const { active } = this.film;
    const cooling = own * genericFacts[active].vaporisation + water * waterVapour.vaporisation;
    const { temperature } = this.state;
    const warmed =
      temperature +
      ((this.heatTransfer * (this.air.temperature - temperature) - cooling) * dt) /
        (heatCapacity + this.mass * 4000);
    this.state.temperature = Math.max(0, Math.min(this.air.temperature, warmed));
    this.over = pressures(active, this.state.temperature);
  }
}

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
