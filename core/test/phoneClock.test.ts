import { heldTime, HEARD_LAST, inPhoneOrder, offsetOf, type Heard } from '../src/index.ts';

describe('how far the server is ahead', () => {
  test('midway of the round trip, by the quickest of the last answers', () => {
    const heard: Heard[] = [
      { sent: 0, received: 4000, serverTime: 102_500 },
      { sent: 5000, received: 5200, serverTime: 105_100 },
      { sent: 6000, received: 8000, serverTime: 107_900 },
    ];
    expect(offsetOf(heard)).toEqual({ ahead: 100_000, within: 100 });
    expect(offsetOf([])).toBeNull();
  });

  test('what was heard long before does not count for ever', () => {
    const slow = { sent: 0, received: 1000, serverTime: 500 };
    const heard = [
      { sent: 0, received: 2, serverTime: 9001 },
      ...Array<Heard>(HEARD_LAST).fill(slow),
    ];
    expect(offsetOf(heard)).toEqual({ ahead: 0, within: 500 });
  });
});

const off = (ahead: number, within = 50) => ({ ahead, within });

test.each([
  ['heard in its own opening', { own: off(5000), before: off(0), after: off(9000) }, 6000, 0],
  ['heard, but slowly', { own: off(5000, 2500), before: null, after: null }, 6000, 3],
  ['never heard: as the phone says', { own: null, before: null, after: null }, 1000, 0],
  ['heard only now', { own: null, before: null, after: off(5000) }, 6000, 0],
  ['heard only before', { own: null, before: off(5000), after: null }, 6000, 0],
  ['before and now agree', { own: null, before: off(5000), after: off(5400) }, 6400, 0],
  [
    'the clock was set meanwhile',
    { own: null, before: off(0), after: off(7_200_000) },
    7_201_000,
    7201,
  ],
  ['set back', { own: null, before: off(0), after: off(-7_200_000) }, -7_199_000, 7201],
])('%s', (_, known, at, uncertain) => {
  expect(heldTime({ opening: 'a', ticked: 1000 }, known)).toEqual({
    at,
    clock: { opening: 'a', uncertain },
  });
});

test('what was done later is never held to have been earlier, and says by how much', () => {
  const event = (at: number, opening: string) => ({ at, clock: { opening, uncertain: 0 } });
  const told = [event(100_000, 'a'), event(40_000, 'b'), event(70_000, 'b'), event(120_000, 'b')];
  expect(inPhoneOrder(told, 0)).toEqual([
    told[0],
    { at: 100_000, clock: { opening: 'b', uncertain: 60 } },
    { at: 100_000, clock: { opening: 'b', uncertain: 30 } },
    told[3],
  ]);
  expect(inPhoneOrder(told.slice(3), 150_000)[0]).toEqual({
    at: 150_000,
    clock: { opening: 'b', uncertain: 30 },
  });
});
