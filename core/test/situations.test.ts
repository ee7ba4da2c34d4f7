import fc from 'fast-check';
import {
  assessSurface,
  bestOf,
  buildProtocol,
  cautiousBook as book,
  cautiousRules,
  compareFamilies,
  diffVersions,
  enforce,
  evidence,
  evidenceRow,
  flames,
  fillRest,
  groupsOf,
  houseQuestions,
  justWashed,
  levels,
  materialIds,
  requiredContact,
  reviewOf,
  schools,
  situations,
  threats,
  touches,
  ventilations,
  type GenericActive,
  type Against,
  type Flame,
  type Family,
  type Goal,
  type Home,
  type HouseRules,
  type MaterialId,
  type Outcome,
  type ReasonCode,
  type Room,
  type Situation,
  type Stock,
  type Surface,
  type Ventilation,
  type Where,
} from '../src/index.ts';

const now = Date.UTC(2026, 0, 5);
const stock = (active: GenericActive, strength: number): Stock => ({
  id: active,
  active,
  strength,
  expiresAt: now + 1,
});
const shelf = [
  stock('hydrogen peroxide', 0.03),
  stock('2-propanol', 0.99),
  stock('acetic acid', 0.05),
];

interface Around {
  lives?: Situation[];
  flame?: Flame;
  air?: Ventilation;
  area?: number;
  food?: true;
  rules?: Partial<HouseRules>;
}
const compare = (
  material: MaterialId,
  goal: Goal,
  against: Against,
  { lives = [], flame, air = 'window', area = 0.3, food, rules = {} }: Around,
) =>
  compareFamilies({ goal, against }, shelf, {
    surface: { level: 'hand', material, food: food ?? false, area },
    room: { ventilation: air, flame: flame ?? 'no', floorArea: 5, height: 2.4 },
    home: { situations: lives },
    rules: { ...cautiousRules, ...rules },
    growth: against === 'mildew' ? area : 0,
    now,
    book,
  });

/**
 * Whole situations, read off the reference (surfaces.md, contact-times.md, practice.md, never the
 * code): what is chosen, how well it stands, and why the others are not. Where two do equally well,
 * what is poured undiluted comes first.
 */
