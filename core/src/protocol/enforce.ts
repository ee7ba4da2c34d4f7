import type { HouseRules } from '../reference/houseRules.ts';
import { materials, type Material } from '../reference/materials.ts';
import { verdictOf, type Reason, type Verdict } from '../verdict.ts';
import { assessSurface } from './assessSurface.ts';
import type { Home, Stock, Surface } from './home.ts';
import type { Prediction } from './predict.ts';

/** What stands between a protocol and its approval, at one surface. */
export interface Objection extends Verdict {
  surfaceId: string;
}

/** Judges one surface as it is set: the full verdict with the seconds it must stay wet. */
export const judgeSetting = (
  surface: Surface,
  around: Omit<Parameters<typeof assessSurface>[1], 'surface'>,
  stocks: readonly Stock[],
): Verdict & { seconds: number; prediction?: Prediction } => {
  const { setting } = surface;
  if (!setting.use) {
    if (setting.goal === 'clean') return { outcome: 'use', reasons: [], seconds: 0 };
    // A porous surface cannot be disinfected with anything: that is a better answer than "nothing chosen".
    const reason: Reason = (materials[surface.material] as Material).porous
      ? { code: 'porous', outcome: 'never', figures: { material: surface.material }, source: 'common practice, no source' }
      : { code: 'stock-missing', outcome: 'never', source: 'the protocol' };
    return { ...verdictOf([reason]), seconds: 0 };
  }
  const stock = stocks.find((one) => one.id === setting.use!.stockId);
  if (!stock) return { ...verdictOf([{ code: 'stock-missing', outcome: 'never', source: 'the shelf' }]), seconds: 0 };
  return assessSurface({ ...setting, stock, strength: setting.use.strength }, { ...around, surface });
};

/**
 * What in a home's protocol does not hold: every Never, and every Care that nobody has accepted with a reason.
 * Empty when it may be approved. The page and the server both ask this one function.
 */
export const enforce = (home: Home, stocks: readonly Stock[], rules: HouseRules, now: number): Objection[] =>
  home.rooms.flatMap((room) =>
    room.surfaces.flatMap((surface) => {
      const { outcome, reasons } = judgeSetting(surface, { room, home, rules, now }, stocks);
      if (outcome === 'use') return [];
      if (outcome === 'care' && surface.setting.accepted) return [];
      const open: Reason[] = outcome === 'care' ? [{ code: 'care-not-accepted', outcome, source: 'the protocol' }, ...reasons] : reasons;
      return [{ surfaceId: surface.id, ...verdictOf(open) }];
    }),
  );
