import type { HouseRules } from '../reference/houseRules.ts';
import { rules as reference, type Book } from '../reference/neverCombine.ts';
import type { Reason } from '../verdict.ts';
import type { TreatedRoom, TreatedSurface } from './buildProtocol.ts';
import { judgeSetting, meetingObjections } from './enforce.ts';
import type { Home, Stock } from './home.ts';

export type FlagWhy = 'never' | 'care' | 'longer' | 'shorter' | 'gone';

/** A surface of an approved protocol that no longer stands as it was approved. */
export interface Flag {
  surfaceId: string;
  surfaceName: string;
  roomName: string;
  why: FlagWhy;
  /** s approved and s now. */
  approved: number;
  now: number;
  reasons: Reason[];
}

const flagOf = (treated: TreatedSurface, roomName: string, home: Home, stocks: readonly Stock[], rules: HouseRules, now: number, book?: Book): Flag | undefined => {
  const { treatment, goal, against, accepted } = treated;
  if (!treatment) return undefined;
  const common = { surfaceId: treated.id, surfaceName: treated.name, roomName, approved: treatment.seconds };
  const room = home.rooms.find(({ surfaces }) => surfaces.some(({ id }) => id === treated.id));
  const surface = room?.surfaces.find(({ id }) => id === treated.id);
  if (!room || !surface) return { ...common, why: 'gone', now: 0, reasons: [] };
  const use = { stockId: treatment.stockId, strength: treatment.strength };
  const { outcome, reasons, seconds } = judgeSetting({ ...surface, setting: { goal, against, accepted, use, lifts: treated.steps.includes('take-out') } }, { room, home, rules, now, book }, stocks);
  const flag = (why: FlagWhy): Flag => ({ ...common, why, now: seconds, reasons: reasons.filter((reason) => reason.outcome === outcome) });
  if (outcome === 'never') return flag('never');
  if (outcome === 'care' && !accepted) return flag('care');
  return seconds === treatment.seconds ? undefined : flag(seconds > treatment.seconds ? 'longer' : 'shorter');
};

/** The home as it was approved: each surface that is still there, set as it was then. */
const asApproved = (approved: readonly TreatedRoom[], home: Home): Home => {
  const treated = new Map(approved.flatMap((room) => room.surfaces.map((surface) => [surface.id, surface])));
  const settingOf = ({ goal, against, accepted, treatment }: TreatedSurface) => ({ goal, against, accepted, use: treatment && { stockId: treatment.stockId, strength: treatment.strength } });
  return { ...home, rooms: home.rooms.map((room) => ({ ...room, surfaces: room.surfaces.flatMap((surface) => { const was = treated.get(surface.id); return was ? [{ ...surface, setting: settingOf(was) }] : []; }) })) };
};

/**
 * What a change of survey, stock, house rules or the book has made untrue of an approved protocol, surface by surface and
 * in the course of the visit. Nothing is changed by it.
 */
export const reviewOf = (approved: readonly TreatedRoom[], home: Home, stocks: readonly Stock[], rules: HouseRules, now: number, book: Book = reference): Flag[] => {
  const flags = approved.flatMap((room) => room.surfaces.flatMap((treated) => flagOf(treated, room.name, home, stocks, rules, now, book) ?? []));
  const meeting = meetingObjections(asApproved(approved, home), stocks, book).flatMap(({ surfaceId, outcome, reasons }): Flag[] => {
    const room = approved.find(({ surfaces }) => surfaces.some(({ id }) => id === surfaceId))!;
    const { name, treatment } = room.surfaces.find(({ id }) => id === surfaceId)!;
    const seconds = treatment?.seconds ?? 0;
    return [{ surfaceId, surfaceName: name, roomName: room.name, why: outcome === 'never' ? 'never' : 'care', approved: seconds, now: seconds, reasons }];
  });
  const once = meeting.filter(({ surfaceId }, i) => flags.every((flag) => flag.surfaceId !== surfaceId) && meeting.findIndex((other) => other.surfaceId === surfaceId) === i);
  return [...flags, ...once];
};
