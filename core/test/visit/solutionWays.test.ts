import {
  cautiousRules as rules,
  costOfAmounts,
  litres,
  solutionWays,
  takenOfStock,
  type SolutionAmount,
  type WaysAsked,
} from '../../src/index.ts';
import { bathHome } from './bathHome.ts';

const now = Date.UTC(2026, 0, 5);
const stock = (
  id: string,
  active: SolutionAmount['active'],
  strength: number,
  price: number | null,
) => ({
  id,
  active,
  strength,
  expiresAt: now + 1e9,
  pricePerLitre: price,
});
const amount = (stockId: string, strength: number, volume: number): SolutionAmount => ({
  stockId,
  active: 'hydrogen peroxide',
  strength,
  volume: litres(volume),
});

describe('what solutions cost', () => {
  test.each<[string, number, number, number]>([
    ['as it is bought', 0.03, 0.03, 1],
    ['let down to a half', 0.03, 0.06, 0.5],
    ['to a tenth', 0.005, 0.05, 0.1],
    ['wanted stronger than it is: no more than all of it', 0.06, 0.03, 1],
  ])('%s', (_, strength, stockStrength, share) => {
    expect(takenOfStock({ volume: 1, strength }, stockStrength)).toBeCloseTo(share, 12);
  });

  const stocks = [
    { id: 'a', strength: 0.06, pricePerLitre: 4 },
    { id: 'b', strength: 0.03, pricePerLitre: 2 },
    { id: 'c', strength: 0.03, pricePerLitre: null },
  ];
  test.each<[string, SolutionAmount[], number | null]>([
    ['nothing costs nothing', [], 0],
    // Half a litre at 3 % out of 6 % is a quarter of a litre of stock.
    ['by what it takes of the stock', [amount('a', 0.03, 0.5)], 1],
    ['all of them together', [amount('a', 0.03, 0.5), amount('b', 0.03, 0.25)], 1.5],
    ['one without a price: nobody knows', [amount('a', 0.03, 0.5), amount('c', 0.03, 0.1)], null],
    ['one that is not there any more: nobody knows', [amount('d', 0.03, 0.5)], null],
  ])('%s', (_, amounts, cost) => {
    const found = costOfAmounts(amounts, stocks);
    if (cost === null) expect(found).toBeNull();
    else expect(found).toBeCloseTo(cost, 9);
  });
});

describe('ways to treat a home', () => {
  const setting: WaysAsked['setting'] = {
    team: [{ id: 'ana', from: 0, to: 20_000 }],
    walk: 20,
    ways: {},
    hours: {},
    took: {},
  };
  const disinfected = { goal: 'disinfect', against: 'respiratory', accepted: null } as const;
  const home = bathHome([['porcelain', { ...disinfected, use: { stockId: 'p', strength: 0.03 } }]]);
  const by = { rules, now, own: [] };
  const ways = (price: number | null) =>
    solutionWays({
      home,
      by,
      setting,
      stocks: [stock('p', 'hydrogen peroxide', 0.03, 4), stock('a', '2-propanol', 0.7, price)],
    });

  test('as it is set comes first, then each change, each a visit of its own', () => {
    const [asSet, alcohol] = ways(9);
    expect([asSet!.change, alcohol!.change]).toEqual([
      undefined,
      { of: 'peroxide', to: 'alcohol', surfaces: 1 },
    ]);
    const wetOf = (way: ReturnType<typeof ways>[number]) =>
      way.problem.treatments[0]!.steps.flatMap((step) => ('wet' in step ? [step.wet] : []));
    expect(wetOf(asSet!)).not.toEqual(wetOf(alcohol!));
    for (const { problem } of ways(9)) expect(problem.cleaners).toEqual(setting.team);
  });

  test('what has no price is not thereby free', () => {
    const [asSet, alcohol] = ways(null);
    expect(asSet!.liquid).toBeGreaterThan(0);
    expect(alcohol!.liquid).toBeNull();
  });

  test('what is asked goes from thread to thread as it is', () => {
    const asked: WaysAsked = {
      home,
      by,
      setting,
      stocks: [stock('p', 'hydrogen peroxide', 0.03, 4)],
    };
    expect(solutionWays(structuredClone(asked))).toEqual(solutionWays(asked));
  });
});
