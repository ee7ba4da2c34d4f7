import fc from 'fast-check';
import {
  genericFacts,
  basisOf,
  chanceOfHolding,
  components,
  dryingCurve,
  holdsFor,
  mixed,
  rewetsFor,
  usualAir,
  vapourCurve,
  type GenericActive,
  type Film,
  type RoomAir,
} from '../src/index.ts';

const air: RoomAir = { temperature: 20, humidity: 0.5, airSpeed: 0.1, length: 0.3 };
const film = (active: GenericActive, strength: number, microns = 50): Film => ({
  active,
  strength,
  thickness: microns * 1e-6,
});

describe('a drying film', () => {
  // ASHRAE, natatoriums, after Carrier (memory): W = (pw - pa)(0.089 + 0.0782 v)/Y in kPa, m/s,
  // kJ/kg.
  test.each([
    [20, 0.5, 0.1],
    [25, 0.4, 0.2],
    [15, 0.7, 0.1],
  ])(
    'water at %d °C, %d humidity and %d m/s leaves at 0.3 to 1.5 times the pool formula',
    (temperature, humidity, airSpeed) => {
      const { times, mass } = dryingCurve(
        film('hydrogen peroxide', 0),
        { ...air, temperature, humidity, airSpeed },
        0,
      );
      const flux = (mass[0]! - mass[20]!) / times[20]!;
      const saturated = (10 ** (8.07131 - 1730.63 / (233.426 + temperature)) * 133.322) / 1000;
      const pool = (saturated * (1 - humidity) * (0.089 + 0.0782 * airSpeed)) / 2454;
      expect(flux / pool).toBeGreaterThan(0.3);
      expect(flux / pool).toBeLessThan(1.5);
    },
  );

  test('halving the step moves results by less than 0.5 %', () => {
    for (const [one, floor] of [
      [film('2-propanol', 0.7), 0.6],
      [film('ethanol', 0.8), 0.6],
      [film('hydrogen peroxide', 0.03), 0.0075],
      [film('acetic acid', 0.05), 0],
    ] as const) {
      const [coarse, fine] = [
        dryingCurve(one, air, floor),
        dryingCurve(one, air, floor, { step: 0.03 }),
      ];
      expect(Math.abs(coarse.wetUntil / fine.wetUntil - 1)).toBeLessThan(0.005);
      expect(Math.abs(coarse.aboveFloorUntil / fine.aboveFloorUntil - 1)).toBeLessThan(0.005);
      expect(Math.abs(holdsFor(one, air, floor) / fine.aboveFloorUntil - 1)).toBeLessThan(0.01);
    }
  });

  test('alcohol falls below its floor long before it is dry; peroxide only gains', () => {
    const alcohol = dryingCurve(film('2-propanol', 0.7), air, 0.6);
    expect(alcohol.aboveFloorUntil).toBeLessThan(alcohol.wetUntil / 3);
    const peroxide = dryingCurve(film('hydrogen peroxide', 0.03), air, 0.0075);
    expect(peroxide.aboveFloorUntil).toBe(peroxide.wetUntil);
    expect(peroxide.strength[40]!).toBeGreaterThan(0.03);
  });

  test('nothing is lost: what is not on the surface is in the air', () => {
    const { mass, strength, gone } = dryingCurve(film('2-propanol', 0.7), air, 0.6);
    const { toWeight } = basisOf('2-propanol');
    const start = mass[0]! * toWeight(strength[0]!);
    [10, 60, 120].forEach((i) =>
      expect(gone[i]! + mass[i]! * toWeight(strength[i]!)).toBeCloseTo(start, 6),
    );
  });

  test('thicker, cooler, damper and stiller holds longer', () => {
    const base = holdsFor(film('2-propanol', 0.7), air, 0.6);
    expect(holdsFor(film('2-propanol', 0.7, 80), air, 0.6)).toBeGreaterThan(base * 1.5);
    expect(holdsFor(film('2-propanol', 0.7), { ...air, temperature: 14 }, 0.6)).toBeGreaterThan(
      base,
    );
    expect(holdsFor(film('2-propanol', 0.7), { ...air, airSpeed: 0.4 }, 0.6)).toBeLessThan(
      base * 0.6,
    );
    expect(
      holdsFor(film('hydrogen peroxide', 0.03), { ...air, humidity: 0.8 }, 0.0075),
    ).toBeGreaterThan(holdsFor(film('hydrogen peroxide', 0.03), air, 0.0075) * 1.5);
  });

  test('a stronger film never falls below the floor sooner', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.61, max: 0.9, noNaN: true }),
        fc.double({ min: 0, max: 0.09, noNaN: true }),
        (strength, more) => {
          expect(
            holdsFor(film('2-propanol', Math.min(0.9, strength + more)), air, 0.6),
          ).toBeGreaterThanOrEqual(holdsFor(film('2-propanol', strength), air, 0.6) * 0.999);
        },
      ),
      { numRuns: 60 },
    );
  });

  test('a surface that cools holds longer, and not colder than the wet bulb allows', () => {
    const cooled = dryingCurve(film('2-propanol', 0.7), air, 0.6, {
      under: { heatCapacity: 8000 },
    });
    expect(cooled.aboveFloorUntil).toBeGreaterThan(
      dryingCurve(film('2-propanol', 0.7), air, 0.6).aboveFloorUntil,
    );
    expect(cooled.coolest).toBeGreaterThan(5);
    expect(cooled.coolest).toBeLessThan(20);
  });

  test.each<[Partial<Film>, Partial<RoomAir>]>([
    [{ thickness: 0 }, {}],
    [{ strength: 1.2 }, {}],
    [{}, { humidity: 1.3 }],
    [{}, { temperature: 60 }],
    [{}, { airSpeed: -1 }],
    [{}, { length: 0 }],
  ])('refuses %j in %j, and says what is allowed', (wrongFilm, wrongAir) => {
    expect(() =>
      dryingCurve({ ...film('ethanol', 0.7), ...wrongFilm }, { ...air, ...wrongAir }, 0.6),
    ).toThrow(/allowed/);
  });
});

