import type { Home, Room, Setting, Stock, Surface } from '../homes/home.ts';
import { materials } from '../reference/materials.ts';
import { bowlOf } from '../reference/products.ts';
import type { Judging } from '../verdict/judging.ts';
import { bestOf, compareFamilies } from './compareFamilies.ts';
import { roomObjections } from './enforce.ts';
import { judgeRoom } from './judgeSetting.ts';
import { growthIn } from './mildew.ts';

export type FillReason =
  'toilet' | 'weak-immunity' | 'cleaning-is-enough' | 'porous' | 'nothing-fits' | 'goal-was-set';

/** What is proposed for a surface that nobody has set yet, and why. */
export interface Proposed {
  surfaceId: string;
  setting: Setting;
  because: FillReason;
}

/** A surface that still stands as it came from the survey. */
export const isUnset = ({ setting }: Surface): boolean =>
  setting.use === null && setting.accepted === null;

/**
 * What a surface ought to reach: most need only cleaning, also where food or hands touch them.
 * Disinfecting is proposed where many hands meet the toilet, and where somebody cannot fight off
 * what is left. Source: CDC-home; common practice.
 */
const wants = (
  surface: Surface,
  { situations }: Pick<Home, 'situations'>,
): { goal: Setting['goal']; because: FillReason } => {
  if (surface.setting.goal !== 'clean')
    return { goal: surface.setting.goal, because: 'goal-was-set' };
  if (materials[surface.material].porous) return { goal: 'clean', because: 'porous' };
  const often =
    surface.touched === 'often' && surface.level !== 'floor' && surface.level !== 'mirror';
  if (often && surface.level === 'toilet') return { goal: 'disinfect', because: 'toilet' };
  return often && situations.includes('weak-immunity')
    ? { goal: 'disinfect', because: 'weak-immunity' }
    : { goal: 'clean', because: 'cleaning-is-enough' };
};

/** What the filling of a home rests on; `carried` grows as bottles are chosen. */
interface Filling {
  home: Home;
  growth: number;
  stocks: readonly Stock[];
  by: Judging;
  carried: Set<string>;
}

const proposeFor = (surface: Surface, room: Room, filling: Filling): Proposed => {
  const { home, growth, stocks, by, carried } = filling;
  const { goal, because } = wants(surface, home);
  const { against } = surface.setting;
  const washed: Setting = { goal, against, use: null, accepted: null };
  if (goal === 'clean') return { surfaceId: surface.id, setting: washed, because };
  // A tablet in the cistern is taken out rather than worked around.
  const lifts = surface.level === 'toilet' && bowlOf(home.clientKeeps ?? []).length > 0;
  const where = { surface, room, home, growth, ...by };
  const fitting = compareFamilies({ goal, against, lifts }, stocks, where, carried).filter(
    ({ contact }) => contact.outcome === 'use',
  );
  const best = bestOf(fitting, where, carried);
  // Nothing is proposed that would want a reason first: then cleaning is proposed, and a person
  // decides.
  if (!best)
    return {
      surfaceId: surface.id,
      setting: because === 'goal-was-set' ? washed : { ...washed, goal: 'clean' },
      because: 'nothing-fits',
    };
  return {
    surfaceId: surface.id,
    setting: { ...washed, use: { stockId: best.stock.id, strength: best.strength }, lifts },
    because,
  };
};

/**
 * What is proposed for one room; where together it would be too much for the room's air, the
 * largest are left to a person.
 */
const fillRoom = (room: Room, filling: Filling): Proposed[] => {
  const { home, growth, stocks, by, carried } = filling;
  const proposed = new Map<string, Proposed>();
  for (const surface of room.surfaces.filter(isUnset)) {
    const one = proposeFor(surface, room, filling);
    proposed.set(surface.id, one);
    if (one.setting.use) carried.add(one.setting.use.stockId);
  }
  const settled = (): Room => ({
    ...room,
    surfaces: room.surfaces.map((surface) => ({
      ...surface,
      setting: proposed.get(surface.id)?.setting ?? surface.setting,
    })),
  });
  for (;;) {
    const filled = settled();
    const over = roomObjections(
      filled,
      home,
      stocks,
      judgeRoom(filled, { home, growth, ...by }, stocks),
    )[0];
    const largest =
      over &&
      (proposed.get(over.surfaceId) ??
        [...proposed.values()].find(({ setting }) => setting.use !== null));
    if (!largest?.setting.use) return [...proposed.values()];
    const goal = largest.because === 'goal-was-set' ? largest.setting.goal : 'clean';
    proposed.set(largest.surfaceId, {
      ...largest,
      setting: { ...largest.setting, goal, use: null },
      because: 'nothing-fits',
    });
  }
};

/**
 * Proposes a setting for every surface of a home that nobody has set, with the fewest bottles: what
 * is carried already wins a tie. Nothing is approved by it, and nothing that somebody has set is
 * touched.
 */
export const fillRest = (home: Home, stocks: readonly Stock[], by: Judging): Proposed[] => {
  const carried = new Set(
    home.rooms.flatMap((room) =>
      room.surfaces.flatMap(({ setting }) => setting.use?.stockId ?? []),
    ),
  );
  const filling = { home, growth: growthIn(home.rooms), stocks, by, carried };
  return home.rooms.flatMap((room) => fillRoom(room, filling));
};
