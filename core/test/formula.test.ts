import fc from 'fast-check';
import {
  acidity,
  analyseFormula,
  bookWith,
  cautiousBook,
  cautiousRules,
  chanceOfStrength,
  closedPressure,
  components,
  densityAt,
  gasVolume,
  ingredientIds,
  ingredientName,
  inMillilitres,
  judgeFormula,
  massFraction,
  mend,
  millilitres,
  readRecipe,
  portionsOf,
  strengthFromDensity,
  strongestLever,
  type Claim,
  type IngredientId,
  type Masses,
} from '../src/index.ts';

const measured = (text: string) => {
  const read = portionsOf(readRecipe(text));
  if (!read.ok) throw new Error(JSON.stringify(read.problems));
  return read.portions;
};
const by = { rules: cautiousRules, book: cautiousBook };
const analysed = (text: string) => analyseFormula(measured(text));
const judged = (text: string, claim: Claim = 'disinfect') =>
  judgeFormula(analysed(text), claim, by);
const find = (text: string, name: string) =>
  analysed(text).constituents.find(({ component }) => component === name);

describe('composition', () => {
  // Density table (computed): 300 mL of 70 % with 510 mL of water; equal volumes with water.
  test.each([
    ['300 ml rubbing alcohol 70 %\n510 ml water', 26.3, 1.5],
    ['1 cup rubbing alcohol 70 %\n1 cup water', 35.6, 1.7],
    ['1 cup rubbing alcohol 91 %\n1 cup water', 46.7, 2.7],
    ['1 cup rubbing alcohol 99 %\n1 cup water', 51.1, 3.1],
    // OIML R 22 (computed), textbook 96.4 mL.
    ['50 ml ethanol 100 %\n50 ml water', 51.8, 3.54],
  ])('%j is %d %% v/v and %d %% smaller', (text, strength, less) => {
    expect(analysed(text).strengths.alcohol * 100).toBeCloseTo(strength, 1);
    expect(analysed(text).contraction * 100).toBeCloseTo(less, 1);
  });

  // WHO, Guide to Local Production (memory). The published 1.45 % counts the 98 % glycerol as
  // whole.
  test.each([
    ['8333 ml ethanol 96 %', 'ethanol', 0.8],
    ['7515 ml isopropyl alcohol 99.8 %', '2-propanol', 0.75],
  ])('WHO handrub from %s', (alcohol, name, strength) => {
    const text = `${alcohol}\n417 ml hydrogen peroxide 3 %\n145 ml glycerol 98 %\nmake up to 10 l with water`;
    expect(inMillilitres(analysed(text).volume)).toBeCloseTo(10_000, 3);
    expect(find(text, name)!.vv).toBeCloseTo(strength, 3);
    expect(find(text, 'hydrogen peroxide')!.wv).toBeCloseTo(0.00125, 5);
    expect(find(text, 'glycerol')!.mass / 1261 / 0.01).toBeCloseTo(0.0142, 3);
  });

  // CDC-home (memory): about 1000 ppm.
  test.each(['4 tsp bleach 5.25 %\n1 qt water', '5 tbsp bleach 5.25 %\n1 gal water'])(
    '%j is about 0.1 % chlorine',
    (text) => {
      expect(analysed(text).strengths.hypochlorite).toBeGreaterThan(0.00099);
      expect(analysed(text).strengths.hypochlorite).toBeLessThan(0.0011);
    },
  );

  // CDC-2008 (memory).
  test('3 % peroxide with as much water is 1.5 %', () =>
    expect(analysed('1 cup peroxide 3 %\n1 cup water').strengths.peroxide).toBeCloseTo(0.015, 5));

  test('two alcohols are added up and called an estimate', () => {
    const both = analysed('1 cup ethanol 95 %\n1 cup isopropyl alcohol 91 %');
    expect(both.estimate).toBe(true);
    expect(both.strengths.alcohol).toBeGreaterThan(0.91);
    expect(both.strengths.alcohol).toBeLessThan(0.95);
  });
});

