import { groupsOf } from '../hazards/groupsOf.ts';
import { productOf } from '../hazards/judgeCombination.ts';
import { judgeSequence, type Happening, type Meeting, type RoomOfSequence } from '../hazards/judgeSequence.ts';
import type { Book } from '../reference/neverCombine.ts';
import type { Home, Room, Stock } from './home.ts';
import { workingOrder } from './workingOrder.ts';

/** What is done in a room, in working order: each surface washed and rinsed, then treated. Toilet surfaces share the bowl, all of a room one trap. */
const happeningsOf = (room: Room, stocks: readonly Stock[]): Happening[] =>
  workingOrder(room.surfaces).flatMap((surface): Happening[] => {
    const key = surface.level === 'toilet' ? `toilet ${room.id}` : surface.id;
    const rinse: Happening[] = [{ kind: 'act', act: 'rinse', at: surface.id }];
    const stock = stocks.find(({ id }) => id === surface.setting.use?.stockId);
    if (!stock) return rinse;
    const product = productOf({ active: stock.active, strength: surface.setting.use!.strength, groups: groupsOf(stock) });
    return [...rinse, { kind: 'use', id: surface.id, product, surface: key, drain: surface.level === 'toilet' ? key : `drain ${room.id}`, room: room.id }];
  });

/** Every point of a visit to a home where what is put on meets what it must not, room by room. */
export const visitMeetings = (home: Pick<Home, 'rooms'>, stocks: readonly Stock[], book: Book): Meeting[] => {
  const around: Record<string, RoomOfSequence> = Object.fromEntries(home.rooms.map(({ id, floorArea, height, ventilation }) => [id, { volume: floorArea * height, ventilation }]));
  return home.rooms.flatMap((room) => judgeSequence(happeningsOf(room, stocks), around, book));
};
