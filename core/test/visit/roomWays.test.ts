import {
  circleIn,
  visitProblem,
  walksBetween,
  readVisitProblem,
  type RoomWays,
} from '../../src/index.ts';
import { seeded } from '../../src/units/random.ts';
import { room, surface } from './treated.ts';

const home = ['hall', 'bath', 'cellar', 'store', 'attic'];
/** The store lies behind the cellar, which is down from the hall; the attic is up from it. */
const ways: RoomWays = {
  cellar: { by: 'hall', seconds: 60 },
  store: { by: 'cellar', seconds: 15 },
  attic: { by: 'hall', seconds: 45 },
};

describe('walking between rooms', () => {
  const walks = walksBetween(home, 20, ways);
  test.each([
    ['two that lie beside each other', 'hall', 'bath', 20],
    ['a cellar and the hall it is come into from', 'cellar', 'hall', 60],
    ['a cellar and another room', 'cellar', 'bath', 80],
    ['a room behind the cellar', 'store', 'cellar', 15],
    ['and the hall', 'store', 'hall', 75],
    ['and another room', 'store', 'bath', 95],
    ['two that meet in the hall', 'store', 'attic', 120],
  ])('%s', (_, a, b, seconds) => {
    expect([walks[a]![b], walks[b]![a]]).toEqual([seconds, seconds]);
  });

  test('without any way all rooms lie beside each other', () => {
    expect(walksBetween(['a', 'b'], 20, {})).toEqual({ a: { b: 20 }, b: { a: 20 } });
  });

  test('by way of a room that is not cleaned counts as well', () => {
    expect(walksBetween(['bath', 'store'], 20, ways)).toEqual({
      bath: { store: 95 },
      store: { bath: 95 },
    });
  });
});

test.each<[string, RoomWays, boolean]>([
  ['none', {}, false],
  ['one after another', ways, false],
  ['itself', { a: { by: 'a', seconds: 1 } }, true],
  ['each other', { a: { by: 'b', seconds: 1 }, b: { by: 'a', seconds: 1 } }, true],
  [
    'three around, and one that leads into them',
    {
      d: { by: 'a', seconds: 1 },
      a: { by: 'b', seconds: 1 },
      b: { by: 'c', seconds: 1 },
      c: { by: 'a', seconds: 1 },
    },
    true,
  ],
])('ways by %s', (_, drawn, leadsBack) => {
  expect(circleIn(drawn) !== undefined).toBe(leadsBack);
});

/** Each room only by way of one named before it. */
const drawWays = (seed: number, rooms: string[]): RoomWays => {
  const next = seeded(seed);
  return Object.fromEntries(
    rooms.flatMap((id, k) =>
      k > 0 && next() < 0.6
        ? [[id, { by: rooms[Math.floor(next() * k)]!, seconds: Math.floor(next() * 100) }]]
        : [],
    ),
  );
};

test('however rooms lie, it is as far back as there, and no detour is shorter', () => {
  const rooms = ['a', 'b', 'c', 'd', 'e', 'f', 'g'];
  for (let seed = 0; seed < 300; seed += 1) {
    const drawn = drawWays(seed, rooms);
    const walks = walksBetween(rooms, seed % 40, drawn);
    const far = (a: string, b: string) => (a === b ? 0 : walks[a]![b]!);
    expect(circleIn(drawn)).toBeUndefined();
    const pairs = rooms.flatMap((a) => rooms.map((b) => [a, b] as const));
    const wrong = pairs.filter(
      ([a, b]) =>
        far(a, b) !== far(b, a) || rooms.some((by) => far(a, by) + far(by, b) < far(a, b)),
    );
    expect(wrong).toEqual([]);
  }
});

test('a visit counts the way into the cellar, and is a problem that can be read', () => {
  const [bath] = room(surface('basin'));
  const rooms = [bath!, { id: 'cellar', name: 'Cellar', surfaces: [surface('shelf')] }];
  const problem = visitProblem({
    rooms,
    holds: { basin: 600, shelf: 600 },
    took: {},
    team: [{ id: 'ana', from: 0, to: 9000 }],
    walk: 20,
    ways: { cellar: { by: 'hall', seconds: 60 } },
    hours: {},
  });
  expect(problem.rooms.map(({ walk }) => walk)).toEqual([{ cellar: 80 }, { bath: 80 }]);
  expect(readVisitProblem(JSON.parse(JSON.stringify(problem))).faults).toEqual([]);
});