type Row = [
  string,
  MaterialId,
  Goal,
  Against,
  Around,
  Family | null,
  Outcome,
  Partial<Record<Family, ReasonCode>>,
];
const rows: Row[] = [
  [
    'a tiled wall',
    'glazed-ceramic',
    'disinfect',
    'everyday',
    {},
    'peroxide',
    'use',
    { vinegar: 'not-a-disinfectant', peroxide: 'contact-by-house-rule' },
  ],
  [
    'a basin after flu',
    'porcelain',
    'disinfect',
    'respiratory',
    {},
    'peroxide',
    'use',
    { alcohol: 'contact-by-house-rule', vinegar: 'not-a-disinfectant' },
  ],
  [
    'a toilet bowl',
    'vitreous-china',
    'disinfect',
    'everyday',
    {},
    'peroxide',
    'use',
    { vinegar: 'not-a-disinfectant' },
  ],
  ['a shower screen', 'glass', 'disinfect', 'everyday', {}, 'peroxide', 'use', {}],
  [
    'a mirror, by cloth',
    'mirror',
    'disinfect',
    'everyday',
    {},
    'peroxide',
    'use',
    { peroxide: 'cloth-only', alcohol: 'cloth-only' },
  ],
  [
    'a steel sink: alcohol spares the rinse',
    'stainless-steel',
    'disinfect',
    'everyday',
    {},
    'alcohol',
    'use',
    { peroxide: 'rinse-after' },
  ],
  ['a chrome tap', 'chrome-plate', 'disinfect', 'everyday', {}, 'peroxide', 'use', {}],
  [
    'a brass handle',
    'brass',
    'disinfect',
    'everyday',
    {},
    'alcohol',
    'use',
    { peroxide: 'material-care' },
  ],
  [
    'a copper pan rail',
    'copper',
    'disinfect',
    'everyday',
    {},
    'alcohol',
    'use',
    { peroxide: 'material-care' },
  ],
  [
    'an aluminium rail',
    'aluminium',
    'disinfect',
    'everyday',
    {},
    'alcohol',
    'use',
    { peroxide: 'material-care', vinegar: 'material-barred' },
  ],
  [
    'an iron stove door',
    'cast-iron',
    'disinfect',
    'everyday',
    {},
    'alcohol',
    'use',
    { vinegar: 'material-barred' },
  ],
  [
    'an enamelled bath',
    'enamelled-cast-iron',
    'disinfect',
    'everyday',
    {},
    'alcohol',
    'use',
    { peroxide: 'material-care' },
  ],
  [
    'a marble worktop',
    'marble',
    'disinfect',
    'everyday',
    {},
    'alcohol',
    'use',
    { peroxide: 'material-care', vinegar: 'material-barred' },
  ],
  [
    'a marble worktop beside the gas hob',
    'marble',
    'disinfect',
    'everyday',
    { flame: 'flame' },
    'peroxide',
    'care',
    { alcohol: 'flame-in-room' },
  ],
  [
    'a marble shelf where oxygen is used',
    'marble',
    'disinfect',
    'everyday',
    { lives: ['home-oxygen'] },
    'peroxide',
    'care',
    { alcohol: 'home-oxygen' },
  ],
  [
    'a limestone sill',
    'limestone',
    'disinfect',
    'everyday',
    {},
    'alcohol',
    'use',
    { vinegar: 'material-barred' },
  ],
  [
    'granite',
    'granite-sealed',
    'disinfect',
    'everyday',
    {},
    'alcohol',
    'use',
    { peroxide: 'material-care' },
  ],
  [
    'engineered quartz',
    'engineered-quartz',
    'disinfect',
    'everyday',
    {},
    'peroxide',
    'care',
    { alcohol: 'material-care', vinegar: 'material-barred' },
  ],
  [
    'terrazzo',
    'terrazzo',
    'disinfect',
    'everyday',
    {},
    'alcohol',
    'use',
    { vinegar: 'material-barred' },
  ],
  [
    'a concrete top',
    'concrete',
    'disinfect',
    'everyday',
    {},
    'alcohol',
    'use',
    { peroxide: 'material-care' },
  ],
  ['cement grout', 'cement-grout', 'disinfect', 'everyday', {}, 'peroxide', 'use', {}],
  ['epoxy grout', 'sealed-grout', 'disinfect', 'everyday', {}, 'peroxide', 'use', {}],
  ['a laminate counter', 'laminate', 'disinfect', 'everyday', {}, 'peroxide', 'use', {}],
  [
    'an acrylic shower tray',
    'solid-surface-acrylic',
    'disinfect',
    'everyday',
    {},
    'peroxide',
    'use',
    { alcohol: 'material-care' },
  ],
  [
    'a polycarbonate screen',
    'acrylic-polycarbonate',
    'disinfect',
    'everyday',
    {},
    'peroxide',
    'use',
    { alcohol: 'material-barred' },
  ],
  ['a plastic bin lid', 'hard-plastic', 'disinfect', 'everyday', {}, 'peroxide', 'use', {}],
  [
    'a painted wall',
    'painted-wall',
    'disinfect',
    'everyday',
    {},
    'peroxide',
    'care',
    { alcohol: 'material-care' },
  ],
  [
    'a lacquered table',
    'sealed-wood',
    'disinfect',
    'everyday',
    {},
    'peroxide',
    'care',
    { alcohol: 'material-barred', vinegar: 'material-barred' },
  ],
  [
    'a hardwood floor',
    'hardwood-floor',
    'disinfect',
    'everyday',
    {},
    'peroxide',
    'care',
    { alcohol: 'material-barred' },
  ],
  [
    'a bamboo tray',
    'unsealed-wood',
    'disinfect',
    'everyday',
    {},
    null,
    'never',
    { peroxide: 'porous', alcohol: 'porous', vinegar: 'porous' },
  ],
  [
    'a wooden board',
    'wooden-board',
    'disinfect',
    'poultry',
    {},
    null,
    'never',
    { peroxide: 'porous' },
  ],
  [
    'a plastic board after chicken',
    'plastic-board',
    'disinfect',
    'poultry',
    {},
    'peroxide',
    'use',
    { peroxide: 'rinse-for-food', vinegar: 'not-a-disinfectant' },
  ],
  [
    'a rubber gasket',
    'rubber',
    'disinfect',
    'everyday',
    {},
    'peroxide',
    'use',
    { alcohol: 'material-care' },
  ],
  ['a silicone mat', 'silicone', 'disinfect', 'everyday', {}, 'peroxide', 'use', {}],
  [
    'a phone screen',
    'coated-screen',
    'disinfect',
    'everyday',
    { area: 0.02 },
    'alcohol',
    'care',
    { peroxide: 'material-barred', alcohol: 'cloth-only' },
  ],
  [
    'a light switch',
    'electronics',
    'disinfect',
    'everyday',
    { area: 0.01 },
    'alcohol',
    'care',
    { peroxide: 'material-barred', alcohol: 'cloth-only' },
  ],
  [
    'a light switch where oxygen is used',
    'electronics',
    'disinfect',
    'everyday',
    { area: 0.01, lives: ['home-oxygen'] },
    null,
    'never',
    { alcohol: 'home-oxygen' },
  ],
  [
    'a leather chair',
    'leather',
    'disinfect',
    'everyday',
    {},
    null,
    'never',
    { peroxide: 'material-barred', alcohol: 'material-barred' },
  ],
  [
    'a sofa',
    'upholstery',
    'disinfect',
    'everyday',
    {},
    null,
    'never',
    { peroxide: 'porous', alcohol: 'porous' },
  ],
  [
    'a vinyl floor',
    'vinyl-floor',
    'disinfect',
    'everyday',
    {},
    'peroxide',
    'use',
    { alcohol: 'material-care' },
  ],
  [
    'a waxed floor',
    'linoleum-waxed',
    'disinfect',
    'everyday',
    {},
    'peroxide',
    'care',
    { alcohol: 'material-barred' },
  ],
  [
    'wallpaper',
    'wallpaper',
    'disinfect',
    'everyday',
    {},
    'alcohol',
    'care',
    { peroxide: 'material-barred' },
  ],
  [
    'a hot hob',
    'hot-surface',
    'disinfect',
    'everyday',
    {},
    'peroxide',
    'care',
    { alcohol: 'material-wait-until-cool' },
  ],
  [
    'toys in a mouth',
    'mouthed-toy',
    'disinfect',
    'everyday',
    {},
    'peroxide',
    'use',
    { peroxide: 'rinse-after' },
  ],
  [
    'a toilet seat',
    'toilet-seat',
    'disinfect',
    'everyday',
    {},
    'peroxide',
    'use',
    { alcohol: 'material-care' },
  ],
  [
    'jewellery',
    'pearl-jewellery',
    'disinfect',
    'everyday',
    {},
    null,
    'never',
    { peroxide: 'material-barred' },
  ],
  [
    'after stomach illness',
    'porcelain',
    'disinfect',
    'norovirus',
    {},
    null,
    'never',
    { peroxide: 'needs-registered', alcohol: 'needs-registered' },
  ],
  [
    'blood on tiles',
    'glazed-ceramic',
    'disinfect',
    'blood',
    {},
    null,
    'never',
    { peroxide: 'needs-licensed', alcohol: 'needs-licensed' },
  ],
  [
    'peanut on a table',
    'laminate',
    'disinfect',
    'allergen',
    {},
    null,
    'never',
    { peroxide: 'washing-removes-it' },
  ],
  ['peanut on a table, washed', 'laminate', 'clean', 'allergen', {}, 'peroxide', 'use', {}],
  [
    'a little mildew on tiles',
    'glazed-ceramic',
    'disinfect',
    'mildew',
    { area: 0.8 },
    'peroxide',
    'use',
    { alcohol: 'not-for-mildew' },
  ],
  [
    'much mildew on tiles',
    'glazed-ceramic',
    'disinfect',
    'mildew',
    { area: 1.5 },
    null,
    'never',
    { peroxide: 'mildew-too-large' },
  ],
  [
    'mildew in plaster and cloth',
    'upholstery',
    'disinfect',
    'mildew',
    {},
    null,
    'never',
    { peroxide: 'porous' },
  ],
  [
    'mildew where the house takes alcohol: it cleans, no row says it disinfects',
    'glazed-ceramic',
    'disinfect',
    'mildew',
    { area: 0.4, rules: { mildew: 'alcohol' } },
    null,
    'never',
    { peroxide: 'not-for-mildew', alcohol: 'not-for-mildew' },
  ],
  [
    'a basin after a cold',
    'porcelain',
    'disinfect',
    'cold',
    {},
    'peroxide',
    'use',
    { alcohol: 'not-for-colds' },
  ],
  [
    'after C. difficile',
    'porcelain',
    'disinfect',
    'c-difficile',
    {},
    null,
    'never',
    { peroxide: 'needs-registered' },
  ],
  [
    'Candida auris, only cleaned',
    'porcelain',
    'clean',
    'candida-auris',
    {},
    null,
    'never',
    { peroxide: 'needs-authority' },
  ],
  [
    'much blood, only cleaned',
    'glazed-ceramic',
    'clean',
    'blood',
    {},
    null,
    'never',
    { peroxide: 'needs-licensed' },
  ],
  [
    'a spot of blood',
    'glazed-ceramic',
    'disinfect',
    'blood-spot',
    {},
    null,
    'never',
    { peroxide: 'needs-registered' },
  ],
  [
    'much mildew, only cleaned',
    'glazed-ceramic',
    'clean',
    'mildew',
    { area: 1.5 },
    null,
    'never',
    { peroxide: 'mildew-too-large' },
  ],
  [
    'a hob that can be turned off',
    'marble',
    'disinfect',
    'everyday',
    { flame: 'hob', area: 0.1 },
    'peroxide',
    'care',
    { alcohol: 'hob-off' },
  ],
  [
    'a flame that nobody has asked about',
    'marble',
    'disinfect',
    'everyday',
    { flame: 'unknown' },
    'peroxide',
    'care',
    { alcohol: 'flame-not-asked' },
  ],
  [
    'a breathing device',
    'medical-breathing',
    'disinfect',
    'everyday',
    {},
    null,
    'never',
    { alcohol: 'breathing-device' },
  ],
  [
    'a tiled wall, weak immunity',
    'glazed-ceramic',
    'disinfect',
    'respiratory',
    { lives: ['weak-immunity'] },
    'peroxide',
    'use',
    {},
  ],
  [
    'a worktop that food touches',
    'laminate',
    'disinfect',
    'food',
    {},
    'peroxide',
    'use',
    { peroxide: 'rinse-for-food' },
  ],
  [
    'a high chair, an infant',
    'hard-plastic',
    'disinfect',
    'everyday',
    { lives: ['infant'] },
    'peroxide',
    'use',
    { peroxide: 'infant-rinse', alcohol: 'infant-rinse' },
  ],
  [
    'a bowl stand, a cat',
    'hard-plastic',
    'disinfect',
    'everyday',
    { lives: ['cat'] },
    'peroxide',
    'use',
    { peroxide: 'cat-rinse' },
  ],
  [
    'a shelf by the aquarium',
    'laminate',
    'disinfect',
    'everyday',
    { lives: ['fish'] },
    'peroxide',
    'use',
    { peroxide: 'cover-tank' },
  ],
  [
    'limescale on glass',
    'glass',
    'clean',
    'everyday',
    {},
    'peroxide',
    'use',
    { vinegar: 'cleaning-needs-no-wait' },
  ],
  [
    'limescale on glass, asthma',
    'glass',
    'clean',
    'everyday',
    { lives: ['asthma'] },
    'peroxide',
    'use',
    { vinegar: 'asthma-cloth' },
  ],
  [
    'vinegar on granite',
    'granite-sealed',
    'clean',
    'everyday',
    {},
    'alcohol',
    'use',
    { vinegar: 'material-barred' },
  ],
  [
    'a big counter in a closed room',
    'brass',
    'disinfect',
    'everyday',
    { air: 'none', area: 4 },
    null,
    'never',
    { alcohol: 'air-over-limit', peroxide: 'air-over-limit' },
  ],
  [
    'a handle in a closed hall',
    'brass',
    'disinfect',
    'everyday',
    { air: 'none', area: 0.02 },
    'alcohol',
    'use',
    { alcohol: 'air-fits' },
  ],
  [
    'a tap beside a pilot light',
    'chrome-plate',
    'disinfect',
    'everyday',
    { flame: 'flame' },
    'peroxide',
    'use',
    { alcohol: 'flame-in-room' },
  ],
  [
    'a pregnancy in the home',
    'laminate',
    'disinfect',
    'everyday',
    { lives: ['pregnancy'] },
    'peroxide',
    'use',
    { peroxide: 'pregnancy-ventilate' },
  ],
  [
    'tile where vinegar is credited: it reduces and does not disinfect',
    'glazed-ceramic',
    'disinfect',
    'everyday',
    { rules: { vinegar: 'household-reduction' } },
    'peroxide',
    'use',
    { vinegar: 'not-a-disinfectant' },
  ],
  [
    'tile to reduce where vinegar is credited',
    'glazed-ceramic',
    'reduce',
    'everyday',
    { rules: { vinegar: 'household-reduction' } },
    'vinegar',
    'care',
    { vinegar: 'reduces-only', peroxide: 'not-for-reducing' },
  ],
  [
    'a table where weak vinegar is tolerated: 5 % is not weak',
    'sealed-wood',
    'clean',
    'everyday',
    { rules: { vinegarOnSealedWood: 'weak' } },
    'peroxide',
    'care',
    { vinegar: 'material-barred', alcohol: 'material-barred' },
  ],
  [
    'sanitising a worktop',
    'laminate',
    'sanitise',
    'food',
    {},
    'peroxide',
    'use',
    { vinegar: 'not-a-disinfectant' },
  ],
];

