import {
  analyseFormula,
  boilingPoint,
  cautiousBook,
  cautiousRules,
  classify,
  components,
  correctPour,
  costOf,
  dilute,
  fireOf,
  flashPoint,
  judgeBottle,
  judgeCheck,
  keepingOf,
  massFraction,
  massOfStock,
  mixingOrder,
  readRecipe,
  portionsOf,
  pourBand,
  strengthOfWeighed,
  weighOut,
  type IngredientId,
} from '../src/index.ts';

const analysed = (text: string) => {
  const read = portionsOf(readRecipe(text));
  if (!read.ok) throw new Error(JSON.stringify(read.problems));
  return analyseFormula(read.portions);
};

describe('fire', () => {
  // Common tables (memory): flash points of ethanol in water, closed cup, % v/v to °C; within 3 K.
  test.each([
    [10, 49],
    [20, 36],
    [30, 29],
    [40, 26],
    [50, 24],
    [60, 22],
    [70, 21],
    [80, 19],
    [96, 17],
  ])('%d %% v/v ethanol flashes at about %d °C', (strength, expected) => {
    const p = massFraction('ethanol', strength / 100);
    expect(Math.abs(flashPoint({ ethanol: p, water: 1 - p })! - expected)).toBeLessThanOrEqual(3);
  });
  // Safety data sheets (memory) say 18 °C for 70 % v/v 2-propanol; the same 3 K.
  test('70 % 2-propanol flashes at about 18 °C, water never', () => {
    const p = massFraction('2-propanol', 0.7);
    expect(Math.abs(flashPoint({ '2-propanol': p, water: 1 - p })! - 18)).toBeLessThanOrEqual(3);
    expect(flashPoint({ water: 1 })).toBeUndefined();
  });
  // Perry (memory): azeotropes, % w/w and °C.
  test.each([
    ['ethanol' as const, 0.956, 78.2, 0.015],
    ['2-propanol' as const, 0.877, 80.3, 0.01],
  ])('the azeotrope of %s is %d w/w at %d °C', (alcohol, weight, t, within) => {
    const points = Array.from({ length: 500 }, (_, i) => 0.5 + i / 1000).map((x) => ({
      x,
      t: boilingPoint(alcohol, x),
    }));
    const lowest = points.reduce((a, b) => (b.t < a.t ? b : a));
    const own = lowest.x * components[alcohol].molarMass;
    expect(
      Math.abs(own / (own + (1 - lowest.x) * components.water.molarMass) - weight),
    ).toBeLessThanOrEqual(within);
    expect(Math.abs(lowest.t - t)).toBeLessThanOrEqual(0.5);
  });
});

// CLP Annex VI and generic limits (memory): class, signal word, pictograms, statements.
describe('labels', () => {
  test.each<[string, string[], string | undefined, string[]]>([
    ['1 cup rubbing alcohol 70 %', ['H225', 'H319', 'H336'], 'Danger', ['flame', 'exclamation']],
    [
      '1 cup rubbing alcohol 70 %\n1 1/2 cups water',
      ['H226', 'H319', 'H336'],
      'Warning',
      ['flame', 'exclamation'],
    ],
    ['1 cup ethanol 70 %', ['H225', 'H319'], 'Danger', ['flame', 'exclamation']],
    ['1 cup vodka\n5 cups water', ['H226'], 'Warning', ['flame']],
    ['1 cup peroxide 3 %', [], undefined, []],
    ['1 cup peroxide 6 %', ['H319'], 'Warning', ['exclamation']],
    ['1 cup peroxide 12 %', ['H318'], 'Danger', ['corrosion']],
    ['1 cup vinegar 5 %', [], undefined, []],
    ['1 cup vinegar essence 12 %', ['H319', 'H315'], 'Warning', ['exclamation']],
    ['1 cup vinegar essence 25 %', ['H314'], 'Danger', ['corrosion']],
    [
      '1 cup bleach 5.25 %',
      ['H314', 'EUH031', 'H400', 'H411'],
      'Danger',
      ['corrosion', 'environment'],
    ],
    ['1 cup bleach 3 %', ['H318', 'H315', 'H400', 'H411'], 'Danger', ['corrosion', 'environment']],
    ['1 cup bleach 1 %', ['H319', 'H315'], 'Warning', ['exclamation']],
    ['1 cup peroxide 8 %', ['H318'], 'Danger', ['corrosion']],
    ['1 cup peroxide 7.9 %', ['H319'], 'Warning', ['exclamation']],
    ['1 cup acetone', ['H225', 'H319', 'H336'], 'Danger', ['flame', 'exclamation']],
    ['1 l water\n120 g citric acid', ['H319'], 'Warning', ['exclamation']],
    ['1 l water\n130 g washing soda', ['H319'], 'Warning', ['exclamation']],
    ['1 l water\n60 g washing soda', [], undefined, []],
    ['1 l water\n10 g borax', ['H360FD'], 'Danger', ['health']],
    ['1 l water\n100 g lye', ['H314'], 'Danger', ['corrosion']],
  ])('%s says %j', (text, statements, signal, pictograms) => {
    const label = classify(analysed(text));
    expect({
      statements: label.statements,
      signal: label.signal,
      pictograms: label.pictograms,
    }).toEqual({ statements, signal, pictograms });
  });
  test('precautions follow: flame, and eyes', () =>
    expect(classify(analysed('1 cup rubbing alcohol 70 %')).precautions).toEqual([
      'P102',
      'P210',
      'P233',
      'P261',
      'P264',
      'P271',
      'P280',
      'P305+P351+P338',
    ]));
});