describe('re-wetting', () => {
  test.each([
    [600, 600, 0],
    [200, 120, 0],
    [100, 120, 1],
    [100, 200, 2],
    [50, 120, 2],
    [175, 600, 3],
  ])('a coat that holds %d s is renewed for %d s: %d times', (holds, required, count) => {
    const { at, every, count: found } = rewetsFor(holds, required);
    expect(found).toBe(count);
    expect(at).toHaveLength(count);
    if (count > 0) expect(at.at(-1)! + holds).toBeGreaterThanOrEqual(required);
    expect(every).toBeLessThanOrEqual(holds);
  });
});

describe('how sure a coat holds', () => {
  const alcohol = film('2-propanol', 0.7);
  test('the same seed, the same answer; a longer time is less sure', () => {
    expect(
      chanceOfHolding(alcohol, air, { floor: 0.6, needed: 120, coats: 1 }, { draws: 500, seed: 3 }),
    ).toEqual(
      chanceOfHolding(alcohol, air, { floor: 0.6, needed: 120, coats: 1 }, { draws: 500, seed: 3 }),
    );
    const held = [90, 120, 170, 240].map(
      (needed) =>
        chanceOfHolding(alcohol, air, { floor: 0.6, needed, coats: 1 }, { draws: 1000, seed: 1 })
          .held,
    );
    expect(held).toEqual([...held].sort((a, b) => b - a));
    expect(held[2]).toBeGreaterThan(250);
    expect(held[2]).toBeLessThan(750);
  });
  test('it names what matters most', () => {
    expect(
      chanceOfHolding(alcohol, air, { floor: 0.6, needed: 120, coats: 1 }, { draws: 10, seed: 1 }),
    ).toMatchObject({ lever: 'coat' });
  });
});

