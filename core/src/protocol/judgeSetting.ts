import type { Against } from '../domain/goals.ts';
import type { Home, Room, Stock, Surface } from '../homes/home.ts';
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

/** Judges one surface as it is set: the full verdict with the seconds it must stay wet. */
export const judgeSetting = (
  surface: Surface,
  around: Omit<Where, 'surface'>,
  stocks: readonly Stock[],
): SettingVerdict => {
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