describe('what reacts', () => {
  // Stoichiometry: checks.md worked examples.
  test('30 g baking soda in 250 mL vinegar: no acid left, 5.0 L carbon dioxide, 12.5 g soda over', () => {
    const formula = analysed('30 g baking soda\n250 ml vinegar 5 %\n250 ml water');
    expect(formula.strengths.acid).toBe(0);
    expect(formula.gas[0]!.volume * 1000).toBeCloseTo(5.0, 1);
    expect(
      find('30 g baking soda\n250 ml vinegar 5 %\n250 ml water', 'sodium hydrogencarbonate')!.mass *
        1000,
    ).toBeCloseTo(12.5, 1);
    expect(formula.ph).toBeGreaterThan(8);
  });
  test('a teaspoon (4.6 g) of soda is 1.32 L, about 13 atm over 100 mL of air', () => {
    const [gas] = analyseFormula(
      measured('4.6 g baking soda\n500 ml vinegar'),
      millilitres(100),
    ).gas;
    expect(gas!.volume * 1000).toBeCloseTo(1.32, 2);
    expect(gas!.pressure).toBeCloseTo(13.2, 1);
    expect(() => closedPressure(1, 0)).toThrow(RangeError);
    expect(gasVolume(0)).toBe(0);
  });
  test('vinegar and castile soap: the soap is all split, at most 1.6 % acid is left', () => {
    const text = '120 ml vinegar 5 %\n240 ml water\n15 ml castile soap';
    expect(analysed(text).reactions).toMatchObject([
      { id: 'acid-soap', spent: expect.closeTo(1, 9) },
    ]);
    expect(analysed(text).strengths.acid).toBeLessThanOrEqual(0.016);
    expect(find(text, 'soap')).toBeUndefined();
    expect(find(text, 'fatty acid')!.mass).toBeGreaterThan(0.004);
  });
  test('acid and borax leave boric acid', () =>
    expect(find('100 ml vinegar\n5 g borax', 'boric acid')!.mol).toBeCloseTo(
      (0.005 / components.borax.molarMass) * 4,
      6,
    ));
  // 35.3 mmol hypochlorite sets free at most as much chlorine.
  test('50 mL of bleach in vinegar could set free 35.3 mmol of chlorine', () =>
    expect(analysed('50 ml bleach 5.25 %\n200 ml vinegar').gas).toMatchObject([
      { gas: 'chlorine', mol: expect.closeTo(0.0353, 4) },
    ]));
  test('peroxide over soda may all turn to oxygen', () =>
    expect(analysed('100 ml peroxide 3 %\n1 tsp washing soda').gas[0]).toMatchObject({
      gas: 'oxygen',
      mol: expect.closeTo(0.0441, 3),
    }));

  // Ka, textbook.
  test.each([
    ['1 cup vinegar 5 %', 2.4],
    ['250 ml water', 7],
  ])('pH of %s is %d', (text, pH) => expect(analysed(text).ph).toBeCloseTo(pH, 1));
  // Textbook: 0.1 M sodium hydrogencarbonate 8.3, 0.1 M sodium carbonate 11.6, 0.1 M acetate buffer
  // 4.76.
  test.each<[Masses, number]>([
    [{ water: 1, 'sodium hydrogencarbonate': 0.0084 }, 8.34],
    [{ water: 1, 'sodium carbonate': 0.0106 }, 11.6],
    [{ water: 1, 'acetic acid': 0.006005, 'sodium acetate': 0.0082 }, 4.76],
  ])('%j has pH %d', (masses, pH) =>
    expect(Math.abs(acidity(masses, 0.001)! - pH)).toBeLessThan(0.06),
  );
});

describe('properties', () => {
  const part = fc.record({
    id: fc.constantFrom<IngredientId>(...ingredientIds),
    ml: fc.integer({ min: 1, max: 2000 }),
  });
  const recipe = fc.array(part, { minLength: 1, maxLength: 8 });
  const textOf = (parts: { id: IngredientId; ml: number }[], k = 1) =>
    parts.map(({ id, ml }) => `${ml * k} ml ${ingredientName(id, 'en')}`).join('\n');

  test('mass is conserved to 1e-9, and the order of additions changes nothing', () => {
    fc.assert(
      fc.property(recipe, (parts) => {
        const there = analysed(textOf(parts));
        const back = analysed(textOf([...parts].reverse()));
        const gas = there.reactions.filter(
          ({ id }) => !['peroxide-decomposes', 'peracid', 'bleach-alcohol'].includes(id),
        );
        const escaped = gas.reduce(
          (sum, { gas: one, with: other }) =>
            sum +
            (one && !(one.gas === 'chlorine' && other !== 'hydrochloric acid')
              ? one.mol * components[one.gas].molarMass
              : 0),
          0,
        );
        expect(Math.abs(there.mass + escaped - there.pouredMass) / there.pouredMass).toBeLessThan(
          1e-9,
        );
        expect(Math.abs(back.volume / there.volume - 1)).toBeLessThan(1e-9);
        expect(Math.abs(back.strengths.alcohol - there.strengths.alcohol)).toBeLessThan(1e-9);
      }),
    );
  });

  test('a strength never lies outside its parts', () => {
    const alcohols = fc.array(
      fc.record({
        of: fc.constantFrom('ethanol', 'isopropyl alcohol'),
        ml: fc.integer({ min: 1, max: 1000 }),
        strength: fc.integer({ min: 1, max: 99 }),
      }),
      { minLength: 1, maxLength: 5 },
    );
    fc.assert(
      fc.property(alcohols, (parts) => {
        const { alcohol } = analysed(
          parts.map(({ of, ml, strength }) => `${ml} ml ${of} ${strength} %`).join('\n'),
        ).strengths;
        expect(alcohol).toBeGreaterThanOrEqual(
          Math.min(...parts.map(({ strength }) => strength)) / 100 - 0.004,
        );
        expect(alcohol).toBeLessThanOrEqual(
          Math.max(...parts.map(({ strength }) => strength)) / 100 + 0.004,
        );
      }),
    );
  });

  test('scaling a recipe scales everything but strength', () => {
    fc.assert(
      fc.property(recipe, fc.integer({ min: 2, max: 20 }), (parts, k) => {
        const [one, many] = [analysed(textOf(parts)), analysed(textOf(parts, k))];
        expect(many.volume / one.volume).toBeCloseTo(k, 9);
        expect(many.mass / one.mass).toBeCloseTo(k, 9);
        expect(many.strengths.alcohol).toBeCloseTo(one.strengths.alcohol, 9);
        expect(many.strengths.peroxide).toBeCloseTo(one.strengths.peroxide, 9);
      }),
    );
  });
});

