import { groupNames, routeNames, type RecordRow } from '@zymostat/contract';

export type Mishap = Extract<RecordRow, { kind: 'near-miss' | 'incident' }>;
export type FollowUpRow = Extract<RecordRow, { kind: 'follow-up' }>;

export const countedBy = { pair: 'pair', route: 'route', home: 'home' } as const;
export type CountedBy = keyof typeof countedBy;

export const isMishap = (row: RecordRow): row is Mishap => row.kind === 'near-miss' || row.kind === 'incident';

/** What followed from one, newest first. */
export const followUpsOf = (rows: readonly RecordRow[], of: string): FollowUpRow[] => rows.filter((row): row is FollowUpRow => row.kind === 'follow-up' && row.body.of === of);

/** Open until the newest follow-up closes it. */
export const isClosed = (followUps: readonly FollowUpRow[]): boolean => followUps[0]?.body.closed === true;

const NOT_KNOWN = 'not known';

export const pairOf = ({ body: { pair, products } }: Mishap): string =>
  pair ? [groupNames[pair.one], groupNames[pair.other]].sort().join(' + ') : products.length === 2 ? [...products].sort().join(' + ') : NOT_KNOWN;

const keyOf: Record<CountedBy, (row: Mishap) => string> = {
  pair: pairOf, route: ({ body: { route } }) => (route ? routeNames[route] : NOT_KNOWN), home: ({ homeName }) => homeName ?? 'depot',
};

/** How many a month of each pair, route or home: months in order, the most frequent first. */
export const countByMonth = (rows: readonly Mishap[], by: CountedBy, months: readonly string[]): { name: string; counts: number[] }[] => {
  const monthOf = ({ at }: Mishap) => new Date(at).toISOString().slice(0, 7);
  const inSpan = rows.filter((row) => months.includes(monthOf(row)));
  const names = [...new Set(inSpan.map(keyOf[by]))];
  return names
    .map((name) => ({ name, counts: months.map((month) => inSpan.filter((row) => keyOf[by](row) === name && monthOf(row) === month).length) }))
    .sort((a, b) => b.counts.reduce((x, y) => x + y, 0) - a.counts.reduce((x, y) => x + y, 0));
};

/** The last `count` months as "2026-11", the newest last. */
export const lastMonths = (now: number, count: number): string[] =>
  Array.from({ length: count }, (_, i) => {
    const day = new Date(now);
    return new Date(Date.UTC(day.getUTCFullYear(), day.getUTCMonth() - (count - 1 - i), 1)).toISOString().slice(0, 7);
  });
