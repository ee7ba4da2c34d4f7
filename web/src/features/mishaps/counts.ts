import { type RecordRow } from '@zymostat/contract';
import { w } from '../../words/words.ts';
import { subMonths } from 'date-fns';
import { monthFieldOf } from '../../ui/times.ts';

export type Mishap = Extract<RecordRow, { kind: 'near-miss' | 'incident' }>;
export type FollowUpRow = Extract<RecordRow, { kind: 'follow-up' }>;

export const countedBy = {
  pair: w.name('apart', 'byPair'),
  route: w.name('apart', 'byRoute'),
  home: w.name('apart', 'byHome'),
};
export type CountedBy = keyof typeof countedBy;

export const isMishap = (row: RecordRow): row is Mishap =>
  row.kind === 'near-miss' || row.kind === 'incident';

/** What followed from one, newest first. */
export const followUpsOf = (rows: readonly RecordRow[], of: string): FollowUpRow[] =>
  rows.filter((row): row is FollowUpRow => row.kind === 'follow-up' && row.body.of === of);

/** Open until the newest follow-up closes it. */
export const isClosed = (followUps: readonly FollowUpRow[]): boolean =>
  followUps[0]?.body.closed === true;

const NOT_KNOWN = w.name('apart', 'notKnown');

export const pairOf = ({ body: { pair, products } }: Mishap): string => {
  if (pair) return [w.name('group', pair.one), w.name('group', pair.other)].sort().join(' + ');
  return products.length === 2 ? [...products].sort().join(' + ') : NOT_KNOWN;
};

const keyOf: Record<CountedBy, (row: Mishap) => string> = {
  pair: pairOf,
  route: ({ body: { route } }) => (route ? w.name('route', route) : NOT_KNOWN),
  home: ({ homeName }) => homeName ?? w.name('apart', 'depot'),
};

/** Due before today and not closed. */
export const isOverdue = (followUps: readonly FollowUpRow[], today: string): boolean =>
  !isClosed(followUps) && (followUps[0]?.body.due ?? today) < today;

const sum = (counts: readonly number[]): number => counts.reduce((a, b) => a + b, 0);

/**
 * How many a month of each pair, route or home: months in order, the most frequent first, what is
 * over `most` as others.
 */
export const countByMonth = (
  rows: readonly Mishap[],
  by: CountedBy,
  months: readonly string[],
  most = Infinity,
): { name: string; counts: number[] }[] => {
  const inSpan = rows
    .map((row) => ({ name: keyOf[by](row), month: monthFieldOf(row.at) }))
    .filter(({ month }) => months.includes(month));
  const bars = [...new Set(inSpan.map(({ name }) => name))]
    .map((name) => ({
      name,
      counts: months.map(
        (month) => inSpan.filter((one) => one.name === name && one.month === month).length,
      ),
    }))
    .sort((a, b) => sum(b.counts) - sum(a.counts));
  if (bars.length <= most) return bars;
  const others = bars.slice(most - 1);
  return [
    ...bars.slice(0, most - 1),
    {
      name: w.say('apart.others', { othersCount: others.length }),
      counts: months.map((_, i) => sum(others.map(({ counts }) => counts[i]!))),
    },
  ];
};

/** The last `count` months as "2026-11", the newest last. */
export const lastMonths = (now: number, count: number): string[] =>
  Array.from({ length: count }, (_, i) => monthFieldOf(subMonths(now, count - 1 - i).getTime()));
