import {
  cautiousRules,
  coatHoldsIn,
  measurableAir,
  usualAir,
  type MeasuredAir,
  type Situation,
} from '../src/index.ts';

const rooms = (['bath', 'hall'] as const).map((id) => ({
  id,
  name: id,
  floorArea: 6,
  height: 2.5,
  ventilation: 'window' as const,
  flame: 'no' as const,
  surfaces: [],
}));
const alcohol = {
  active: '2-propanol',
  strength: 0.7,
  application: 'spray',
  seconds: 120,
} as const;
const peroxide = { ...alcohol, active: 'hydrogen peroxide', strength: 0.03, seconds: 600 } as const;
const asked = rooms.map(({ id }) => ({
  id,
  surfaces: [
    { id: `${id} tap`, against: 'everyday', treatment: alcohol },
    { id: `${id} basin`, against: 'everyday', treatment: peroxide },
  ],
}));
const holds = (air?: MeasuredAir, lives: Situation[] = []) =>
  coatHoldsIn(
    asked as unknown as Parameters<typeof coatHoldsIn>[0],
    { situations: lives, rooms },
    cautiousRules,
    new Map(air ? [['bath', air]] : []),
  );

test.each<[string, MeasuredAir, MeasuredAir]>([
  ['bath tap', { temperature: 26, humidity: 0.5 }, { temperature: 18, humidity: 0.5 }],
  ['bath basin', { temperature: 26, humidity: 0.5 }, { temperature: 18, humidity: 0.5 }],
  ['bath basin', { temperature: 21, humidity: 0.2 }, { temperature: 21, humidity: 0.8 }],
  // In moist air the alcohol goes and the water stays: too weak sooner.
  ['bath tap', { temperature: 21, humidity: 0.8 }, { temperature: 21, humidity: 0.2 }],
])('on the %s a coat at %p holds shorter than at %p', (surface, short, long) => {
  expect(holds(short)[surface]).toBeLessThan(holds(long)[surface]!);
});

test('only the room that was measured goes by it, and nobody guesses air that nobody measured', () => {
  const warm = holds({ temperature: 30, humidity: 0.3 });
  expect(warm['hall tap']).toBe(holds()['hall tap']);
  expect(warm['bath tap']).toBeLessThan(warm['hall tap']!);
});

test('what the instruments may be wrong by is taken against the coat', () => {
  const { temperature, humidity } = usualAir.window;
  const measured = holds({ temperature, humidity });
  for (const surface of ['bath tap', 'bath basin']) {
    expect(measured[surface]).toBeLessThan(holds()[surface]!);
    const warmer = holds({ temperature: temperature + 3, humidity });
    expect(measured[surface]).toBeGreaterThan(warmer[surface]!);
  }
});

test('over a heated floor it is warmer than the thermometer on the wall shows', () => {
  const air = { temperature: 21, humidity: 0.5 };
  expect(holds(air, ['floor-heating'])['bath tap']).toBeLessThan(holds(air)['bath tap']!);
});

test('every air that may be measured has a coat that holds for some time', () => {
  const { temperature: t, humidity: h } = measurableAir;
  for (const temperature of [t.least, 10, 25, t.most])
    for (const humidity of [h.least, 0.5, h.most]) {
      const held = holds({ temperature, humidity })['bath tap']!;
      expect(Number.isInteger(held)).toBe(true);
      expect(held).toBeGreaterThan(5);
    }
});