describe('whether what rises from it can light', () => {
  test.each([
    ['1 cup rubbing alcohol 70 %', 'lights'],
    ['1 cup water\n1 tsp dish soap', 'does-not-light'],
    ['1 cup peroxide 3 %', 'does-not-light'],
    ['1 cup acetone', 'not-known'],
    ['1 cup water\n5 drops orange oil', 'not-known'],
    ['1 cup water\n1 tbsp unknown', 'not-known'],
  ])('%s: %s', (text, fire) => {
    const formula = analysed(text);
    const masses = Object.fromEntries(
      formula.constituents.map(({ component, mass }) => [component, mass]),
    );
    expect(fireOf(formula.portions, masses)).toBe(fire);
  });
});

describe('order of pouring', () => {
  const order = (...ids: IngredientId[]) => {
    const found = mixingOrder(ids);
    if (!found.ok) throw new Error(JSON.stringify(found));
    return found.steps.map((i) => ids[i]);
  };
  // Common practice, no source.
  test('water, then stock, then foam', () =>
    expect(order('detergent', '2-propanol', 'water')).toEqual([
      'water',
      '2-propanol',
      'detergent',
    ]));
  test('solubiliser, oil, alcohol, water', () =>
    expect(order('water', 'vodka', 'lavender oil', 'solubiliser')).toEqual([
      'solubiliser',
      'lavender oil',
      'vodka',
      'water',
    ]));
  test('soap into water before vinegar', () =>
    expect(order('vinegar', 'castile soap', 'water')).toEqual([
      'water',
      'castile soap',
      'vinegar',
    ]));
  test('powder is dissolved, and fizz let finish, before the foam', () =>
    expect(order('detergent', 'vinegar', 'baking soda', 'water')).toEqual([
      'water',
      'baking soda',
      'vinegar',
      'detergent',
    ]));
  test('each arrow has its reason', () =>
    expect(mixingOrder(['water', 'baking soda', 'vinegar'])).toMatchObject({
      ok: true,
      arrows: expect.arrayContaining([
        { before: 1, after: 2, because: 'fizz-in-open-bowl' },
        { before: 0, after: 1, because: 'dissolve-powder' },
      ]),
    }));
  test('a circular wish is reported with its circle', () => {
    const found = mixingOrder(['water', '2-propanol', 'sugar'], [[1, 0]]);
    expect(found).toEqual({
      ok: false,
      circle: [
        { before: 0, after: 1, because: 'water-first' },
        { before: 1, after: 0, because: 'wished' },
      ],
    });
  });
});

