import {
  activeIn,
  breathe,
  coats,
  components,
  dryingCurve,
  judgeAir,
  peroxidePressureOver,
  roomOfAir,
  usualAir,
  vapourCurve,
  type GenericActive,
  type Situation,
  type Ventilation,
} from '../src/index.ts';

const room = (volume: number, ventilation: Ventilation, lives: Situation[] = []) =>
  roomOfAir({ ventilation, floorArea: volume / 2.5, height: 2.5 }, { situations: lives });

describe('a film counts until it is dry', () => {
  // Worked, mass balance: 1 m² of 50 µm of 70 % 2-propanol in 10 m³, window open (4 an hour), dried
  // whole: about 620 ppm.
  test('1 m² of 70 % 2-propanol in 10 m³ with the window open is about 620 ppm over a quarter of an hour, and does not fit', () => {
    const air = breathe(
      '2-propanol',
      { strength: 0.7, application: 'spray', area: 1, coatsOn: 1, required: 120 },
      room(10, 'window'),
    );
    expect(Math.abs(air.shortTerm - 620)).toBeLessThan(30);
    expect(judgeAir('2-propanol', air)).toMatchObject({ code: 'air-over-limit', outcome: 'never' });
  });

  test('the same coat over a longer length of surface is another coat: neither answers for the other', () => {
    const usual = room(10, 'none');
    const [short, long] = [0.3, 3].map((length) =>
      breathe(
        'hydrogen peroxide',
        { strength: 0.03, application: 'spray', area: 1, coatsOn: 1, required: 120 },
        { ...usual, air: { ...usual.air, length } },
      ),
    );
    expect(long!.peak).toBeLessThan(short!.peak);
  });

  test('what is wiped early still dries in the room: the required time changes nothing for alcohol', () => {
    const [short, long] = [60, 600].map((required) =>
      breathe(
        'ethanol',
        { strength: 0.7, application: 'spray', area: 0.5, coatsOn: 1, required },
        room(20, 'window'),
      ),
    );
    expect(short!.shortTerm).toBeCloseTo(long!.shortTerm, 9);
  });

  test.each<[GenericActive, number]>([
    ['2-propanol', 0.7],
    ['ethanol', 0.8],
    ['2-propanol', 0.9],
  ])(
    '%s at %d: what is in the air of a closed room is what was in the film, within 0.1 %%',
    (active, strength) => {
      const film = { active, strength, thickness: coats.spray };
      const whole = activeIn(film) / components[active].molarMass;
      // A room without any change of air keeps all of it: its last figure is the whole film.
      const air = breathe(
        active,
        { strength, application: 'spray', area: 1, coatsOn: 1, required: 120 },
        room(10, 'none'),
      );
      const { times, gone } = dryingCurve(film, usualAir.none, 0);
      const curve = vapourCurve(
        active,
        [
          {
            area: 1,
            at: 0,
            drying: { times: [...times, times.at(-1)! + 30], gone: [...gone, activeIn(film)] },
          },
        ],
        10,
        0,
      );
      const mol = (curve.ppm.at(-1)! / 1e6) * 10 * (1000 / 24.06);
      expect(Math.abs(mol / whole - 1)).toBeLessThan(0.001);
      expect(air.peak).toBeLessThanOrEqual(curve.ppm.at(-1)! * 1.001);
    },
  );
});

describe('peroxide in the air', () => {
  // Sander-2015: 8.3e4 mol/(L atm) at 25 °C, 7,400 K: 7.6 ppm over 3 % at 21 °C; Raoult gives about
  // four times that.
  test('over 3 % at 21 °C it is 7.6 ppm', () => {
    const x = (0.03 * 1000) / 34.015 / (998.2 / 18.015);
    expect((peroxidePressureOver(21)(x) / 101_325) * 1e6).toBeCloseTo(7.6, 0);
  });
  test('over the pure substance it is Raoult’s, and never more than that', () => {
    const over = peroxidePressureOver(25);
    const pure = 10 ** (7.96917 - 1886.76 / (220.6 + 25)) * 133.322;
    expect(over(1)).toBeCloseTo(pure, 6);
    for (let x = 0.01; x < 1; x += 0.01) expect(over(x)).toBeLessThanOrEqual(x * pure * (1 + 1e-9));
  });
  test('a film grows stronger as its water leaves, and that is carried through', () => {
    const { strength, gone, times } = dryingCurve(
      { active: 'hydrogen peroxide', strength: 0.03, thickness: 50e-6 },
      usualAir.window,
      0,
    );
    expect(Math.max(...strength)).toBeGreaterThan(0.06);
    const rate = (from: number, to: number) =>
      (gone[to]! - gone[from]!) / (times[to]! - times[from]!);
    expect(rate(times.length - 3, times.length - 2)).toBeGreaterThan(rate(0, 1));
  });
  // UK EH40: 2 ppm over a quarter of an hour.
  test('a little fits, much in a closed room does not', () => {
    const at = (area: number, volume: number) =>
      judgeAir(
        'hydrogen peroxide',
        breathe(
          'hydrogen peroxide',
          { strength: 0.03, application: 'spray', area, coatsOn: 1, required: 600 },
          room(volume, 'none'),
        ),
      );
    expect(at(0.4, 20).outcome).toBe('use');
    expect(at(12, 8)).toMatchObject({ outcome: 'never', source: expect.stringContaining('EH40') });
  });
});

describe('stricter figures', () => {
  // ACGIH: 2-propanol 200 and 400 ppm, ethanol 1,000 over a quarter of an hour.
  test('between ACGIH’s and NIOSH’s limit it is a Care, and says whose figure decides', () => {
    const air = { shortTerm: 450, day: 20, peak: 600, explosive: 0.03, reentry: 0 };
    expect(judgeAir('2-propanol', air)).toMatchObject({
      outcome: 'care',
      code: 'air-over-stricter',
      source: expect.stringContaining('ACGIH'),
      figures: { limit: 400 },
    });
    expect(judgeAir('2-propanol', { ...air, shortTerm: 510 }).outcome).toBe('never');
    expect(judgeAir('2-propanol', { ...air, shortTerm: 100 }).outcome).toBe('use');
  });
});

test('a heated floor makes the room warmer, and a coat holds for less', () => {
  expect(room(20, 'window', ['floor-heating']).air.temperature).toBe(
    room(20, 'window').air.temperature + 5,
  );
});
