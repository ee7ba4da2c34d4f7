import type { Active } from '../reference/families.ts';
import type { HouseRules } from '../reference/houseRules.ts';
import type { MaterialId } from '../reference/materials.ts';
import type { Book } from '../reference/neverCombine.ts';
import type { Reason } from '../verdict.ts';
import type { Against, Goal } from '../contact/requiredContact.ts';
import type { Home, Level, Stock } from './home.ts';
import { judgeSurfaces, type Judged } from './judgeSetting.ts';
import { stepsOf, type Step } from './steps.ts';
import { workingOrder } from './workingOrder.ts';

/** One surface as it is to be treated; `treatment` is nothing where it is only washed. Seconds and fractions. */
export interface TreatedSurface {
  id: string;
  name: string;
  material: MaterialId;
  level: Level;
  area: number;
  food: boolean;
  goal: Goal;
  against: Against;
  accepted: string | null;
  treatment: { stockId: string; active: Active; strength: number; seconds: number } | null;
  steps: Step[];
  reasons: Reason[];
}

export interface TreatedRoom {
  id: string;
  name: string;
  surfaces: TreatedSurface[];
}

/** A home's protocol as it is set, in working order, with the reasons behind each surface. It judges; it does not enforce. */
export const buildProtocol = (home: Home, stocks: readonly Stock[], rules: HouseRules, now: number, book?: Book, judged: Judged = judgeSurfaces(home, stocks, rules, now, book)): TreatedRoom[] =>
  home.rooms.map((room) => ({
    id: room.id,
    name: room.name,
    surfaces: workingOrder(room.surfaces).map((surface) => {
      const { id, name, material, level, area, food, setting } = surface;
      const { goal, against, accepted, use } = setting;
      const verdict = judged.get(id)!;
      const stock = use && stocks.find((one) => one.id === use.stockId);
      const treatment = use && stock ? { stockId: stock.id, active: stock.active, strength: use.strength, seconds: verdict.seconds } : null;
      const steps = stepsOf(treatment && verdict);
      return { id, name, material, level, area, food, goal, against, accepted, treatment, steps, reasons: verdict.reasons };
    }),
  }));

/** What the wet clock asks of a surface that is treated so. */
export const treatmentOf = ({ treatment, steps, level }: Pick<TreatedSurface, 'treatment' | 'steps' | 'level'>) => ({
  lifts: steps.includes('take-out'),
  flushes: steps.includes('flush'),
  toilet: level === 'toilet',
  seconds: treatment?.seconds ?? 0,
  applies: treatment !== null,
  rinses: steps.includes('rinse'),
  use: treatment && { active: treatment.active, strength: treatment.strength, stockId: treatment.stockId },
});