describe('what it may be called', () => {
  test.each<[string, string]>([
    ['1 1/4 cups rubbing alcohol 70 %, 2 cups water', 'cleaner'],
    ['1 cup rubbing alcohol 70 %', 'disinfecting'],
    ['1 cup peroxide 3 %\n1 cup water', 'cleaner'],
    ['1 cup peroxide 3 %\n1 gal water', 'nothing'],
    ['1 cup vinegar\n1 cup water', 'descaler'],
    ['1 cup vinegar\n1 cup peroxide 3 %', 'dangerous'],
    ['1 cup bleach\n1 cup ammonia', 'dangerous'],
    ['1 cup water\n10 drops tea tree oil', 'nothing'],
    ['1 cup water\n1 tbsp colloidal silver', 'nothing'],
    ['1 cup water\n1 tsp dish soap', 'cleaner'],
    ['1 cup rubbing alcohol 70 %\n1 cup peroxide 3 %', 'cleaner'],
    ['1 cup unlabelled bottle\n1 cup vinegar', 'dangerous'],
  ])('%j is %s', (text, name) => expect(judged(text).name).toBe(name));

  test('scents, silver and lemon count for nothing, and it says so', () => {
    expect(
      judged('1 cup rubbing alcohol 75 %\n20 drops tea tree oil').reasons.map(({ code }) => code),
    ).toEqual(expect.arrayContaining(['in-strength', 'counts-for-nothing']));
    expect(judged('1 cup lemon juice').reasons.map(({ code }) => code)).toEqual(
      expect.arrayContaining(['no-active', 'counts-for-nothing']),
    );
  });
  test('a rule that the company has added speaks against a recipe too, in its own words, and against its mending', () => {
    const book = bookWith(
      [
        {
          id: 'own',
          one: 'alcohol',
          other: 'oil',
          by: { vessel: 'never' },
          happens: 'The caps slip.',
          remedy: 'Leave the scent out.',
        },
      ],
      cautiousRules,
    );
    const text = '1 cup rubbing alcohol 75 %\n20 drops tea tree oil';
    expect(judged(text)).toMatchObject({ outcome: 'use', name: 'disinfecting' });
    const { outcome, name, reasons } = judgeFormula(analysed(text), 'disinfect', {
      rules: cautiousRules,
      book,
    });
    expect([outcome, name]).toEqual(['never', 'dangerous']);
    expect(reasons[0]).toMatchObject({
      code: 'must-not-share-a-bottle',
      figures: { rule: 'own', says: { happens: 'The caps slip.' }, severity: 'never' },
      source: 'company rule',
    });
    expect(
      mend(
        readRecipe(text),
        'disinfect',
        { rules: cautiousRules, book },
        { shelf: [], language: 'en' },
      ).changes.map(({ text: mended }) => mended),
    ).toContain('1 cup rubbing alcohol 75 %');
  });
  test('a weak alcohol is refused to disinfect and allowed to clean', () => {
    expect(judged('1 cup rubbing alcohol 70 %, 1 cup water')).toMatchObject({
      outcome: 'never',
      reasons: [{ code: 'below-floor' }],
    });
    expect(judged('1 cup rubbing alcohol 70 %, 1 cup water', 'clean').outcome).toBe('use');
  });
});

