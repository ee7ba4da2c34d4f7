import fc from 'fast-check';
import {
  analyseRecipe,
  chanceOfStrength,
  doubtOfTare,
  portionsOf,
  putRight,
  readRecipe,
  alcoholDensity,
  dilute,
  inMillilitres,
  litres,
  madeUpTo,
  massFraction,
  millilitres,
  nameOf,
  pourTogether,
  shelfLife,
  volumeFraction,
  cautiousBook,
  cautiousRules,
  judgeBatchTarget,
} from '../src/index.ts';
import { ethanolDensity } from '../src/solutions/ethanolDensity.ts';
import { propanolDensity } from '../src/solutions/propanolDensity.ts';

describe('density of ethanol and water (OIML R 22)', () => {
  // Values the general formula gives, to 0.001 kg/m³.
  test.each([
    [0, 20, 998.201],
    [0.5, 20, 913.771],
    [1, 20, 789.239],
    [0.5, 15, 917.711],
    [0.5, 25, 909.77],
  ])('mass fraction %d at %d °C is %d kg/m³', (p, t, expected) => {
    expect(Math.abs(ethanolDensity(p, t) - expected)).toBeLessThanOrEqual(0.001);
  });

  // OIML R 22, tabulated at 20 °C (memory): % v/v, g/mL, % w/w.
  test.each([
    [40, 0.94805, 33.3],
    [50, 0.93014, 42.43],
    [70, 0.88556, 62.39],
    [80, 0.85927, 73.48],
    [90, 0.82918, 85.66],
    [95, 0.81138, 92.41],
    [96, 0.80742, 93.84],
  ])('%d %% v/v weighs %d g/mL and is %d %% w/w', (volume, density, weight) => {
    const p = massFraction('ethanol', volume / 100);
    expect(Math.abs(p * 100 - weight)).toBeLessThanOrEqual(0.005);
    expect(Math.abs(ethanolDensity(p) / 1000 - density)).toBeLessThanOrEqual(0.0001);
  });

  test('mass fraction 0.6 is 67.74 % v/v', () => {
    expect(volumeFraction('ethanol', 0.6) * 100).toBeCloseTo(67.74, 2);
  });

  test.each([-0.01, 1.01, NaN])('refuses a mass fraction of %d', (p) => {
    expect(() => ethanolDensity(p)).toThrow(RangeError);
  });

  test('refuses a temperature outside the tables', () => {
    expect(() => ethanolDensity(0.5, 41)).toThrow(/-20 to 40/);
  });
});

describe('density of 2-propanol and water (Perry, memory)', () => {
  test.each([
    [0, 998.2],
    [0.1, 982.4],
    [0.3, 952],
    [0.5, 906.9],
    [0.9, 809.6],
    [1, 785.4],
  ])('passes through the table at %d', (p, expected) => {
    expect(propanolDensity(p)).toBeCloseTo(expected, 9);
  });

  test('falls all the way, as the table does', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 0.999, noNaN: true }),
        (p) => propanolDensity(p) > propanolDensity(p + 0.001),
      ),
    );
  });

  // USP, Isopropyl Rubbing Alcohol (memory): 68 to 72 % v/v has a specific gravity of 0.872 to
  // 0.883.
  test('70 % v/v lies in the pharmacopoeia’s window', () => {
    const gravity = alcoholDensity('2-propanol', massFraction('2-propanol', 0.7)) / 998.2;
    expect(gravity).toBeGreaterThan(0.872);
    expect(gravity).toBeLessThan(0.883);
  });
});

describe('pouring together', () => {
  // OIML R 22 (computed), textbook 96.4.
  test('50 mL ethanol and 50 mL water make 96.46 mL of 51.8 %', () => {
    const lot = pourTogether('ethanol', [
      { strength: 1, volume: millilitres(50) },
      { strength: 0, volume: millilitres(50) },
    ]);
    expect(inMillilitres(lot.volume)).toBeCloseTo(96.46, 2);
    expect(lot.strength * 100).toBeCloseTo(51.8, 1);
  });

  // Density table (computed): equal volumes with water.
  test.each([
    [70, 35.6, 1.7],
    [91, 46.7, 2.7],
    [99, 51.1, 3.1],
  ])('%d %% 2-propanol and as much water is %d %%, %d %% smaller', (from, to, less) => {
    const lot = pourTogether('2-propanol', [
      { strength: from / 100, volume: litres(1) },
      { strength: 0, volume: litres(1) },
    ]);
    expect(lot.strength * 100).toBeCloseTo(to, 1);
    expect(lot.contraction * 100).toBeCloseTo(less, 1);
  });

  test('never gives a strength outside its parts, and the order does not matter', () => {
    const lot = fc.record({
      strength: fc.double({ min: 0, max: 1, noNaN: true }),
      volume: fc.double({ min: 1e-6, max: 1e-2, noNaN: true }),
    });
    fc.assert(
      fc.property(
        fc.constantFrom('ethanol' as const, '2-propanol' as const),
        fc.array(lot, { minLength: 1, maxLength: 6 }),
        (alcohol, lots) => {
          const there = pourTogether(alcohol, lots);
          const back = pourTogether(alcohol, [...lots].reverse());
          expect(there.strength).toBeGreaterThanOrEqual(
            Math.min(...lots.map((l) => l.strength)) - 1e-9,
          );
          expect(there.strength).toBeLessThanOrEqual(
            Math.max(...lots.map((l) => l.strength)) + 1e-9,
          );
          expect(back.strength).toBeCloseTo(there.strength, 9);
          expect(back.volume).toBeCloseTo(there.volume, 12);
        },
      ),
    );
  });
});

