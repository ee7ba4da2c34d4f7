import type { Application } from '../domain/applications.ts';
import type { Active } from '../domain/families.ts';
import type { Against, Goal } from '../domain/goals.ts';
import type { Level } from '../domain/levels.ts';
import { activeFacts } from '../families/index.ts';
import type { Home, Room, Stock, Surface } from '../homes/home.ts';
import type { MaterialId } from '../reference/materials.ts';
import type { Act, Book } from '../reference/neverCombine.ts';
import { putsOf } from '../jobs/judgeCleaner.ts';
import type { Judging } from '../verdict/judging.ts';
import type { Reason } from '../verdict/reason.ts';
import { applicationOn, isFoodSurface } from './application.ts';
import { judgeSurfaces, type Judged, type SettingVerdict } from './judgeSetting.ts';
import { isRinse, stepsOf, type Step } from './steps.ts';
import { treatedSoil, type TreatedSoil } from './treatedSoil.ts';
import { visitMeetings } from './visitMeetings.ts';
import { workingOrder } from './workingOrder.ts';

/**
 * One surface as it is to be treated; `treatment` is nothing where it is only washed. Seconds and
 * fractions.
 */
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
  treatment: {
    stockId: string;
    active: Active;
    strength: number;
    seconds: number;
    application: Application;
  } | null;
  steps: Step[];
  /** How its soil is lifted first; nothing where a wash is all, or nobody knew of it then. */
  loosening: TreatedSoil | null;
  reasons: Reason[];
}

export interface TreatedRoom {
  id: string;
  name: string;
  surfaces: TreatedSurface[];
}

/** What a surface's treatment follows from besides the surface itself. */
export interface AroundTreated {
  home: Pick<Home, 'situations'>;
  room: Pick<Room, 'flame' | 'ventilation'>;
  stocks: readonly Stock[];
  verdict: SettingVerdict;
  /** What the visit has to do first because of what it has put on before. */
  between: readonly Act[];
}

/** One surface as it is to be treated, with the steps that follow from what is judged of it. */
export const treatedSurface = (
  surface: Surface,
  { home, room, stocks, verdict, between }: AroundTreated,
): TreatedSurface => {
  const { id, name, material, level, area, food, setting } = surface;
  const { goal, against, accepted, use } = setting;
  const stock = use && stocks.find((one) => one.id === use.stockId);
  const treatment =
    use && stock
      ? {
          stockId: stock.id,
          active: stock.active,
          strength: use.strength,
          seconds: verdict.seconds,
          application: applicationOn(surface, home, verdict.reasons),
        }
      : null;
  const loosening = treatedSoil(surface, verdict.soil);
  const steps = stepsOf({
    material,
    food: isFoodSurface(surface),
    mildew: against === 'mildew',
    blood: against === 'blood-spot',
    situations: home.situations,
    flame: room.flame,
    ventilation: room.ventilation,
    between,
    put: treatment && { ...verdict, ...treatment, family: activeFacts[treatment.active].family },
  });
  return {
    id,
    name,
    material,
    level,
    area,
    food,
    goal,
    against,
    accepted,
    treatment,
    steps,
    loosening,
    reasons: verdict.reasons,
  };
};

/**
 * A home's protocol as it is set, in working order, with the reasons behind each surface. It
 * judges; it does not enforce.
 */
export const buildProtocol = (
  home: Home,
  stocks: readonly Stock[],
  by: Judging,
  judged: Judged = judgeSurfaces(home, stocks, by),
): TreatedRoom[] => {
  const between = actsBetween(home, stocks, by.book, judged);
  return home.rooms.map((room) => ({
    id: room.id,
    name: room.name,
    surfaces: workingOrder(room.surfaces).map((surface) =>
      treatedSurface(surface, {
        home,
        room,
        stocks,
        verdict: judged.get(surface.id)!,
        between: between.get(surface.id) ?? [],
      }),
    ),
  }));
};

/**
 * What has to be done before a surface because of what the visit has put on before it: flush, air,
 * rinse.
 */
export const actsBetween = (
  home: Pick<Home, 'rooms'>,
  stocks: readonly Stock[],
  book: Book,
  judged: Judged,
): Map<string, Act[]> => {
  const acts = new Map<string, Act[]>();
  for (const { second, mend } of visitMeetings(home, stocks, book, judged)) {
    if (mend.kind !== 'insert') continue;
    acts.set(second, [
      ...new Set([...(acts.get(second) ?? []), ...mend.insert.map(({ act }) => act)]),
    ]);
  }
  return acts;
};

/**
 * What the wet clock asks of a surface that is treated so; `coatHolds`: for how many seconds a coat
 * is known to stay wet there, 0 where nobody knows.
 */
export const treatmentOf = (
  {
    treatment,
    steps,
    level,
    loosening,
  }: Pick<TreatedSurface, 'treatment' | 'steps' | 'level' | 'loosening'>,
  coatHolds: number,
) => ({
  coatHolds,
  lies: loosening?.lies ?? null,
  puts: loosening?.cleaners.flatMap(({ cleaner }) => putsOf(cleaner)) ?? [],
  lifts: steps.includes('take-out'),
  flushes: steps.includes('flush'),
  toilet: level === 'toilet',
  seconds: treatment?.seconds ?? 0,
  applies: treatment !== null,
  rinses: steps.some(isRinse),
  use: treatment && {
    active: treatment.active,
    strength: treatment.strength,
    stockId: treatment.stockId,
  },
});