test('there are at least 60 whole situations', () =>
  expect(rows.length).toBeGreaterThanOrEqual(60));
test.each(rows)(
  '%s: %s to %s against %s',
  (_, material, goal, against, around, family, outcome, codes) => {
    const compared = compare(material, goal, against, around);
    const best = bestOf(compared, { surface: { level: 'hand', material, food: false, area: 0.3 } });
    expect(best?.family ?? null).toBe(family);
    expect(best?.contact.outcome ?? 'never').toBe(outcome);
    for (const [of, code] of Object.entries(codes))
      expect(
        compared.find((one) => one.family === of)!.contact.reasons.map((reason) => reason.code),
      ).toContain(code);
  },
);

const bestOfAll = (stocks: Stock[], where: Where, against: Against = 'everyday') =>
  bestOf(compareFamilies({ goal: 'disinfect', against }, stocks, where), where);

test('of two that do equally well the cheaper is taken, and one that nobody has priced is not thereby cheap', () => {
  const priced = (active: GenericActive, pricePerLitre: number | null): Stock => ({
    ...stock(active, active === 'ethanol' ? 0.7 : 0.03),
    pricePerLitre,
  });
  const best = (...prices: [number | null, number | null]) =>
    bestOfAll([priced('hydrogen peroxide', prices[0]), priced('ethanol', prices[1])], {
      surface: { level: 'hand', material: 'porcelain', food: false, area: 1 },
      room: { ventilation: 'window', flame: 'no', floorArea: 9, height: 2.4 },
      home: { situations: [] },
      rules: cautiousRules,
      growth: 0,
      now,
      book,
    })!.family;
  expect([best(3, 8), best(8, 3), best(8, null), best(null, 3)]).toEqual([
    'peroxide',
    'alcohol',
    'peroxide',
    'alcohol',
  ]);
});

