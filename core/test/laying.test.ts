import fc from 'fast-check';
import {
  buildProtocol,
  cameOf,
  cautiousBook as book,
  cautiousRules as rules,
  enforce,
  foldClock,
  judgeEvent,
  justWashed,
  layDue,
  liesNear,
  products,
  reviewOf,
  treatmentOf,
  untouched,
  visitReport,
  type EventKind,
  type Home,
  type Stock,
  type Surface,
  type Treatment,
  type WetEvent,
} from '../src/index.ts';

const now = Date.UTC(2026, 0, 5);
const MIN = 60;
const by = { rules, book, now };
const propanol: Stock = { id: 'p', active: '2-propanol', strength: 0.75, expiresAt: now + 1e9 };
const peroxide: Stock = {
  id: 'h',
  active: 'hydrogen peroxide',
  strength: 0.03,
  expiresAt: now + 1e9,
};
const stocks = [propanol, peroxide];

const tap = (more: Partial<Surface> = {}): Surface => ({
  id: 'tap',
  name: 'Basin tap',
  material: 'chrome-plate',
  level: 'hand',
  area: 0.05,
  touched: 'often',
  food: false,
  thing: 'tap',
  soil: 'limescale',
  setting: { ...justWashed, goal: 'disinfect', use: { stockId: 'p', strength: 0.75 } },
  ...more,
});
const home = (...surfaces: Surface[]): Home => ({
  id: 'home',
  situations: [],
  rooms: [
    {
      id: 'bath',
      name: 'Bath',
      floorArea: 5,
      height: 2.4,
      ventilation: 'fan',
      flame: 'no',
      surfaces,
    },
  ],
});
const treated = (surface: Surface) => buildProtocol(home(surface), stocks, by)[0]!.surfaces[0]!;
const asked = treatmentOf(treated(tap()), 240);

/** "laid 0, taken-off 1800": what was done, s from the beginning, by one clock. */
const told = (line: string, uncertain = 0): WetEvent[] =>
  line.split(', ').map((one) => {
    const [kind, at] = one.split(' ') as [EventKind, string];
    return {
      surfaceId: 'tap',
      kind,
      at: now + Number(at) * 1000,
      batchId: kind === 'applied' ? 'b' : null,
      clock: { opening: 'o', uncertain },
    };
  });

const around = { batches: new Map(), clientKeeps: [], book, nearby: [] };
const codes = (event: string, before: string, of: Treatment = asked): string[] =>
  judgeEvent(told(event)[0]!, of, foldClock(before ? told(before) : [], of), around).reasons.map(
    ({ code }) => code,
  );

test('a tap with lime is laid on, looked at, taken off, rinsed, and only then kept wet', () => {
  expect(asked.lies).toEqual({ least: 30 * MIN, most: 60 * MIN });
  const { loosening, treatment } = treated(tap());
  expect(loosening).toMatchObject({ claim: 'loosens', poured: expect.closeTo(80e-6, 7) });
  expect(treatment?.seconds).toBe(120);
});

describe('the order of work', () => {
  test.each<[string, string, string[]]>([
    ['washed 0', '', ['loosen-first']],
    ['laid 0', '', []],
    ['laid 5', 'laid 0', ['still-lying']],
    ['washed 5', 'laid 0', ['still-lying']],
    ['skipped 5', 'laid 0', ['still-lying']],
    ['taken-off 0', '', ['not-lying']],
    ['taken-off 1800', 'laid 0', []],
    ['washed 1900', 'laid 0, taken-off 1800', []],
    ['laid 1900', 'laid 0, taken-off 1800', ['nothing-to-do']],
    ['nothing-on-it 0', '', []],
    ['washed 5', 'nothing-on-it 0', []],
    ['nothing-on-it 5', 'nothing-on-it 0', ['nothing-to-do']],
  ])('%s after %s: %j', (event, before, expected) => {
    expect(codes(event, before)).toEqual(expected);
  });

  test('where a wash is all there is nothing to lay on', () => {
    const plain = treatmentOf(treated(tap({ soil: 'everyday' })), 240);
    expect(plain.lies).toBeNull();
    expect(codes('laid 0', '', plain)).toEqual(['nothing-to-do']);
    expect(codes('washed 0', '', plain)).toEqual([]);
  });
});

