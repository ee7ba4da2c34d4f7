import {
  assessSurface,
  cautiousBook as book,
  cautiousRules as rules,
  enforce,
  justWashed,
  materialIds,
  familyFacts,
  workingOrder,
  type Active,
  type GenericFamily,
  type Home,
  type MaterialId,
  type Outcome,
  type ReasonCode,
  type Room,
  type Setting,
  type Stock,
  type Surface,
} from '../src/index.ts';

const now = Date.UTC(2026, 0, 5);
const stock = (active: Active, strength: number): Stock => ({
  id: active,
  active,
  strength,
  expiresAt: now + 1,
});
const peroxide = stock('hydrogen peroxide', 0.03);
const propanol = stock('2-propanol', 0.99);
const vinegar = stock('acetic acid', 0.05);

const surface = (
  material: MaterialId,
  setting: Partial<Setting> = {},
  more: Partial<Surface> = {},
): Surface => ({
  id: material,
  name: material,
  material,
  level: 'hand',
  area: 1,
  touched: 'often',
  food: false,
  thing: 'surface',
  soil: 'everyday',
  setting: { ...justWashed, ...setting },
  ...more,
});
const room = (surfaces: Surface[], more: Partial<Room> = {}): Room => ({
  id: 'bath',
  name: 'Bath',
  floorArea: 4,
  height: 2.4,
  ventilation: 'window',
  flame: 'no',
  surfaces,
  ...more,
});
const home = (rooms: Room[], more: Partial<Home> = {}): Home => ({
  id: 'home',
  situations: [],
  rooms,
  ...more,
});

const assess = (
  material: MaterialId,
  which: Stock,
  strength: number,
  goal: 'clean' | 'disinfect',
  around: { home?: Partial<Home>; room?: Partial<Room>; food?: boolean; area?: number } = {},
) =>
  assessSurface(
    { goal, against: 'respiratory', stock: which, strength },
    {
      surface: { level: 'hand', material, food: around.food ?? false, area: around.area ?? 0.3 },
      room: room([], around.room),
      home: home([], around.home),
      growth: 0,
      rules,
      now,
      book,
    },
  );

// surfaces.md of the reference: common practice and makers' care advice (memory).
describe('what materials bear', () => {
  test.each<[MaterialId, GenericFamily, Outcome]>([
    ['glazed-ceramic', 'vinegar', 'use'],
    ['stainless-steel', 'vinegar', 'care'],
    ['chrome-plate', 'peroxide', 'use'],
    ['brass', 'peroxide', 'care'],
    ['aluminium', 'vinegar', 'never'],
    ['cast-iron', 'vinegar', 'never'],
    ['marble', 'vinegar', 'never'],
    ['marble', 'peroxide', 'care'],
    ['marble', 'alcohol', 'use'],
    ['limestone', 'vinegar', 'never'],
    ['granite-sealed', 'vinegar', 'never'],
    ['engineered-quartz', 'alcohol', 'care'],
    ['concrete', 'vinegar', 'never'],
    ['cement-grout', 'vinegar', 'care'],
    ['sealed-grout', 'vinegar', 'use'],
    ['laminate', 'alcohol', 'use'],
    ['solid-surface-acrylic', 'alcohol', 'care'],
    ['acrylic-polycarbonate', 'alcohol', 'never'],
    ['acrylic-polycarbonate', 'peroxide', 'use'],
    ['hard-plastic', 'alcohol', 'use'],
    ['painted-wall', 'peroxide', 'care'],
    ['sealed-wood', 'alcohol', 'never'],
    ['hardwood-floor', 'vinegar', 'never'],
    ['rubber', 'alcohol', 'care'],
    ['silicone', 'alcohol', 'use'],
    ['coated-screen', 'peroxide', 'never'],
    ['electronics', 'vinegar', 'never'],
    ['electronics', 'alcohol', 'care'],
    ['leather', 'peroxide', 'never'],
    ['vinyl-floor', 'alcohol', 'care'],
    ['linoleum-waxed', 'alcohol', 'never'],
    ['wallpaper', 'vinegar', 'never'],
    ['hot-surface', 'alcohol', 'never'],
    ['mouthed-toy', 'peroxide', 'use'],
    ['toilet-seat', 'alcohol', 'care'],
    ['mirror', 'alcohol', 'use'],
  ])('%s and %s: %s', (id, family, outcome) => {
    expect(familyFacts[family].bears[id].outcome).toBe(outcome);
  });

  test('there are about forty of them, each with all three families', () => {
    expect(materialIds.length).toBeGreaterThanOrEqual(38);
    for (const { bears } of Object.values(familyFacts))
      expect(Object.keys(bears).sort()).toEqual([...materialIds].sort());
  });
});

