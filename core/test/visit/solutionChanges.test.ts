import {
  cautiousBook as book,
  cautiousRules as rules,
  enforce,
  justWashed,
  solutionChanges,
  type Home,
  type MaterialId,
  type Setting,
  type Stock,
} from '../../src/index.ts';
import { bathHome } from './bathHome.ts';

const now = Date.UTC(2026, 0, 5);
const by = { rules, now, book };
const stocks: Stock[] = [
  { id: 'p', active: 'hydrogen peroxide', strength: 0.03, expiresAt: now + 1e9 },
  { id: 'a', active: '2-propanol', strength: 0.7, expiresAt: now + 1e9 },
  { id: 'v', active: 'acetic acid', strength: 0.05, expiresAt: now + 1e9 },
];
const peroxide: Setting = {
  ...justWashed,
  goal: 'disinfect',
  against: 'respiratory',
  use: { stockId: 'p', strength: 0.03 },
};
const changesOf = (of: Home) =>
  solutionChanges(of, stocks, by).map(({ of: from, to, surfaces }) => [from, to, surfaces]);

test('alcohol can stand for peroxide where a surface takes it by itself', () => {
  const own = bathHome([
    ['porcelain', peroxide],
    ['chrome-plate', peroxide],
    ['porcelain', justWashed],
  ]);
  expect(changesOf(own)).toEqual([['peroxide', 'alcohol', 2]]);
  const [{ rooms }] = solutionChanges(own, stocks, by) as [ReturnType<typeof solutionChanges>[0]];
  const treated = rooms[0]!.surfaces.flatMap(({ treatment }) => treatment ?? []);
  expect(treated.map(({ active }) => active)).toEqual(['2-propanol', '2-propanol']);
});

test('what alcohol harms, or what somebody stands by with a reason, is left as it is', () => {
  expect(changesOf(bathHome([['acrylic-polycarbonate', peroxide]]))).toEqual([]);
  const stoodBy = { ...peroxide, accepted: 'Tested on the underside.' };
  expect(changesOf(bathHome([['porcelain', stoodBy]]))).toEqual([]);
});

test('beside an open flame nothing is changed to alcohol', () => {
  expect(changesOf(bathHome([['porcelain', peroxide]], { flame: 'flame' }))).toEqual([]);
});

test('a home that is only washed has nothing to change; nothing proposed breaks what held', () => {
  expect(changesOf(bathHome([['porcelain', justWashed]]))).toEqual([]);
  const own = bathHome(
    Array.from({ length: 6 }, () => ['porcelain', peroxide] as [MaterialId, Setting]),
  );
  expect(enforce(own, stocks, by)).toEqual([]);
  expect(solutionChanges(own, stocks, by).every(({ rooms }) => rooms.length === 1)).toBe(true);
});