describe('diluting', () => {
  // Density tables (computed): per litre of 70 % v/v.
  test.each([
    ['2-propanol' as const, 0.99, 707.1, 318],
    ['ethanol' as const, 0.95, 736.8, 288],
  ])(
    '%s from %d to 70 %% takes %d mL and %d mL of water a litre',
    (active, stock, alcohol, water) => {
      const pour = dilute(active, stock, 0.7, litres(1));
      expect(inMillilitres(pour.stock)).toBeCloseTo(alcohol, 1);
      expect(Math.round(inMillilitres(pour.water))).toBe(water);
      expect(pour.contraction).toBeGreaterThan(0.02);
    },
  );

  // CDC-2008 (memory): 3 % peroxide one to one is 1.5 %.
  test('3 % peroxide one to one with water is 1.5 %', () => {
    const pour = dilute('hydrogen peroxide', 0.03, 0.015, litres(1));
    expect(inMillilitres(pour.stock)).toBeCloseTo(500, 6);
    expect(inMillilitres(pour.water)).toBeCloseTo(500, 6);
  });

  test('straight from the stock takes no water', () => {
    expect(dilute('2-propanol', 0.7, 0.7, litres(1)).water).toBe(0);
  });

  // WHO, Guide to Local Production (memory): both handrub formulations, made up to 10 L. The
  // published 1.45 % counts the 98 % glycerol as whole, so the check allows 2.1 %.
  test.each([
    ['ethanol 96 %', 8333, 0.96, 0.8],
    ['2-propanol 99.8 %', 7515, 0.998, 0.75],
    ['peroxide 3 %', 417, 0.03, 0.00125],
    ['glycerol 98 %', 145, 0.98, 0.0145],
  ])('WHO handrub: %s', (_, volume, strength, expected) => {
    const made = madeUpTo(litres(10), millilitres(volume), strength);
    expect(Math.abs(made - expected) / expected).toBeLessThan(0.021);
  });

  // CDC-home (memory): 4 teaspoons of 5.25 % bleach a quart, 5 tablespoons a gallon.
  test.each([
    [4 * 4.92892, 946.353],
    [5 * 14.7868, 3785.412],
  ])('%d mL of bleach in %d mL is about 1000 ppm', (bleach, water) => {
    const made = madeUpTo(millilitres(bleach + water), millilitres(bleach), 0.0525);
    expect(made).toBeGreaterThan(0.00098);
    expect(made).toBeLessThan(0.0011);
  });

  test('refuses a target over the stock, and one of nothing', () => {
    expect(() => dilute('ethanol', 0.7, 0.8, litres(1))).toThrow(RangeError);
    expect(() => dilute('ethanol', 0.7, 0, litres(1))).toThrow(RangeError);
  });

  test('scaling a batch scales what is poured', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.02, max: 50, noNaN: true }), (k) => {
        const [one, many] = [
          dilute('2-propanol', 0.99, 0.7, litres(1)),
          dilute('2-propanol', 0.99, 0.7, litres(k)),
        ];
        expect(many.stock / one.stock).toBeCloseTo(k, 6);
        expect(many.water / one.water).toBeCloseTo(k, 6);
      }),
    );
  });
});

describe('what a batch may be called', () => {
  const now = 0;
  const propanol = { active: '2-propanol' as const, strength: 0.7, expiresAt: 1 };

  test('half and half of 70 % alcohol is refused for disinfecting, and is a cleaner', () => {
    const verdict = judgeBatchTarget(propanol, 0.35, 'disinfect', {
      rules: cautiousRules,
      now: now,
      book: cautiousBook,
    });
    expect(verdict.outcome).toBe('never');
    expect(verdict.reasons[0]!.code).toBe('below-floor');
    expect(verdict.name).toBe('a cleaner');
    expect(
      judgeBatchTarget(propanol, 0.35, 'clean', {
        rules: cautiousRules,
        now: now,
        book: cautiousBook,
      }).outcome,
    ).toBe('use');
  });

  test('a target over the stock and a stock past its date are refused', () => {
    expect(
      judgeBatchTarget(propanol, 0.8, 'clean', {
        rules: cautiousRules,
        now: now,
        book: cautiousBook,
      }).reasons.map((r) => r.code),
    ).toContain('stronger-than-stock');
    expect(
      judgeBatchTarget(propanol, 0.7, 'disinfect', {
        rules: cautiousRules,
        now: 2,
        book: cautiousBook,
      }).reasons.map((r) => r.code),
    ).toContain('stock-expired');
  });

  test.each([
    ['hydrogen peroxide' as const, 0.03, 'of disinfecting strength'],
    ['hydrogen peroxide' as const, 0.005, 'a cleaner'],
    ['acetic acid' as const, 0.05, 'a cleaner and descaler'],
    ['ethanol' as const, 0.95, 'a cleaner'],
  ])('%s at %d is %s', (active, strength, name) => {
    expect(nameOf(active, strength, cautiousRules)).toBe(name);
  });

  // Common practice, no source: diluted peroxide is discarded the same day.
  test.each([
    ['peroxide' as const, 0.015, true, 1],
    ['peroxide' as const, 0.03, false, 30],
    ['vinegar' as const, 0.025, true, 7],
    ['alcohol' as const, 0.7, true, 730],
    ['alcohol' as const, 0.35, true, 7],
  ])('%s at %d (diluted: %s) keeps %d days', (family, strength, diluted, days) => {
    expect(shelfLife(family, strength, diluted).seconds).toBe(days * 86_400);
  });
});

