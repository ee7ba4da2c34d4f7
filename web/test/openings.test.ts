import { timed, type KnownOpening } from '../src/offline/openings.ts';

const heard = (order: number, name: string, ahead?: number): KnownOpening => ({
  order,
  name,
  ...(ahead === undefined ? {} : { offset: { ahead, within: 40 } }),
});
const row = (opening: string, ticked: number) => ({
  event: { at: 0, clock: { opening, uncertain: 0 } },
  tick: { opening, ticked },
});

test('what waits is timed by what was heard in its own opening', () => {
  const openings = [heard(1, 'a', 5000), heard(2, 'b', -7_200_000)];
  expect(timed([row('a', 1000), row('b', 7_300_000)], openings, 0)).toEqual([
    { at: 6000, clock: { opening: 'a', uncertain: 0 } },
    { at: 100_000, clock: { opening: 'b', uncertain: 0 } },
  ]);
});

test('of an opening that heard nothing, by the nearest before and after: apart, it is uncertain', () => {
  const openings = [heard(1, 'a', 0), heard(2, 'b'), heard(3, 'c', 60_000)];
  expect(timed([row('b', 1000)], openings, 0)).toEqual([
    { at: 61_000, clock: { opening: 'b', uncertain: 61 } },
  ]);
});

test('what an earlier version kept stays as it was noted; order is the phone’s own', () => {
  const before = { event: { at: 90_000, clock: { opening: 'before', uncertain: 0 } } };
  expect(timed([before, row('a', 1000)], [heard(1, 'a', 0)], 0)).toEqual([
    before.event,
    { at: 90_000, clock: { opening: 'a', uncertain: 89 } },
  ]);
});
