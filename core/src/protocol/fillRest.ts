import type { HouseRules } from '../reference/houseRules.ts';
import { materials, type Material } from '../reference/materials.ts';
import { bestOf, compareFamilies } from './compareFamilies.ts';
import type { Home, Room, Setting, Stock, Surface } from './home.ts';

export type FillReason = 'often-touched' | 'food' | 'cleaning-is-enough' | 'porous' | 'nothing-fits' | 'goal-was-set';

/** What is proposed for a surface that nobody has set yet, and why. */
export interface Proposed {
  surfaceId: string;
  setting: Setting;
  because: FillReason;
}

/** A surface that still stands as it came from the survey. */
export const isUnset = ({ setting }: Surface): boolean => setting.use === null && setting.accepted === null;

/** What a surface ought to reach: most need only cleaning. Source: common practice, no source. */
const wants = (surface: Surface): { goal: Setting['goal']; because: FillReason } => {
  if (surface.setting.goal !== 'clean') return { goal: surface.setting.goal, because: 'goal-was-set' };
  if ((materials[surface.material] as Material).porous) return { goal: 'clean', because: 'porous' };
  if (surface.food) return { goal: 'disinfect', because: 'food' };
  return surface.touched === 'often' && surface.level !== 'floor' && surface.level !== 'mirror' ? { goal: 'disinfect', because: 'often-touched' } : { goal: 'clean', because: 'cleaning-is-enough' };
};

const proposeFor = (surface: Surface, room: Room, home: Home, stocks: readonly Stock[], rules: HouseRules, now: number, carried: ReadonlySet<string>): Proposed => {
  const { goal, because } = wants(surface);
  const { against } = surface.setting;
  const washed: Setting = { goal, against, use: null, accepted: null };
  if (goal === 'clean') return { surfaceId: surface.id, setting: washed, because };
  const best = bestOf(compareFamilies({ goal, against }, stocks, { surface, room, home, rules, now }, carried).filter(({ contact }) => contact.outcome === 'use'), carried);
  // Nothing is proposed that would want a reason first: then cleaning is proposed, and a person decides.
  if (!best) return { surfaceId: surface.id, setting: because === 'goal-was-set' ? washed : { ...washed, goal: 'clean' }, because: 'nothing-fits' };
  return { surfaceId: surface.id, setting: { ...washed, use: { stockId: best.stock.id, strength: best.strength } }, because };
};

/**
 * Proposes a setting for every surface of a home that nobody has set, with the fewest bottles: what is carried already
 * wins a tie. Nothing is approved by it, and nothing that somebody has set is touched.
 */
export const fillRest = (home: Home, stocks: readonly Stock[], rules: HouseRules, now: number): Proposed[] => {
  const carried = new Set(home.rooms.flatMap((room) => room.surfaces.flatMap(({ setting }) => setting.use?.stockId ?? [])));
  return home.rooms.flatMap((room) => room.surfaces.filter(isUnset).map((surface) => {
    const proposed = proposeFor(surface, room, home, stocks, rules, now, carried);
    if (proposed.setting.use) carried.add(proposed.setting.use.stockId);
    return proposed;
  }));
};