// Common practice, no source; bleach by CDC-2008 (memory).
test.each<[string, number, string, boolean, string, string]>([
  ['1 cup peroxide 3 %\n1 cup water', 1, 'diluted-peroxide', true, 'any clean bottle', 'tight'],
  ['1 cup rubbing alcohol 70 %', 730, 'alcohol-in-strength', false, 'glass or HDPE', 'tight'],
  ['1 cup vinegar\n1 cup water', 7, 'no-preservative', false, 'any clean bottle', 'tight'],
  ['1 tbsp bleach\n1 qt water', 1, 'bleach-diluted', true, 'HDPE', 'tight'],
  [
    '1 cup vinegar\n2 tbsp baking soda',
    0,
    'must-not-be-kept',
    false,
    'any clean bottle',
    'never closed',
  ],
  ['2 cups water\n10 drops orange oil', 7, 'no-preservative', false, 'glass or HDPE', 'tight'],
])('%j keeps %d days: %s', (text, days, because, opaque, container, lid) => {
  expect(keepingOf(analysed(text), cautiousBook)).toMatchObject({
    seconds: days * 86_400,
    because,
    opaque,
    container,
    lid,
  });
});

describe('weighing', () => {
  // Common practice: 85/8/4/2/1 % of 500 g.
  test('85/8/4/2/1 % of 500 g; on a kitchen scale of 1 g the last are too fine', () => {
    const out = weighOut([0.85, 0.08, 0.04, 0.02, 0.01], 0.5, 0.001);
    expect(out.ok && out.portions.map(({ mass }) => Number((mass * 1000).toFixed(9)))).toEqual([
      425, 40, 20, 10, 5,
    ]);
    expect(out.ok && out.tooFine).toEqual([2, 3, 4]);
    expect(weighOut([0.85, 0.08, 0.04, 0.02, 0.01], 0.5, 0.00001)).toMatchObject({
      ok: true,
      tooFine: [],
    });
  });
  test.each([[[0.5, 0.4]], [[0.5, 0.6]], [[1.2, -0.2]], [[]]])('%j does not add up', (shares) =>
    expect(weighOut(shares, 1, 0.001).ok).toBe(false),
  );

  test('an over-pour grows the whole batch, so that the shares hold', () => {
    expect(correctPour([0.2, 0.1], [0.2, 0.12])).toEqual({
      scale: expect.closeTo(1.2, 9),
      toPour: [expect.closeTo(0.04, 9), 0],
      total: expect.closeTo(0.36, 9),
    });
    expect(correctPour([0.2, 0.1], [0.15, 0])).toMatchObject({
      scale: 1,
      toPour: [expect.closeTo(0.05, 9), 0.1],
    });
  });
});

test('a step may be off as far as the batch stays in strength', () => {
  const meant = dilute('2-propanol', 0.99, 0.7, 0.0005);
  const kilograms = {
    stock: massOfStock('2-propanol', 0.99, meant.stock),
    water: meant.water * 0.9982e3,
  };
  const span = { floor: 0.7, top: 0.9 };
  const water = pourBand(
    { active: '2-propanol', strength: 0.99, meant: kilograms, target: 0.7, span },
    'water',
  );
  // Meant at the floor itself: hardly a gram more of water, but some less.
  expect((water.to - kilograms.water) * 1000).toBeLessThan(0.6);
  expect((kilograms.water - water.from) * 1000).toBeGreaterThan(3);
  const stock = pourBand(
    { active: '2-propanol', strength: 0.99, meant: kilograms, target: 0.7, span },
    'stock',
  );
  expect(
    strengthOfWeighed('2-propanol', 0.99, stock.from, kilograms.water).strength,
  ).toBeGreaterThanOrEqual(0.7);
  // Alcohol is right anywhere in its span.
  expect(strengthOfWeighed('2-propanol', 0.99, stock.to, kilograms.water).strength).toBeGreaterThan(
    0.75,
  );
  expect(
    strengthOfWeighed('2-propanol', 0.99, stock.to, kilograms.water).strength,
  ).toBeLessThanOrEqual(0.9);
});

