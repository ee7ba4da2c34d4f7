import type { Against } from '../domain/goals.ts';
import { asTheTableSays, type Home, type Room, type Stock, type Surface } from '../homes/home.ts';
import type { SoilJob } from '../jobs/soil.ts';
import { soilJob } from '../jobs/soilJob.ts';
import { materials } from '../reference/materials.ts';
import type { Judging } from '../verdict/judging.ts';
import type { Reason } from '../verdict/reason.ts';
import { verdictOf, type Verdict } from '../verdict/verdict.ts';
import { assessSurface, type Where } from './assessSurface.ts';
import { growthIn, judgeGrowth } from './mildew.ts';
import type { Prediction } from './predict.ts';

/**
 * A verdict on what is set for a surface, the seconds it must stay wet, and what is predicted of
 * it.
 */
export interface SettingVerdict extends Verdict {
  seconds: number;
  prediction?: Prediction;
  /** How its soil is lifted before; nothing where a wash is all. */
  soil: SoilJob | null;
}

/** The verdicts of many surfaces, by their ids. */
export type Judged = ReadonlyMap<string, SettingVerdict>;

/**
 * What holds even where a surface is only cleaned: much blood, a growth too large, what an
 * authority has to be asked.
 */
const judgeWashing = (against: Against, { growth }: Pick<Where, 'growth'>): Reason[] => {
  if (against === 'blood') return [{ code: 'needs-licensed', outcome: 'never', source: 'OSHA' }];
  if (against === 'candida-auris')
    return [{ code: 'needs-authority', outcome: 'never', source: 'CDC-2008' }];
  return against === 'mildew' ? judgeGrowth(growth) : [];
};

/** Where a surface is, as it matters to what is on it. */
type AroundSoil = Omit<Where, 'surface'>;

/** How the soil of a surface is lifted, as it is set. */
export const soilOfSurface = (
  { thing, soil, material, area, level, setting }: Surface,
  { room, home, ...by }: AroundSoil,
): SoilJob | null =>
  soilJob(
    {
      thing,
      soil,
      material,
      area,
      loosening: setting.loosening ?? asTheTableSays,
      toilet: level === 'toilet',
      lifts: setting.lifts ?? false,
      situations: home.situations,
      flame: room.flame,
      ventilation: room.ventilation,
      keeps: home.clientKeeps ?? [],
    },
    by,
  );

/** What is judged of what is kept wet, apart from the soil before it. */
type WetVerdict = Omit<SettingVerdict, 'soil'>;

/** Judges one surface as it is set: its soil, and what must then stay wet, and for how long. */
export const judgeSetting = (
  surface: Surface,
  around: Omit<Where, 'surface'>,
  stocks: readonly Stock[],
): SettingVerdict => {
  const wet = judgeWet(surface, around, stocks);
  const soil = soilOfSurface(surface, around);
  const reasons = [...wet.reasons, ...(soil?.reasons ?? [])];
  return { ...wet, ...verdictOf(reasons), soil };
};

const judgeWet = (
  surface: Surface,
  around: Omit<Where, 'surface'>,
  stocks: readonly Stock[],
): WetVerdict => {
  const { setting } = surface;
  if (!setting.use) {
    if (setting.goal === 'clean')
      return { ...verdictOf(judgeWashing(setting.against, around)), seconds: 0 };
    // A porous surface cannot be disinfected with anything: that is a better answer than "nothing
    // chosen".
    const reason: Reason = materials[surface.material].porous
      ? {
          code: 'porous',
          outcome: 'never',
          figures: { material: surface.material },
          source: 'common practice, no source',
        }
      : { code: 'stock-missing', outcome: 'never', source: 'the protocol' };
    return { ...verdictOf([reason]), seconds: 0 };
  }
  const stock = stocks.find((one) => one.id === setting.use!.stockId);
  if (!stock)
    return {
      ...verdictOf([{ code: 'stock-missing', outcome: 'never', source: 'the shelf' }]),
      seconds: 0,
    };
  return assessSurface(
    { ...setting, stock, strength: setting.use.strength },
    { ...around, surface },
  );
};

/** Every surface of a room as it is set. */
export const judgeRoom = (
  room: Room,
  around: Omit<Where, 'surface' | 'room'>,
  stocks: readonly Stock[],
): Judged =>
  new Map(
    room.surfaces.map((surface) => [
      surface.id,
      judgeSetting(surface, { ...around, room }, stocks),
    ]),
  );

/**
 * Every surface of a home as it is set: what is built, enforced and shown rests on one judgement of
 * each.
 */
export const judgeSurfaces = (home: Home, stocks: readonly Stock[], by: Judging): Judged => {
  const growth = growthIn(home.rooms);
  return new Map(
    home.rooms.flatMap((room) => [...judgeRoom(room, { home, growth, ...by }, stocks)]),
  );
};