describe('how long it lay', () => {
  const lay = (line: string, uncertain = 0) => foldClock(told(line, uncertain), asked).lay;
  test.each<[string, number, string]>([
    ['laid 0, taken-off 1800', 1800, 'in-time'],
    ['laid 0, taken-off 1799', 1799, 'too-short'],
    ['laid 0, taken-off 3600', 3600, 'in-time'],
    ['laid 0, taken-off 3601', 3601, 'too-long'],
    ['laid 0, taken-off 28800', 28_800, 'too-long'],
  ])('%s', (line, seconds, outcome) => {
    expect(lay(line)).toMatchObject({ longestSeconds: seconds, outcome });
  });

  test('where clocks disagree the longer reading counts against the longest time', () => {
    const [laid, off] = told('laid 0, taken-off 3590');
    const other = { ...off!, clock: { opening: 'other', uncertain: 20 } };
    const clock = foldClock([laid!, other], asked);
    expect(clock.lay).toMatchObject({
      longestSeconds: 3610,
      leastSeconds: 3570,
      outcome: 'too-long',
    });
    expect(cameOf({ ...clock, done: true }, asked)).toBe('left-too-long');
  });

  test('whatever is done, what is longer than its wall is told to be', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 100_000 }), (seconds) => {
        const { outcome } = lay(`laid 0, taken-off ${seconds}`)!;
        expect(outcome === 'too-long').toBe(seconds > 3600);
      }),
    );
  });
});

test('what is due: look at half an hour, off at an hour, and then it is over', () => {
  const { lying } = foldClock(told('laid 0'), asked);
  const at = (s: number) => layDue({ lying }, asked.lies!, now + s * 1000);
  expect(at(10)).toEqual({ what: 'look', at: now + 1_800_000, over: false });
  expect(at(1900)).toEqual({ what: 'take-off', at: now + 3_600_000, over: false });
  expect(at(3700)).toEqual({ what: 'take-off', at: now + 3_600_000, over: true });
  expect(layDue(untouched, asked.lies!, now)).toBeNull();
});

test('vinegar in a bag beside wet peroxide waits, and peroxide beside the bag', () => {
  const batch = {
    id: 'b',
    stockId: 'h',
    active: 'hydrogen peroxide' as const,
    strength: 0.03,
    discardAfter: now + 1e9,
    status: 'verified' as const,
    groups: ['peroxide' as const],
  };
  const met = {
    ...around,
    batches: new Map([['b', batch]]),
    nearby: [{ name: 'Basin', on: ['b'], lies: [] }],
  };
  const { reasons } = judgeEvent(told('laid 0')[0]!, asked, untouched, met);
  expect(reasons).toMatchObject([{ code: 'lies-near', figures: { surface: 'Basin' } }]);
  const near = [{ name: 'Tap', on: [], lies: [products.vinegar] }];
  expect(liesNear(products['peroxide-household'], { nearby: near, book })).toMatchObject([
    { code: 'lies-near', figures: { surface: 'Tap' } },
  ]);
  expect(liesNear(products['washing-up-liquid'], { nearby: near, book })).toEqual([]);
});

test('a bottle that nobody knows any more counts as the worst', () => {
  const met = { ...around, nearby: [{ name: 'Basin', on: ['gone'], lies: [] }] };
  const { reasons } = judgeEvent(told('laid 0')[0]!, asked, untouched, met);
  expect(reasons.map(({ code }) => code)).toEqual(['nearby-unknown']);
});

test('chrome overnight is refused where it is approved', () => {
  const overnight = tap({
    setting: {
      ...tap().setting,
      loosening: { cleaner: null, ratio: null, seconds: 28_800, lime: null },
    },
  });
  const objections = enforce(home(overnight), stocks, by);
  expect(objections).toMatchObject([{ surfaceId: 'tap', outcome: 'never' }]);
  expect(objections[0]!.reasons.map(({ code }) => code)).toContain('over-longest');
  expect(enforce(home(tap()), stocks, by)).toEqual([]);
});

test('a tap that turns out to be nickel is told of once it was approved as chrome', () => {
  const approved = buildProtocol(home(tap()), stocks, by);
  expect(reviewOf(approved, home(tap()), stocks, by)).toEqual([]);
  const [flag] = reviewOf(approved, home(tap({ material: 'nickel' })), stocks, by);
  expect(flag).toMatchObject({ surfaceId: 'tap' });
  expect(flag!.why).not.toBe('longer');
});

test('vinegar in a bag and peroxide in the same room are told of before anybody comes', () => {
  const basin = tap({
    id: 'basin',
    name: 'Basin',
    material: 'porcelain',
    thing: 'surface',
    soil: 'everyday',
    setting: { ...justWashed, goal: 'disinfect', use: { stockId: 'h', strength: 0.03 } },
  });
  const built = buildProtocol(home(tap(), basin), stocks, by);
  const steps = built[0]!.surfaces.flatMap((surface) => surface.steps);
  expect(steps).toContain('flush-drain');
});

test('a report says what lay, how long, and that it was too long', () => {
  const rooms = buildProtocol(home(tap()), stocks, by);
  const of = (line: string) =>
    visitReport(
      rooms,
      told(line).map((event, i) => ({ ...event, id: String(i) })),
      { tap: 240 },
    )[0]!.lines;
  expect(of('laid 0, taken-off 1860, washed 1900')).toMatchObject([
    { came: 'loosened', held: 1860, loosened: { cleaner: 'vinegar', most: 3600 }, use: null },
    { came: 'not-done' },
  ]);
  expect(of('laid 0, taken-off 3840')[0]).toMatchObject({ came: 'left-too-long', held: 3840 });
});
