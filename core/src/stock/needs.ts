import { firstOut, type Usable } from './firstOut.ts';

const DAY_MS = 86_400_000;
const WEEK_MS = 7 * DAY_MS;

/** What was poured, when; m³ of whatever is asked after. */
export interface Taken {
  at: number;
  volume: number;
}

/** Weeks that are looked back on. Source: house rule. */
export const WEEKS_BACK = 4;

/**
 * What is used a day, m³: the heaviest of the last four weeks by seven, so that a quiet one leaves
 * nobody without.
 */
export const usePerDay = (poured: readonly Taken[], now: number): number => {
  const weeks = Array.from({ length: WEEKS_BACK }, () => 0);
  for (const { at, volume } of poured) {
    const week = Math.floor((now - at) / WEEK_MS);
    if (week >= 0 && week < WEEKS_BACK) weeks[week]! += volume;
  }
  return Math.max(...weeks) / 7;
};

/** How it is bought: what a pack holds, m³, how many days it takes to come, and for how many more. */
export interface Buying {
  pack: number;
  leadDays: number;
  coverDays: number;
}

export interface Need {
  perDay: number;
  emptyAt: number | null;
  /** Order by then: it comes as the shelf runs out. */
  orderBy: number | null;
  packs: number;
  unused: { id: string; volume: number }[];
}

/**
 * What to buy of one kind, and by when. Packs cover the days until it comes and so many more, with
 * what will still be there counted in.
 */
export const needOf = (
  shelf: readonly Usable[],
  perDay: number,
  { pack, leadDays, coverDays }: Buying,
  now: number,
): Need => {
  const { emptyAt, unused } = firstOut(shelf, perDay, now);
  if (emptyAt === null) return { perDay, emptyAt, orderBy: null, packs: 0, unused };
  const arrives = now + leadDays * DAY_MS;
  // Days that nothing can come in time for are not bought for.
  const short = Math.max(0, arrives + coverDays * DAY_MS - Math.max(emptyAt, arrives)) / DAY_MS;
  // A hair of rounding is no pack.
  const packs = Math.max(0, Math.ceil((short * perDay) / pack - 1e-9));
  return { perDay, emptyAt, orderBy: emptyAt - leadDays * DAY_MS, packs, unused };
};

/** A day of the week, 0 to 6, of a moment; in the time zone of whoever asks. */
export type WeekdayOf = (at: number) => number;

/**
 * The most that was poured on one such weekday of the last four weeks, m³: what a morning needs
 * ready. Days are told apart by `dayOf`.
 */
export const mostOnWeekday = (
  poured: readonly Taken[],
  weekday: number,
  { weekdayOf, dayOf, now }: { weekdayOf: WeekdayOf; dayOf: (at: number) => string; now: number },
): number => {
  const days = new Map<string, number>();
  for (const { at, volume } of poured)
    if (weekdayOf(at) === weekday && now - at <= WEEKS_BACK * WEEK_MS && at <= now)
      days.set(dayOf(at), (days.get(dayOf(at)) ?? 0) + volume);
  return Math.max(0, ...days.values());
};
