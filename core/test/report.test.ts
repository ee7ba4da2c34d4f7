import {
  countReport,
  visitReport,
  type EventKind,
  type ReportEvent,
  type TreatedSurface,
} from '../src/index.ts';

const clock = { opening: 'here', uncertain: 0 };
const surface = (name: string, seconds: number | null, rinsed = false) =>
  ({
    id: name,
    name,
    level: 'hand',
    steps: rinsed ? ['rinse'] : [],
    treatment:
      seconds === null
        ? null
        : {
            stockId: 'S',
            active: 'hydrogen peroxide',
            strength: 0.03,
            seconds,
            application: 'spray',
          },
  }) as unknown as TreatedSurface;

/** "washed 0, applied 10, wiped 620": what was done, and when, s. */
const told = (surfaceId: string, done: string): ReportEvent[] =>
  done.split(', ').map((one, i) => {
    const [kind, at] = one.split(' ') as [EventKind, string];
    const batchId = kind === 'applied' || kind === 'rewet' ? 'B' : null;
    return { id: `${surfaceId} ${i}`, surfaceId, kind, at: Number(at) * 1000, batchId, clock };
  });

const reported = (of: TreatedSurface, done: string, holds = 1000, more: ReportEvent[] = []) =>
  visitReport(
    [{ id: 'r', name: 'Bath', surfaces: [of] }],
    [...(done ? told(of.id, done) : []), ...more],
    { [of.id]: holds },
  )[0]!.lines;

test.each<[string, TreatedSurface, string, number, object[]]>([
  [
    'kept wet to its time',
    surface('tiles', 600),
    'washed 0, applied 10, wiped 615',
    1000,
    [{ came: 'met', held: 605, required: 600, rewets: [], dry: false }],
  ],
  [
    'with a re-wet',
    surface('tiles', 600),
    'washed 0, applied 0, rewet 200, wiped 600',
    400,
    [{ came: 'met', held: 600, shown: 600, rewets: [200] }],
  ],
  [
    'wiped early, then done again',
    surface('bin', 600),
    'washed 0, applied 0, wiped 470, applied 480, wiped 1085',
    1000,
    [
      { came: 'not-met', held: 470 },
      { came: 'met', held: 605 },
    ],
  ],
  [
    'found dry',
    surface('bin', 600),
    'washed 0, applied 0, found-dry 300, applied 310, wiped 910',
    1000,
    [{ came: 'not-met', dry: true }, { came: 'met' }],
  ],
  [
    'nobody looked',
    surface('mat', 600),
    'washed 0, applied 0, wiped 680',
    410,
    [{ came: 'not-shown', held: 680, shown: 410 }],
  ],
  [
    'only cleaned',
    surface('mirror', null),
    'washed 0',
    0,
    [{ came: 'cleaned', use: null, held: null }],
  ],
  [
    'cleaned with what needs no wait',
    surface('screen', 0),
    'washed 0, applied 5, wiped 8',
    0,
    [{ came: 'cleaned', required: 0, held: null }],
  ],
  ['never begun', surface('hood', 600), '', 1000, [{ came: 'not-done' }]],
  ['washed and left', surface('hood', 600), 'washed 0', 1000, [{ came: 'not-done' }]],
  [
    'still wet at the end',
    surface('hood', 600),
    'washed 0, applied 1',
    1000,
    [{ came: 'not-done' }],
  ],
])('%s', (_, of, done, holds, expected) => {
  const lines = reported(of, done, holds);
  expect(lines).toHaveLength(expected.length);
  expect(lines).toMatchObject(expected);
});

test('left out, with why', () => {
  const hood = surface('hood', 600);
  const why = 'in-use' as const;
  const skip = { ...told('hood', 'skipped 5')[0]!, why };
  expect(reported(hood, '', 0, [skip])).toMatchObject([{ came: 'left-out', why }]);
});

test('what was taken back is not told', () => {
  const tiles = surface('tiles', 600);
  const all = told('tiles', 'washed 0, applied 0, wiped 300');
  const back = { ...all[2]!, id: 'back', at: 305_000, takesBack: all[2]!.id };
  const wiped = { ...all[2]!, id: 'again', at: 610_000 };
  const lines = reported(tiles, '', 1000, [...all, back, wiped]);
  expect(lines).toMatchObject([{ came: 'met', held: 610 }]);
});

test('of several times at one surface the last counts', () => {
  const bin = surface('bin', 600);
  const lines = reported(bin, 'washed 0, applied 0, wiped 470, applied 480, wiped 1085');
  expect(countReport([{ room: 'Bath', lines }])).toEqual({
    met: 1,
    loosened: 0,
    'off-early': 0,
    'left-too-long': 0,
    'not-met': 0,
    'not-shown': 0,
    cleaned: 0,
    'left-out': 0,
    'not-done': 0,
  });
});