describe('evidence', () => {
  test('every row has its source', () => {
    for (const row of evidence) expect(row.source).not.toBe('');
    expect(evidence.length).toBeGreaterThanOrEqual(20);
  });
  // CDC-2008, WHO-2020, CDC-noro (memory).
  test.each<[string, number | undefined, boolean]>([
    ['peroxide-3', 480, true],
    ['peroxide-1.5', 1200, true],
    ['peroxide-0.75', 3600, true],
    ['peroxide-enterococci', 600, false],
    ['alcohol-surfaces', 60, true],
    ['ethanol-coronavirus', 60, true],
    ['propanol-immersed', 300, true],
    ['peroxide-immersed', 1800, true],
    ['alcohol-norovirus', undefined, false],
    ['bleach-norovirus', 300, true],
    ['acid-mycobacteria', 1800, true],
    ['any-surface', 60, true],
  ])('%s: %d s', (id, seconds, effective) =>
    expect(evidenceRow(id)).toMatchObject({
      effective,
      ...(seconds === undefined ? {} : { seconds }),
    }),
  );
});

describe('house rules', () => {
  test('each question has its schools, the cautious one first', () => {
    expect(houseQuestions).toHaveLength(15);
    for (const question of houseQuestions)
      expect(cautiousRules[question]).toBe(schools[question][0]);
  });
  test.each<[Partial<HouseRules>, GenericActive, number, number | null]>([
    [{ peroxideTime: 'published-series' }, 'hydrogen peroxide', 0.03, 480],
    [{}, 'hydrogen peroxide', 0.03, 600],
    [{ dilutedPeroxide: 'refuse' }, 'hydrogen peroxide', 0.015, null],
    [{ alcoholFloor: '60' }, 'ethanol', 0.62, 120],
    [{}, 'ethanol', 0.62, null],
    [{ alcoholTime: 'until-dry' }, 'ethanol', 0.7, 60],
    [{ alcoholTime: 'ten-minutes' }, '2-propanol', 0.7, 600],
  ])('%j: %s at %d takes %d s', (rules, active, strength, seconds) => {
    const contact = requiredContact(
      { active, strength },
      { goal: 'disinfect', against: 'everyday' },
      {
        ...cautiousRules,
        ...rules,
      },
    );
    expect(contact.outcome === 'never' ? null : contact.seconds).toBe(seconds);
  });
});

