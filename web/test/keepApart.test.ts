import { rules } from '@zymostat/core';
import {
  countByMonth,
  followUpsOf,
  isClosed,
  isMishap,
  isOverdue,
  lastMonths,
  pairOf,
  type Mishap,
} from '../src/features/mishaps/counts.ts';
import { kinds, linesOf, ofStock, shortName, wholeGroups } from '../src/features/book/pickables.ts';

const row = (seq: number, at: string, more: object = {}, kind = 'near-miss') =>
  ({
    seq,
    factId: `f${seq}`,
    kind,
    at: Date.parse(at),
    homeName: 'Hedda',
    person: 'Tobias',
    body: { what: 'x', products: [], place: 'y', who: 'z', done: 'w', ...more },
  }) as unknown as Mishap;

describe('near misses counted', () => {
  const rows = [
    row(1, '2026-11-03T10:00Z', { pair: { one: 'acid', other: 'soap' }, route: 'surface' }),
    row(2, '2026-11-20T10:00Z', { pair: { one: 'soap', other: 'acid' }, route: 'caddy' }),
    row(3, '2026-09-30T10:00Z', { products: ['B', 'A'] }),
    row(4, '2026-03-01T10:00Z', { route: 'air' }),
  ];
  const months = lastMonths(Date.parse('2026-11-25T00:00Z'), 6);

  test('by month, across the turn of a year', () => {
    expect(months).toEqual(['2026-06', '2026-07', '2026-08', '2026-09', '2026-10', '2026-11']);
    expect(lastMonths(Date.parse('2026-01-31T00:00Z'), 3)).toEqual([
      '2025-11',
      '2025-12',
      '2026-01',
    ]);
  });

  test('a pair is the same pair whichever is named first', () => {
    expect(countByMonth(rows, 'pair', months)).toEqual([
      { name: 'acid + soap', counts: [0, 0, 0, 0, 0, 2] },
      { name: 'A + B', counts: [0, 0, 0, 1, 0, 0] },
    ]);
    expect(pairOf(rows[3]!)).toBe('not known');
  });

  test('by route and by home; what is older is left out', () => {
    expect(countByMonth(rows, 'route', months).map(({ name }) => name)).toEqual([
      'Surface',
      'Caddy',
      'not known',
    ]);
    expect(countByMonth(rows, 'home', months)).toEqual([
      { name: 'Hedda', counts: [0, 0, 0, 1, 0, 2] },
    ]);
  });

  test('what is over the most is counted as others, not left out', () => {
    const more = [
      ...rows,
      row(5, '2026-11-04T10:00Z', { products: ['C', 'D'] }),
      row(6, '2026-10-04T10:00Z', { products: ['E', 'F'] }),
    ];
    expect(countByMonth(more, 'pair', months, 2)).toEqual([
      { name: 'acid + soap', counts: [0, 0, 0, 0, 0, 2] },
      { name: '3 others', counts: [0, 0, 0, 1, 1, 1] },
    ]);
  });

  test('overdue from the day after, until it is closed', () => {
    const follow = (due: string | null, closed = false) =>
      [
        row(8, '2026-11-21T10:00Z', { of: 'f1', closed, due }, 'follow-up'),
      ] as unknown as ReturnType<typeof followUpsOf>;
    expect(
      ['2026-11-23', '2026-11-24'].map((today) => isOverdue(follow('2026-11-23'), today)),
    ).toEqual([false, true]);
    expect([
      isOverdue(follow('2026-11-01', true), '2026-11-24'),
      isOverdue(follow(null), '2026-11-24'),
      isOverdue([], '2026-11-24'),
    ]).toEqual([false, false, false]);
  });

  test('open until the newest follow-up closes it', () => {
    const follow = (seq: number, closed: boolean) =>
      row(seq, '2026-11-21T10:00Z', { of: 'f1', closed }, 'follow-up');
    const [newest, older] = [follow(9, true), follow(8, false)];
    expect([
      isClosed(followUpsOf([newest, older], 'f1')),
      isClosed(followUpsOf([older], 'f1')),
      isClosed(followUpsOf([newest], 'f2')),
      isMishap(newest),
    ]).toEqual([true, false, false, false]);
  });
});

describe('what can be picked', () => {
  const stock = (code: string, active: string, strength: number, label: object | null = null) =>
    ofStock({
      id: code,
      code,
      name: code,
      active,
      strength,
      volume: 1,
      expiresAt: 0,
      pricePerLitre: null,
      label,
    } as never);

  test('ours that are alike are one line; strong peroxide is not like weak', () => {
    const lines = linesOf([
      stock('S-1', 'hydrogen peroxide', 0.03),
      stock('S-2', 'hydrogen peroxide', 0.06),
      stock('S-3', 'hydrogen peroxide', 0.3),
      stock('S-4', 'ethanol', 0.95),
    ]);
    expect(lines.filter(({ own }) => own).map(({ name }) => name)).toEqual([
      'Peroxide, ours (2)',
      'S-3',
      'S-4',
    ]);
    expect(lines.some(({ key }) => key === 'group peroxide')).toBe(false);
    expect(lines.some(({ key }) => key === 'group hypochlorite')).toBe(true);
  });

  test('a product of several groups keeps its name, and covers none of them', () => {
    const [both] = linesOf([
      stock('P-1', 'registered product', 1, { groups: ['quat', 'detergent'], uses: [], notOn: [] }),
    ]);
    expect(both).toMatchObject({ name: 'P-1', product: { groups: ['quat', 'detergent'] } });
    expect(linesOf([both!]).some(({ key }) => key === 'group quat')).toBe(true);
  });

  test('every group that a rule names can be picked', () => {
    const known = new Set([...kinds, ...wholeGroups].flatMap(({ product }) => [...product.groups]));
    for (const { one, other } of rules)
      expect([known.has(one), other === 'anything' || known.has(other)]).toEqual([true, true]);
  });

  test('what is ours is said without its code in a sentence', () => {
    expect(shortName('Peroxide 3 % (ours, S-0101)')).toBe('Peroxide 3 %');
  });
});