describe('what to change', () => {
  const shelf = [
    { active: '2-propanol', strength: 0.99 },
    { active: 'hydrogen peroxide', strength: 0.03 },
  ] as const;
  const mended = (text: string, claim: Claim = 'disinfect') =>
    mend(readRecipe(text), claim, by, { shelf, language: 'en' });
  test.each<[string, Claim, string]>([
    ['300 ml rubbing alcohol 70 %\n500 ml water', 'disinfect', '300 ml rubbing alcohol 70 %'],
    ['1 cup peroxide 3 %\n1 cup vinegar', 'disinfect', '1 cup peroxide 3 %'],
    [
      '120 ml vinegar 5 %\n240 ml water\n15 ml castile soap',
      'descale',
      '120 ml vinegar 5 %\n240 ml water',
    ],
  ])('%j to %s: the smallest change', (text, claim, expected) =>
    expect(mended(text, claim).changes[0]!.text).toBe(expected),
  );
  test('swaps soap for detergent', () =>
    expect(
      mended('1 cup vinegar\n1 cup water\n2 tsp castile soap', 'clean').changes.map(
        ({ code, text }) => [code, text],
      ),
    ).toContainEqual([
      'detergent-for-soap',
      '1 cup vinegar\n1 cup water\n2 tsp washing-up liquid',
    ]));
  test('no change can, where the active does not do that', () => {
    expect(mended('1 cup vinegar\n10 drops tea tree oil')).toEqual({
      changes: [],
      because: 'no-such-active',
    });
    expect(mended('1 cup rubbing alcohol 70 %')).toEqual({ changes: [], because: 'already' });
  });
  test('every change that is offered holds', () => {
    for (const text of [
      '1 cup rubbing alcohol 91 %\n1 cup water\n1 tsp castile soap\n1 cup vinegar',
      '1 cup peroxide 3 %\n3 gal water',
      '1 cup vodka\n1 cup rubbing alcohol 70 %\n1 cup water',
    ]) {
      const { changes } = mended(text);
      expect(changes.length).toBeGreaterThan(0);
      for (const { text: then } of changes) expect(judged(then).outcome).toBe('use');
    }
  });
});

describe('density and strength', () => {
  test.each([-5, 0, 10, 20, 25, 35])('go round within 0.02 %% v/v at %d °C', (t) => {
    for (const alcohol of ['ethanol', '2-propanol'] as const) {
      for (let strength = 0.01; strength < 1; strength += 0.01) {
        const density = densityAt(alcohol, massFraction(alcohol, strength), t);
        expect(Math.abs(strengthFromDensity(alcohol, density, t)! - strength)).toBeLessThan(0.0002);
      }
    }
  });
  // OIML R 22 (memory): 70 % v/v weighs 0.88556 g/mL at 20 °C.
  test('885.56 kg/m³ at 20 °C is 70 % ethanol; nothing weighs 700 or 1100', () => {
    expect(strengthFromDensity('ethanol', 885.56, 20)! * 100).toBeCloseTo(70, 1);
    expect(strengthFromDensity('ethanol', 700, 20)).toBeUndefined();
    expect(strengthFromDensity('ethanol', 1100, 20)).toBeUndefined();
  });
});

describe('how sure', () => {
  const span = { floor: 0.7, top: 0.9 };
  const portions = (text: string) => measured(text);
  test('the same seed gives the same answer; a wider margin is surer', () => {
    const tight = portions('335 ml rubbing alcohol 99 %\n151 ml water');
    const wide = portions('375 ml rubbing alcohol 99 %\n110 ml water');
    expect(chanceOfStrength(tight, 'alcohol', span, { draws: 2000, seed: 7 })).toEqual(
      chanceOfStrength(tight, 'alcohol', span, { draws: 2000, seed: 7 }),
    );
    const [a, b] = [tight, wide].map(
      (one) => chanceOfStrength(one, 'alcohol', span, { draws: 4000, seed: 1 }).within,
    );
    expect(a! / 4000).toBeGreaterThan(0.35);
    expect(a! / 4000).toBeLessThan(0.65);
    expect(b! / 4000).toBeGreaterThan(0.95);
  });
  // With one deviation of 15 % in what is filled by eye and none elsewhere, the spread is the
  // derivative times it.
  test('names what matters most: what is filled by eye, then the stock', () => {
    expect(
      strongestLever(
        portions('500 ml bottle\nfill to 3/4 with rubbing alcohol 91 %\ntop up with water'),
        'alcohol',
      ),
    ).toMatchObject({ by: 'amount' });
    expect(strongestLever(portions('500 g peroxide 3 %'), 'peroxide')).toMatchObject({
      by: 'stock',
      moves: expect.closeTo(0.0015, 4),
    });
  });
});