const surfaceOf = fc.record({
  material: fc.constantFrom<MaterialId>(...materialIds),
  level: fc.constantFrom(...levels),
  touched: fc.constantFrom(...touches),
  food: fc.boolean(),
  area: fc.double({ min: 0.01, max: 6, noNaN: true }),
  goal: fc.constantFrom<Goal>('clean', 'clean', 'disinfect'),
});
const homeOf = fc
  .record({
    lives: fc.subarray([...situations]),
    air: fc.constantFrom(...ventilations),
    flame: fc.constantFrom(...flames),
    surfaces: fc.array(surfaceOf, { minLength: 1, maxLength: 8 }),
  })
  .map(({ lives, air, flame, surfaces }): Home => ({
    id: 'home',
    situations: lives,
    rooms: [
      {
        id: 'room',
        name: 'Room',
        floorArea: 6,
        height: 2.4,
        ventilation: air,
        flame,
        surfaces: surfaces.map(({ goal, ...surface }, i): Surface => ({
          id: String(i),
          name: `Surface ${i}`,
          thing: 'surface',
          soil: 'everyday',
          ...surface,
          setting: { ...justWashed, goal },
        })),
      },
    ],
  }));
const settled = (home: Home, proposed: ReturnType<typeof fillRest>): Home => ({
  ...home,
  rooms: home.rooms.map((room): Room => ({
    ...room,
    surfaces: room.surfaces.map((surface) => ({
      ...surface,
      setting:
        proposed.find(({ surfaceId }) => surfaceId === surface.id)?.setting ?? surface.setting,
    })),
  })),
});