// Common practice, no source: what stands on the scale when it is set to zero.
test.each([
  [-0.453, 'below-zero'],
  [0, 'no-bottle'],
  [0.009, 'no-bottle'],
  [0.048, null],
  [0.23, null],
  [0.24, 'not-empty'],
  [0.6, 'not-empty'],
])('%d kg on the scale for a bottle of 0.464 kg: %s', (onScale, doubt) =>
  expect(doubtOfTare(onScale, 0.464)).toBe(doubt),
);

describe('putting a batch right', () => {
  // Arithmetic: half a litre of 2 % and x of 6 % make 3 % where x is a third of half a litre.
  test('peroxide by volume', () => {
    expect(
      inMillilitres(
        putRight({
          active: 'hydrogen peroxide',
          stock: 0.06,
          measured: 0.02,
          meant: 0.03,
          volume: litres(0.5),
        })!.volume,
      ),
    ).toBeCloseTo(166.7, 1);
    expect(
      putRight({
        active: 'hydrogen peroxide',
        stock: 0.06,
        measured: 0.06,
        meant: 0.03,
        volume: litres(0.5),
      }),
    ).toMatchObject({
      add: 'water',
      volume: expect.closeTo(litres(0.5), 6),
    });
  });
  test('a stock that is no stronger than what was meant puts nothing right; what is right needs nothing', () => {
    expect(
      putRight({
        active: 'hydrogen peroxide',
        stock: 0.03,
        measured: 0.02,
        meant: 0.03,
        volume: litres(0.5),
      }),
    ).toBeNull();
    expect(
      putRight({
        active: '2-propanol',
        stock: 0.99,
        measured: 0.7,
        meant: 0.7,
        volume: litres(0.5),
      }),
    ).toBeNull();
  });
  test('alcohol by mass: what is in it afterwards is what was meant', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('ethanol' as const, '2-propanol' as const),
        fc.double({ min: 0.3, max: 0.95, noNaN: true }),
        fc.double({ min: 0.5, max: 0.8, noNaN: true }),
        (active, measured, meant) => {
          const stock = 0.96;
          const right = putRight({ active, stock, measured, meant, volume: litres(1) });
          if (!right) return;
          const mass = (strength: number, volume: number) =>
            volume * alcoholDensity(active, massFraction(active, strength));
          const batch = mass(measured, litres(1));
          const [added, inIt] =
            right.add === 'stock'
              ? [mass(stock, right.volume), massFraction(active, stock)]
              : [right.volume * 998.2, 0];
          const whole = (batch * massFraction(active, measured) + added * inIt) / (batch + added);
          expect(Math.abs(whole - massFraction(active, meant))).toBeLessThan(1e-4);
        },
      ),
    );
  });
});

describe('very small portions', () => {
  test('half a gram has a chance, too: nothing throws, and every draw is counted', () => {
    const measured = portionsOf(readRecipe('0.5 g citric acid\n1 cup rubbing alcohol 70 %'));
    if (!measured.ok) throw new Error('it reads');
    const { below, within, above, draws } = chanceOfStrength(
      measured.portions,
      'alcohol',
      { floor: 0.7, top: 0.9 },
      { draws: 1000, seed: 1 },
    );
    expect(below + within + above).toBe(draws);
  });
  test('what is used up is at most all of it', () => {
    const { verdict } = analyseRecipe('0.5 g castile soap\n1 cup vinegar', 'clean', {
      rules: cautiousRules,
      book: cautiousBook,
    });
    const split = verdict.reasons.flatMap((reason) =>
      reason.code === 'soap-split' ? [reason.figures.spent, reason.figures.spentWith] : [],
    );
    expect(split).toHaveLength(2);
    for (const spent of split) {
      expect(spent).toBeGreaterThanOrEqual(0);
      expect(spent).toBeLessThanOrEqual(1);
    }
  });
});
