import type { HouseRules } from '../reference/houseRules.ts';
import type { Book } from '../reference/neverCombine.ts';
import type { Reason } from '../verdict.ts';
import type { TreatedRoom, TreatedSurface } from './buildProtocol.ts';
import { judgeSetting } from './enforce.ts';
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

/** What a change of survey, stock or house rules has made untrue of an approved protocol. Nothing is changed by it. */
export const reviewOf = (approved: readonly TreatedRoom[], home: Home, stocks: readonly Stock[], rules: HouseRules, now: number, book?: Book): Flag[] =>
  approved.flatMap((room) => room.surfaces.flatMap((treated) => flagOf(treated, room.name, home, stocks, rules, now, book) ?? []));