describe('properties', () => {
  const rank: Outcome[] = ['use', 'care', 'never'];
  test('what fills the rest holds: nothing stands before approval but what somebody had set out of reach', () => {
    fc.assert(
      fc.property(homeOf, (home) => {
        const proposed = fillRest(home, shelf, { rules: cautiousRules, now, book });
        const open = enforce(settled(home, proposed), shelf, { rules: cautiousRules, now, book });
        const outOfReach = proposed
          .filter(({ because }) => because === 'nothing-fits')
          .map(({ surfaceId }) => surfaceId);
        expect(open.filter(({ surfaceId }) => !outOfReach.includes(surfaceId))).toEqual([]);
      }),
      { numRuns: 150 },
    );
  });
  test('a stronger solution inside its range never needs longer', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.0075, max: 0.08, noNaN: true }),
        fc.double({ min: 0, max: 0.07, noNaN: true }),
        (strength, more) => {
          const at = (value: number) =>
            requiredContact(
              { active: 'hydrogen peroxide', strength: Math.min(0.08, value) },
              { goal: 'disinfect', against: 'respiratory' },
              cautiousRules,
            ).seconds;
          expect(at(strength + more)).toBeLessThanOrEqual(at(strength));
        },
      ),
    );
  });
  test('a flame that nobody has asked about is judged as one that burns', () => {
    for (const material of materialIds) {
      const [burning, unknown] = [
        compare(material, 'disinfect', 'everyday', { flame: 'flame' }),
        compare(material, 'disinfect', 'everyday', { flame: 'unknown' }),
      ];
      expect(unknown.map(({ contact }) => contact.outcome)).toEqual(
        burning.map(({ contact }) => contact.outcome),
      );
    }
  });
  test('adding a hazard, or a smaller room with less air, never improves an outcome', () => {
    fc.assert(
      fc.property(
        fc.constantFrom<MaterialId>(...materialIds),
        fc.constantFrom<Against>(...threats),
        fc.subarray([...situations]),
        fc.constantFrom(...situations),
        fc.constantFrom('hob' as const, 'flame' as const, 'unknown' as const),
        (material, against, lives, more, flame) => {
          const [before, after] = [
            compare(material, 'disinfect', against, { lives }),
            compare(material, 'disinfect', against, {
              lives: [...lives, more],
              flame,
              air: 'none',
            }),
          ];
          for (const one of before)
            expect(
              rank.indexOf(after.find(({ family }) => family === one.family)!.contact.outcome),
            ).toBeGreaterThanOrEqual(rank.indexOf(one.contact.outcome));
        },
      ),
      { numRuns: 200 },
    );
  });
});

