import type { Family } from '../domain/families.ts';
import { activeFacts } from '../families/index.ts';
import type { Home, Room, Stock, Surface } from '../homes/home.ts';
import { buildProtocol, type TreatedRoom } from '../protocol/buildProtocol.ts';
import { compareFamilies, type Compared } from '../protocol/compareFamilies.ts';
import { enforce } from '../protocol/enforce.ts';
import { growthIn } from '../protocol/mildew.ts';
import type { Judging } from '../verdict/judging.ts';

/** One family instead of another, wherever the protocol lets it be, and the rooms as they would be. */
export interface SolutionChange {
  of: Family;
  to: Family;
  surfaces: number;
  rooms: TreatedRoom[];
}

/** What changes rest on. */
interface Given {
  home: Home;
  stocks: readonly Stock[];
  by: Judging;
}

const familyOf = ({ setting }: Surface, stocks: readonly Stock[]): Family | undefined => {
  const stock = stocks.find(({ id }) => id === setting.use?.stockId);
  return stock && activeFacts[stock.active].family;
};

/** What each other family can do on a surface without anybody having to stand by a reason. */
const othersOn = (surface: Surface, room: Room, { home, stocks, by }: Given): Compared[] => {
  const { goal, against, lifts = false } = surface.setting;
  const where = { surface, room, home, growth: growthIn(home.rooms), ...by };
  return compareFamilies({ goal, against, lifts }, stocks, where).filter(
    ({ contact }) => contact.outcome === 'use',
  );
};

/** A home with one family put in another's place, where it may be; and on how many surfaces. */
const swapped = (of: Family, to: Family, given: Given): { home: Home; surfaces: number } => {
  let surfaces = 0;
  const ofSurface = (surface: Surface, room: Room): Surface => {
    const { setting } = surface;
    if (familyOf(surface, given.stocks) !== of || setting.accepted !== null) return surface;
    const other = othersOn(surface, room, given).find(({ family }) => family === to);
    if (!other) return surface;
    surfaces += 1;
    const use = { stockId: other.stock.id, strength: other.strength };
    return { ...surface, setting: { ...setting, use } };
  };
  const rooms = given.home.rooms.map((room) => ({
    ...room,
    surfaces: room.surfaces.map((one) => ofSurface(one, room)),
  }));
  return { home: { ...given.home, rooms }, surfaces };
};

/**
 * Every family instead of every other that a home is set to, on all surfaces where that holds by
 * itself; those left out against which anything stands that did not before.
 */
export const solutionChanges = (
  home: Home,
  stocks: readonly Stock[],
  by: Judging,
): SolutionChange[] => {
  const given = { home, stocks, by };
  const surfaces = home.rooms.flatMap((room) => room.surfaces);
  const used = new Set(surfaces.flatMap((one) => familyOf(one, stocks) ?? []));
  const there = new Set(stocks.map(({ active }) => activeFacts[active].family));
  const objections = enforce(home, stocks, by).length;
  return [...used].flatMap((of) =>
    [...there].flatMap((to): SolutionChange[] => {
      if (to === of) return [];
      const other = swapped(of, to, given);
      if (other.surfaces === 0 || enforce(other.home, stocks, by).length > objections) return [];
      return [{ of, to, surfaces: other.surfaces, rooms: buildProtocol(other.home, stocks, by) }];
    }),
  );
};