describe('one surface', () => {
  test.each<[string, MaterialId, Stock, number, 'clean' | 'disinfect', Outcome, ReasonCode]>([
    ['vinegar on marble', 'marble', vinegar, 0.05, 'clean', 'never', 'material-barred'],
    [
      'alcohol on acrylic',
      'acrylic-polycarbonate',
      propanol,
      0.7,
      'disinfect',
      'never',
      'material-barred',
    ],
    [
      'vinegar to disinfect tile',
      'glazed-ceramic',
      vinegar,
      0.05,
      'disinfect',
      'never',
      'not-a-disinfectant',
    ],
    [
      'vinegar to clean tile',
      'glazed-ceramic',
      vinegar,
      0.05,
      'clean',
      'use',
      'cleaning-needs-no-wait',
    ],
    [
      'peroxide on tile',
      'glazed-ceramic',
      peroxide,
      0.03,
      'disinfect',
      'use',
      'contact-by-house-rule',
    ],
    ['peroxide on marble', 'marble', peroxide, 0.03, 'disinfect', 'care', 'material-care'],
    ['anything on upholstery', 'upholstery', peroxide, 0.03, 'disinfect', 'never', 'porous'],
    [
      'stronger than the stock',
      'glazed-ceramic',
      peroxide,
      0.06,
      'disinfect',
      'never',
      'stronger-than-stock',
    ],
  ])('%s', (_, material, which, strength, goal, outcome, code) => {
    const verdict = assess(material, which, strength, goal);
    expect(verdict.outcome).toBe(outcome);
    expect(verdict.reasons.map((reason) => reason.code)).toContain(code);
    expect(verdict.reasons[0]!.outcome).toBe(outcome);
  });

  test('3 % peroxide is kept wet 10 min, 1.5 % for 20', () => {
    expect(assess('glazed-ceramic', peroxide, 0.03, 'disinfect').seconds).toBe(600);
    expect(assess('glazed-ceramic', peroxide, 0.015, 'disinfect').seconds).toBe(1200);
  });

  test('home oxygen and a flame each bar alcohol, and nothing else', () => {
    const oxygen = { home: { situations: ['home-oxygen' as const] } };
    expect(assess('chrome-plate', propanol, 0.7, 'disinfect', oxygen).reasons[0]!.code).toBe(
      'home-oxygen',
    );
    expect(
      assess('chrome-plate', propanol, 0.7, 'clean', { room: { flame: 'flame' } }).reasons[0]!.code,
    ).toBe('flame-in-room');
    expect(assess('chrome-plate', peroxide, 0.03, 'disinfect', oxygen).outcome).toBe('use');
  });

  // NIOSH (memory): 500 ppm over a quarter of an hour.
  test('where alcohol would leave too much in the air of a room without window or fan, it is Never; a handle is nothing to speak of', () => {
    const closed = { room: { ventilation: 'none' as const } };
    expect(
      assess('chrome-plate', propanol, 0.7, 'disinfect', { ...closed, area: 2 }).reasons[0]!.code,
    ).toBe('air-over-limit');
    expect(
      assess('chrome-plate', propanol, 0.7, 'disinfect', { ...closed, area: 0.02 }).outcome,
    ).toBe('use');
    expect(
      assess('chrome-plate', propanol, 0.7, 'disinfect', {
        room: { ventilation: 'window' },
        area: 0.5,
      }).outcome,
    ).not.toBe('never');
  });

  test('adding a hazard never improves an outcome', () => {
    const order: Outcome[] = ['use', 'care', 'never'];
    for (const material of materialIds)
      for (const which of [peroxide, propanol, vinegar]) {
        const plain = assess(material, which, which.strength, 'disinfect');
        const worse = assess(material, which, which.strength, 'disinfect', {
          home: { situations: ['infant', 'home-oxygen', 'asthma'] },
          room: { flame: 'flame', ventilation: 'none' },
          food: true,
        });
        expect(order.indexOf(worse.outcome)).toBeGreaterThanOrEqual(order.indexOf(plain.outcome));
      }
  });
});

