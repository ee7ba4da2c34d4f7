import type { Home, Stock } from '../homes/home.ts';
import type { Judging } from '../verdict/judging.ts';
import type { Reason } from '../verdict/reason.ts';
import type { TreatedRoom, TreatedSurface } from './buildProtocol.ts';
import { meetingObjections, roomObjections } from './enforce.ts';
import { judgeSurfaces, type SettingVerdict } from './judgeSetting.ts';

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

/** The home as it was approved: each surface that is still there, set as it was then. */
const asApproved = (approved: readonly TreatedRoom[], home: Home): Home => {
  const treated = new Map(
    approved.flatMap((room) => room.surfaces.map((surface) => [surface.id, surface])),
  );
  const settingOf = ({ goal, against, accepted, treatment, steps, loosening }: TreatedSurface) => ({
    goal,
    against,
    accepted,
    use: treatment && { stockId: treatment.stockId, strength: treatment.strength },
    lifts: steps.includes('take-out'),
    loosening: loosening?.set ?? null,
  });
  return {
    ...home,
    rooms: home.rooms.map((room) => ({
      ...room,
      surfaces: room.surfaces.flatMap((surface) => {
        const was = treated.get(surface.id);
        return was ? [{ ...surface, setting: settingOf(was) }] : [];
      }),
    })),
  };
};

type Flagged = Omit<Flag, 'surfaceId' | 'surfaceName' | 'roomName' | 'approved'>;

/** What has become of one surface, judged by itself. */
const alone = (
  { treatment, accepted, loosening }: TreatedSurface,
  verdict: SettingVerdict | undefined,
): Flagged | undefined => {
  if (!treatment && !loosening) return undefined;
  if (!verdict) return { why: 'gone', now: 0, reasons: [] };
  const { outcome, reasons, seconds } = verdict;
  const flag = (why: FlagWhy): Flagged => ({
    why,
    now: seconds,
    reasons: reasons.filter((reason) => reason.outcome === outcome),
  });
  if (outcome === 'never') return flag('never');
  if (outcome === 'care' && !accepted) return flag('care');
  const mayStay = verdict.soil?.lies?.most ?? null;
  const stays = loosening?.lies?.most ?? null;
  if (loosening && stays !== null && mayStay !== null && mayStay < stays) return flag('shorter');
  if (!treatment || seconds === treatment.seconds) return undefined;
  return flag(seconds > treatment.seconds ? 'longer' : 'shorter');
};

/**
 * What a change of survey, stock, house rules or the book has made untrue of an approved protocol:
 * of each surface, of what is put on in a room together, and in the course of the visit. Nothing is
 * changed by it.
 */
export const reviewOf = (
  approved: readonly TreatedRoom[],
  home: Home,
  stocks: readonly Stock[],
  by: Judging,
): Flag[] => {
  const then = asApproved(approved, home);
  const judged = judgeSurfaces(then, stocks, by);
  const objections = [
    ...then.rooms.flatMap((room) => roomObjections(room, home, stocks, judged)),
    ...meetingObjections(then, stocks, by.book, judged),
  ];
  const together = ({ id, treatment }: TreatedSurface): Flagged | undefined => {
    const objection = objections.find(({ surfaceId }) => surfaceId === id);
    return (
      objection && {
        why: objection.outcome === 'never' ? 'never' : 'care',
        now: treatment?.seconds ?? 0,
        reasons: objection.reasons,
      }
    );
  };
  return approved.flatMap((room) =>
    room.surfaces.flatMap((treated): Flag[] => {
      const flagged = alone(treated, judged.get(treated.id)) ?? together(treated);
      return flagged
        ? [
            {
              surfaceId: treated.id,
              surfaceName: treated.name,
              roomName: room.name,
              approved: treated.treatment?.seconds ?? 0,
              ...flagged,
            },
          ]
        : [];
    }),
  );
};