describe('vapour in a room', () => {
  const steady = (perSecond: number) => ({
    area: 1,
    at: 0,
    drying: { times: [0, 36_000], gone: [0, perSecond * 36_000] },
  });
  // Mass balance, closed form: C(t) = G/Q (1 - exp(-Q t/V)).
  test.each([
    [10, 4],
    [30, 0.5],
    [12, 6],
  ])(
    'a steady source in %d m³ with %d changes an hour follows the closed form',
    (volume, changes) => {
      const perSecond = 1e-6;
      const { ppm } = vapourCurve('ethanol', [steady(perSecond)], volume, changes);
      for (const i of [30, 120, 360]) {
        const t = i * 10;
        const rate = changes / 3600;
        const expected =
          (perSecond / components.ethanol.molarMass / (rate * volume)) * (1 - Math.exp(-rate * t));
        expect(ppm[i]! / (((expected * 24.06) / 1000) * 1e6)).toBeCloseTo(1, 3);
      }
    },
  );
  test('without air changes everything stays, and a step is exact however it is cut', () => {
    expect(mixed(1, 2, 0, 10)).toBe(21);
    expect(mixed(mixed(1, 2, 3, 300), 2, 3, 300)).toBeCloseTo(mixed(1, 2, 3, 600), 9);
  });
  // NIOSH (memory).
  test('limits stand as published', () => {
    expect(genericFacts['2-propanol'].air).toEqual({
      shortTerm: 500,
      day: 400,
      dangerous: 2000,
      explosive: 0.02,
      stricter: { shortTerm: 400, day: 200 },
    });
    expect(genericFacts['acetic acid'].air).toMatchObject({
      shortTerm: 15,
      day: 10,
      dangerous: 50,
    });
    // UK EH40 over a quarter of an hour; NIOSH for the day.
    expect(genericFacts['hydrogen peroxide'].air).toMatchObject({
      shortTerm: 2,
      day: 1,
      dangerous: 75,
    });
    expect(genericFacts.ethanol.air).toMatchObject({
      shortTerm: null,
      day: 1000,
      dangerous: 3300,
      explosive: 0.033,
    });
  });
  test('more area, less room and less air never make it better; opening a window brings re-entry nearer', () => {
    const drying = dryingCurve(film('2-propanol', 0.7), air, 0.6);
    const worst = (area: number, volume: number, changes: number) =>
      vapourCurve('2-propanol', [{ area, at: 0, drying }], volume, changes);
    expect(worst(1, 10, 1).shortTerm).toBeGreaterThan(worst(0.5, 10, 1).shortTerm);
    expect(worst(1, 10, 1).shortTerm).toBeGreaterThan(worst(1, 20, 1).shortTerm);
    expect(worst(1, 10, 4).shortTerm).toBeLessThan(worst(1, 10, 1).shortTerm);
    expect(worst(1, 10, 4).reentry).toBeLessThan(worst(1, 10, 1).reentry);
    expect(worst(1, 10, 4).explosive).toBeLessThan(0.1);
  });
  test('half a square metre of 70 % 2-propanol in a closed 10 m³ bathroom is over the short-term limit, and under it with the window open', () => {
    const drying = dryingCurve(film('2-propanol', 0.7), usualAir.none, 0.6);
    expect(
      vapourCurve('2-propanol', [{ area: 0.6, at: 0, drying }], 10, 0.3).shortTerm,
    ).toBeGreaterThan(500);
    expect(vapourCurve('2-propanol', [{ area: 0.6, at: 0, drying }], 10, 4).shortTerm).toBeLessThan(
      500,
    );
  });
  test.each([
    [0, 1],
    [-3, 1],
    [10, -1],
  ])('refuses %d m³ with %d changes', (volume, changes) =>
    expect(() => vapourCurve('ethanol', [], volume, changes)).toThrow(/allowed/),
  );
});