describe('a whole home', () => {
  const use = { stockId: peroxide.id, strength: 0.03 };
  const objections = (surfaces: Surface[], more: Partial<Home> = {}) =>
    enforce(home([room(surfaces)], more), [peroxide, propanol, vinegar], { rules, now, book });

  test('washing needs nobody’s leave', () => {
    expect(objections([surface('marble'), surface('upholstery')])).toEqual([]);
  });

  test('a Care stands in the way until somebody accepts it with a reason', () => {
    expect(
      objections([surface('marble', { goal: 'disinfect', use })])[0]!.reasons.map((r) => r.code),
    ).toContain('care-not-accepted');
    expect(
      objections([surface('marble', { goal: 'disinfect', use, accepted: 'hidden edge tested' })]),
    ).toEqual([]);
  });

  // NIOSH (memory): 500 ppm over a quarter of an hour; each of the three alone leaves about half of
  // that.
  test('treatments that fit the air one by one may be too much for it together', () => {
    const big = (name: string) =>
      surface(
        'brass',
        { goal: 'disinfect', use: { stockId: propanol.id, strength: 0.7 } },
        { id: name, name, area: 0.3 },
      );
    expect(objections([big('a')])).toEqual([]);
    expect(objections([big('a'), big('b'), big('c'), big('d')])).toMatchObject([
      { outcome: 'never', reasons: [{ code: 'air-together-over-limit', figures: { count: 4 } }] },
    ]);
  });

  test('a Never stands in the way whatever anybody writes', () => {
    const barred = surface('marble', {
      use: { stockId: vinegar.id, strength: 0.05 },
      accepted: 'the client insists',
    });
    expect(objections([barred])).toMatchObject([{ surfaceId: 'marble', outcome: 'never' }]);
  });

  test('disinfecting with nothing, with a stock that is gone, or a porous thing', () => {
    expect(objections([surface('porcelain', { goal: 'disinfect' })])[0]!.reasons[0]!.code).toBe(
      'stock-missing',
    );
    expect(
      objections([
        surface('porcelain', { goal: 'disinfect', use: { stockId: 'gone', strength: 0.03 } }),
      ])[0]!.reasons[0]!.code,
    ).toBe('stock-missing');
    expect(objections([surface('upholstery', { goal: 'disinfect' })])[0]!.reasons[0]!.code).toBe(
      'porous',
    );
  });

  test('works from high to low, the mirror after the toilet, the floor on the way out', () => {
    const mixed = (['floor', 'mirror', 'toilet', 'hand', 'above', 'knee', 'eye'] as const).map(
      (level) => surface('porcelain', {}, { level, name: level }),
    );
    expect(workingOrder(mixed).map((s) => s.name)).toEqual([
      'above',
      'eye',
      'hand',
      'knee',
      'toilet',
      'mirror',
      'floor',
    ]);
  });
});
