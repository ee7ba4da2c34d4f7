import { genericFacts } from '../families/index.ts';
import type { RoomAir } from '../reference/roomAir.ts';
import { waterVapour } from '../reference/vapours.ts';
import { GAS, pressures, setUp } from './filmAir.ts';
import { type Film, type Under } from './filmAir.ts';

const AIR_HEAT = 1200;

/** Mol of both parts still in a film, and °C of the surface below it. */
interface FilmState {
  own: number;
  water: number;
  temperature: number;
}

/**
 * A film that dries: what does not change of it, and what does, from one short step to the next.
 */
export class DryingFilm {
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