describe('after approval', () => {
  const home: Home = {
    id: 'home',
    situations: [],
    rooms: [
      {
        id: 'bath',
        name: 'Bath',
        floorArea: 5,
        height: 2.4,
        ventilation: 'window',
        flame: 'no',
        surfaces: [
          {
            id: 'basin',
            name: 'Basin',
            material: 'porcelain',
            level: 'hand',
            area: 0.4,
            touched: 'often',
            food: false,
            thing: 'surface',
            soil: 'everyday',
            setting: {
              goal: 'disinfect',
              against: 'respiratory',
              accepted: null,
              use: { stockId: 'hydrogen peroxide', strength: 0.015 },
            },
          },
          {
            id: 'floor',
            name: 'Floor',
            material: 'glazed-ceramic',
            level: 'floor',
            area: 3,
            touched: 'daily',
            food: false,
            thing: 'surface',
            soil: 'everyday',
            setting: justWashed,
          },
        ],
      },
    ],
  };
  const approved = buildProtocol(home, shelf, { rules: cautiousRules, now, book });
  const review = (changed: Home = home, rules = cautiousRules) =>
    reviewOf(approved, changed, shelf, { rules, now, book }).map(({ surfaceName, why }) => [
      surfaceName,
      why,
    ]);
  const withBasin = (to: Partial<Surface>): Home => ({
    ...home,
    rooms: home.rooms.map((room) => ({
      ...room,
      surfaces: room.surfaces.map((surface) =>
        surface.id === 'basin' ? { ...surface, ...to } : surface,
      ),
    })),
  });

  test('nothing is flagged while nothing has changed', () => expect(review()).toEqual([]));
  test('a house rule, the survey or the shelf makes it untrue, and says how', () => {
    expect(review(home, { ...cautiousRules, dilutedPeroxide: 'refuse' })).toEqual([
      ['Basin', 'never'],
    ]);
    expect(review(withBasin({ material: 'marble' }))).toEqual([['Basin', 'care']]);
    expect(review({ ...home, rooms: [] })).toEqual([['Basin', 'gone']]);
    expect(reviewOf(approved, home, [], { rules: cautiousRules, now, book })).toMatchObject([
      { why: 'never', reasons: [{ code: 'stock-missing' }] },
    ]);
  });
  // NIOSH (memory): 500 ppm over a quarter of an hour; each of the four alone leaves less, in a
  // larger room all four do.
  test('a room found smaller makes too much of what was approved together', () => {
    const use = { stockId: '2-propanol', strength: 0.7 };
    const rails = (floorArea: number): Home => ({
      ...home,
      rooms: [
        {
          ...home.rooms[0]!,
          floorArea,
          surfaces: ['a', 'b', 'c', 'd'].map((id) => ({
            id,
            name: id,
            material: 'brass',
            level: 'hand',
            area: 0.3,
            touched: 'often',
            food: false,
            thing: 'surface',
            soil: 'everyday',
            setting: { goal: 'disinfect', against: 'everyday', accepted: null, use },
          })),
        },
      ],
    });
    const large = buildProtocol(rails(60), shelf, { rules: cautiousRules, now, book });
    expect(reviewOf(large, rails(60), shelf, { rules: cautiousRules, now, book })).toEqual([]);
    expect(reviewOf(large, rails(5), shelf, { rules: cautiousRules, now, book })).toMatchObject([
      { why: 'never', reasons: [{ code: 'air-together-over-limit', figures: { count: 4 } }] },
    ]);
  });
  test('a longer time is flagged with both', () => {
    const strong = buildProtocol(
      withBasin({
        setting: {
          goal: 'disinfect',
          against: 'everyday',
          accepted: null,
          use: { stockId: 'hydrogen peroxide', strength: 0.03 },
        },
      }),
      shelf,
      { rules: { ...cautiousRules, peroxideTime: 'published-series' }, now, book },
    );
    const same = withBasin({
      setting: {
        goal: 'disinfect',
        against: 'everyday',
        accepted: null,
        use: { stockId: 'hydrogen peroxide', strength: 0.03 },
      },
    });
    expect(reviewOf(strong, same, shelf, { rules: cautiousRules, now, book })).toMatchObject([
      { why: 'longer', approved: 480, now: 600 },
    ]);
  });
  test('two versions differ by what a person would do differently', () => {
    const next = buildProtocol(
      withBasin({
        name: 'Wash basin',
        setting: {
          goal: 'disinfect',
          against: 'everyday',
          accepted: null,
          use: { stockId: 'hydrogen peroxide', strength: 0.03 },
        },
      }),
      shelf,
      { rules: cautiousRules, now, book },
    );
    expect(diffVersions(approved, approved)).toEqual([]);
    // As a database gives it back: the same fields, in another order.
    const reordered = JSON.parse(JSON.stringify(approved), (_, value: unknown) =>
      value && typeof value === 'object' && !Array.isArray(value)
        ? Object.fromEntries(Object.entries(value).reverse())
        : value,
    ) as typeof approved;
    expect(diffVersions(approved, reordered)).toEqual([]);
    expect(diffVersions(approved, next)).toMatchObject([
      {
        surfaceId: 'basin',
        kind: 'changed',
        before: { treatment: { strength: 0.015 } },
        after: { treatment: { strength: 0.03 } },
      },
    ]);
    expect(diffVersions(approved, []).map(({ kind }) => kind)).toEqual(['removed', 'removed']);
    expect(diffVersions([], approved).map(({ kind }) => kind)).toEqual(['added', 'added']);
  });
});