describe('checking a batch', () => {
  const density = (
    active: '2-propanol' | 'ethanol',
    meant: number,
    value: number,
    temperature = 20,
  ) => judgeCheck(active, meant, { by: 'density', density: value, temperature }, cautiousRules);
  test('density tells strength by the same formulas (OIML R 22, memory)', () => {
    expect(density('ethanol', 0.7, 885.56)).toMatchObject({
      ok: true,
      inStrength: true,
      measured: expect.closeTo(0.7, 3),
    });
    expect(density('ethanol', 0.72, 893)).toMatchObject({ inStrength: false, why: 'too-weak' });
    expect(density('ethanol', 0.72, 829.18)).toMatchObject({ inStrength: true, why: 'as-meant' });
    expect(density('ethanol', 0.7, 500)).toEqual({ ok: false, why: 'no-such-mixture' });
    expect(
      judgeCheck(
        'hydrogen peroxide',
        0.03,
        { by: 'density', density: 1009, temperature: 20 },
        cautiousRules,
      ),
    ).toEqual({ ok: false, why: 'wrong-meter' });
  });
  test.each([
    [0.03, 0.03, 'as-meant'],
    [0.03, 0.02, 'too-weak'],
    [0.015, 0.015, 'as-meant'],
    [0.015, 0.03, 'too-strong'],
    [0.018, 0.015, 'as-meant'],
  ])('a strip for %d that shows %d is %s', (meant, step, why) => {
    expect(
      judgeCheck('hydrogen peroxide', meant, { by: 'strip', step }, cautiousRules),
    ).toMatchObject({ ok: true, why });
  });
  test('a step that is not on the strip', () =>
    expect(
      judgeCheck('hydrogen peroxide', 0.03, { by: 'strip', step: 0.028 }, cautiousRules),
    ).toEqual({ ok: false, why: 'no-such-step' }));
});

describe('bottles', () => {
  const amber = { material: 'HDPE', opaque: true, heldSinceWash: null } as const;
  const vinegar = { active: 'acetic acid', strength: 0.05, groups: ['acid'] } as const;
  const peroxide = { active: 'hydrogen peroxide', strength: 0.03, groups: ['peroxide'] } as const;
  test('one that held vinegar is refused peroxide, for the peracid and for the old label', () => {
    expect(judgeBottle({ ...amber, heldSinceWash: vinegar }, peroxide, cautiousBook)).toMatchObject(
      {
        outcome: 'never',
        reasons: [{ code: 'held-before', figures: { rule: 'peracid' } }, { code: 'old-label' }],
      },
    );
    expect(
      judgeBottle(
        { ...amber, heldSinceWash: { ...peroxide, strength: 0.015 } },
        peroxide,
        cautiousBook,
      ),
    ).toMatchObject({ outcome: 'never', reasons: [{ code: 'old-label' }] });
    expect(
      judgeBottle({ ...amber, heldSinceWash: peroxide }, peroxide, cautiousBook),
    ).toMatchObject({ outcome: 'care', reasons: [{ code: 'like-refill' }] });
    expect(judgeBottle(amber, peroxide, cautiousBook)).toEqual({ outcome: 'use', reasons: [] });
  });
  test('light and solvent: care', () => {
    expect(judgeBottle({ ...amber, opaque: false }, peroxide, cautiousBook)).toMatchObject({
      outcome: 'care',
      reasons: [{ code: 'needs-opaque' }],
    });
    expect(
      judgeBottle(
        { ...amber, material: 'PET' },
        { active: '2-propanol', strength: 0.7, groups: ['alcohol'] },
        cautiousBook,
      ),
    ).toMatchObject({ outcome: 'care', reasons: [{ code: 'needs-glass-or-hdpe' }] });
  });
});

test('cost by the litre, water for nothing, and what nobody has priced is named', () => {
  const formula = analysed('500 ml rubbing alcohol 70 %\n500 ml water\n1 tsp castile soap');
  const cost = costOf(formula.portions, formula.volume, [
    { of: '2-propanol', strength: 0.99, perLitre: 9.9 },
  ]);
  expect(cost.total).toBeCloseTo(3.5, 6);
  expect(cost.perLitre).toBeCloseTo(3.5 / (formula.volume * 1000), 6);
  expect(cost.unpriced).toEqual(['castile soap']);
  expect(
    costOf(formula.portions, formula.volume, [
      { of: '2-propanol', strength: 0.99, perLitre: 9.9 },
      { of: '2-propanol', strength: 0.7, perLitre: 5 },
    ]).total,
  ).toBeCloseTo(2.5, 6);
});
