import { judgeAir, type Breathing } from '../air/judgeAir.ts';
import { figuresOfBite } from '../apart/judgeCombination.ts';
import { genericActives, isGeneric } from '../domain/families.ts';
import type { Home, Room, Stock } from '../homes/home.ts';
import type { Book } from '../reference/neverCombine.ts';
import type { Judging } from '../verdict/judging.ts';
import type { Reason } from '../verdict/reason.ts';
import { verdictOf, type Verdict } from '../verdict/verdict.ts';
import { judgeSurfaces, type Judged } from './judgeSetting.ts';
import { roomOfAir } from './predict.ts';
import { breathe, breatheTogether } from './breathe.ts';
import { visitMeetings } from './visitMeetings.ts';

/** What stands between a protocol and its approval, at one surface. */
export interface Objection extends Verdict {
  surfaceId: string;
}

const addBreathing = (a: Breathing, b: Breathing): Breathing => ({
  shortTerm: a.shortTerm + b.shortTerm,
  day: a.day + b.day,
  peak: a.peak + b.peak,
  explosive: a.explosive + b.explosive,
  reentry: Math.max(a.reentry, b.reentry),
});

/**
 * Treatments that each fit the room's air may together be too much for it: said at the largest of
 * them.
 */
export const roomObjections = (
  room: Room,
  home: Pick<Home, 'situations'>,
  stocks: readonly Stock[],
  judged: Judged,
): Objection[] => {
  const set = room.surfaces.flatMap((surface) => {
    const stock = stocks.find((one) => one.id === surface.setting.use?.stockId);
    const { outcome, prediction, seconds } = judged.get(surface.id)!;
    return stock && prediction && isGeneric(stock.active) && outcome !== 'never'
      ? [
          {
            surface,
            active: stock.active,
            strength: surface.setting.use!.strength,
            application: prediction.application,
            area: surface.area,
            coatsOn: 1 + prediction.rewets.count,
            required: seconds,
          },
        ]
      : [];
  });
  const inAir = roomOfAir(room, home);
  return genericActives.flatMap((active) => {
    const own = set.filter((one) => one.active === active);
    if (own.length < 2) return [];
    // As if all were put on at once is more than it can be: what fits so needs no closer look.
    const atOnce = own.map((treatment) => breathe(active, treatment, inAir)).reduce(addBreathing);
    if (judgeAir(active, atOnce).outcome !== 'never') return [];
    const reason = judgeAir(active, breatheTogether(active, own, inAir));
    const largest = own.reduce((a, b) => (b.area > a.area ? b : a));
    return reason.outcome === 'never'
      ? [
          {
            surfaceId: largest.surface.id,
            ...verdictOf([
              {
                ...reason,
                code: 'air-together-over-limit',
                figures: { ...reason.figures, count: own.length },
              },
            ]),
          },
        ]
      : [];
  });
};

/** What meets what it must not in the course of the visit, said at the later of the two. */
export const meetingObjections = (
  home: Home,
  stocks: readonly Stock[],
  book: Book,
  judged: Judged,
): Objection[] => {
  const nameOf = new Map(
    home.rooms.flatMap((room) => room.surfaces.map(({ id, name }) => [id, name ?? ''])),
  );
  const accepted = new Set(
    home.rooms.flatMap((room) =>
      room.surfaces.filter(({ setting }) => setting.accepted).map(({ id }) => id),
    ),
  );
  return visitMeetings(home, stocks, book, judged).flatMap(
    ({ first, second, route, combination, mend }): Objection[] => {
      const outcome = combination.severity === 'never' ? 'never' : 'care';
      // What a flush or some air between puts right is a step of the protocol, and needs nobody's
      // leave.
      if (outcome === 'care' && (mend.kind === 'insert' || accepted.has(second))) return [];
      const worst = combination.bites[0]!;
      const reason: Reason = {
        code: 'meets-in-visit',
        outcome,
        figures: { with: nameOf.get(first)!, route, mend: mend.kind, ...figuresOfBite(worst) },
        source: worst.source,
      };
      return [{ surfaceId: second, ...verdictOf([reason]) }];
    },
  );
};

/**
 * What in a home's protocol does not hold: every Never, and every Care that nobody has accepted
 * with a reason. Empty when it may be approved. The page and the server both ask this one function.
 */
export const enforce = (
  home: Home,
  stocks: readonly Stock[],
  by: Judging,
  judged: Judged = judgeSurfaces(home, stocks, by),
): Objection[] => [
  ...home.rooms.flatMap((room) => [
    ...room.surfaces.flatMap((surface) => {
      const { outcome, reasons } = judged.get(surface.id)!;
      if (outcome === 'use') return [];
      if (outcome === 'care' && surface.setting.accepted) return [];
      const open: Reason[] =
        outcome === 'care'
          ? [{ code: 'care-not-accepted', outcome, source: 'the protocol' }, ...reasons]
          : reasons;
      return [{ surfaceId: surface.id, ...verdictOf(open) }];
    }),
    ...roomObjections(room, home, stocks, judged),
  ]),
  ...meetingObjections(home, stocks, by.book, judged),
];