describe('a registered product', () => {
  const label = {
    groups: ['quat' as const],
    uses: [
      {
        goal: 'disinfect' as const,
        against: ['everyday' as const, 'norovirus' as const],
        seconds: 240,
      },
      { goal: 'sanitise' as const, against: ['food' as const], seconds: 30 },
    ],
    notOn: ['marble' as const],
  };
  const spray: Stock = {
    id: 'spray',
    active: 'registered product',
    strength: 1,
    expiresAt: now + 1,
    label,
  };
  const judged = (
    material: MaterialId,
    goal: Goal,
    against: Against,
    lives: Situation[] = [],
    of: Stock = spray,
  ) =>
    assessSurface(
      { goal, against, stock: of, strength: 1 },
      {
        surface: { level: 'hand', material, food: false, area: 0.3 },
        room: { ventilation: 'window', flame: 'no', floorArea: 5, height: 2.4 },
        home: { situations: lives },
        rules: cautiousRules,
        growth: 0,
        now,
        book,
      },
    );
  const codes = (...of: Parameters<typeof judged>) => judged(...of).reasons.map(({ code }) => code);

  test('may do what its label grants, for the label’s time, and reaches what the three families do not', () => {
    expect(judged('porcelain', 'disinfect', 'norovirus')).toMatchObject({
      outcome: 'use',
      seconds: 240,
    });
    expect(codes('porcelain', 'disinfect', 'norovirus')).toContain('label-time');
    expect(
      bestOfAll(
        [...shelf, spray],
        {
          surface: { level: 'hand', material: 'porcelain', food: false, area: 0.3 },
          room: { ventilation: 'window', flame: 'no', floorArea: 5, height: 2.4 },
          home: { situations: [] },
          rules: cautiousRules,
          growth: 0,
          now,
          book,
        },
        'norovirus',
      )?.stock.id,
    ).toBe('spray');
  });
  test('and nothing else: not another use, not an excluded surface, not a porous one, not diluted', () => {
    expect(codes('porcelain', 'disinfect', 'respiratory')).toContain('not-on-label');
    expect(codes('porcelain', 'disinfect', 'food')).toContain('not-on-label');
    expect(codes('marble', 'disinfect', 'everyday')).toContain('label-bars-surface');
    expect(codes('upholstery', 'disinfect', 'everyday')).toContain('porous');
    expect(judged('electronics', 'disinfect', 'everyday').reasons[0]).toMatchObject({
      outcome: 'care',
      code: 'cloth-only',
    });
    expect(
      assessSurface(
        { goal: 'clean', against: 'everyday', stock: spray, strength: 0.5 },
        {
          surface: { level: 'hand', material: 'porcelain', food: false, area: 0.3 },
          room: { ventilation: 'window', flame: 'no', floorArea: 5, height: 2.4 },
          home: { situations: [] },
          rules: cautiousRules,
          growth: 0,
          now,
          book,
        },
      ).reasons[0]!.code,
    ).toBe('not-as-sold');
  });
  // CDC-2008 (memory): at least a minute on any surface.
  test('a label’s time is never shortened, and never under the published minute', () => {
    expect(judged('porcelain', 'sanitise', 'food').seconds).toBe(60);
    expect(judged('porcelain', 'sanitise', 'everyday').seconds).toBe(240);
  });
  test('one of which no label was entered may do nothing, and meets nothing', () => {
    const bare: Stock = { ...spray, label: null };
    expect(codes('porcelain', 'disinfect', 'everyday', [], bare)).toContain('not-on-label');
    expect(groupsOf(bare)).toEqual(['unknown']);
    expect(groupsOf(spray)).toEqual(['quat']);
  });
  test('what is in it counts where it is used: quats by cloth beside asthma, alcohol never beside oxygen', () => {
    expect(codes('porcelain', 'disinfect', 'everyday', ['asthma'])).toContain('asthma-cloth');
    expect(
      codes('porcelain', 'disinfect', 'everyday', ['home-oxygen'], {
        ...spray,
        label: { ...label, groups: ['alcohol'] },
      }),
    ).toContain('home-oxygen');
  });
});
