import type { Application } from '../domain/applications.ts';
import type { Active } from '../domain/families.ts';
import type { Against, Goal } from '../domain/goals.ts';
import type { Level, Touched } from '../domain/levels.ts';
import type { Flame, Situation, Ventilation } from '../domain/situations.ts';
import type { LimeAmount, Soil } from '../domain/soils.ts';
import type { Thing } from '../domain/things.ts';
import type { MaterialId } from '../reference/materials.ts';
import type { ProductId } from '../reference/products.ts';
import type { Cleaner } from '../reference/soilRows.ts';
import type { ProductLabel } from './label.ts';

export interface Surface {
  id: string;
  name: string;
  material: MaterialId;
  level: Level;
  /** m² */
  area: number;
  touched: Touched;
  food: boolean;
  /** What thing it is, where that decides how it is cleaned, and what is on it. */
  thing: Thing;
  soil: Soil;
  setting: Setting;
}

/** What somebody has set of how soil is lifted; what is nothing goes by the table. */
export interface Loosening {
  /** Of the ways there are, which. */
  cleaner: Cleaner | null;
  /** In the cleaner's own unit. */
  ratio: number | null;
  /** s that it is to stay. */
  seconds: number | null;
  lime: LimeAmount | null;
}
export const asTheTableSays: Loosening = { cleaner: null, ratio: null, seconds: null, lime: null };

/** What a surface must reach and with what; no `use` is washing with detergent. */
export interface Setting {
  goal: Goal;
  against: Against;
  use: { stockId: string; strength: number } | null;
  /** Why a competent person accepts a Care; kept on the record. */
  accepted: string | null;
  /**
   * What waits in the toilet's water is taken out, and the bowl flushed twice, before anything goes
   * on.
   */
  lifts?: boolean;
  /** m² of mildew on it; where nobody has said, all of the surface counts. */
  growth?: number | null;
  /** How its soil is lifted; where nobody has set it, as the table says. */
  loosening?: Loosening | null;
}

export interface Room {
  id: string;
  name: string;
  /** m² and m */
  floorArea: number;
  height: number;
  ventilation: Ventilation;
  flame: Flame;
  /**
   * How many times as fast it dries as the tables say, by how it is put on: as was learnt there and
   * taken over; where nothing was, once.
   */
  drying?: Partial<Record<Application, number>>;
  surfaces: Surface[];
}

export interface Home {
  id: string;
  situations: Situation[];
  /** What the client keeps or uses. */
  clientKeeps?: readonly ProductId[];
  rooms: Room[];
}

/**
 * A stock container at hand; strength as a fraction in the active's basis, times in ms since 1970.
 */
export interface Stock {
  id: string;
  active: Active;
  strength: number;
  expiresAt: number;
  pricePerLitre?: number | null;
  /** A registered product's label; its strength is as sold, 1. */
  label?: ProductLabel | null;
}

export const justWashed: Setting = {
  goal: 'clean',
  against: 'everyday',
  use: null,
  accepted: null,
};
