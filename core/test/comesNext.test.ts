import fc from 'fast-check';
import { comesNext, levels, type InTurn } from '../src/index.ts';

interface Named extends InTurn {
  name: string;
}

/** "bath hand basin 600": room, level, name and wait; "+" begun, "-" wet or done, "*" works by itself. */
const stop = (told: string): Named => {
  const [roomId, level, name, seconds, how] = `${told} `.split(' ') as [
    string,
    string,
    string,
    string,
    string,
  ];
  const at = { roomId, level: level as InTurn['level'], name, seconds: Number(seconds) };
  return { ...at, lies: how === '*', begun: how !== '' && how !== '*', open: how !== '-' };
};
const order = (here: string | null, ...told: string[]): string =>
  comesNext(told.map(stop), here)
    .map(({ name }) => name)
    .join(' ');

test.each<[string, string | null, string[], string]>([
  ['high to low', null, ['bath floor floor 0', 'bath above vent 0'], 'vent floor'],
  [
    'toilet after the basin, floor last, whatever waits longer',
    null,
    ['bath floor floor 900', 'bath toilet seat 600', 'bath hand basin 60'],
    'basin seat floor',
  ],
  [
    'of one height the longest wait first',
    null,
    ['hall hand switch 0', 'hall hand rail 600', 'hall hand handle 120'],
    'rail handle switch',
  ],
  [
    'the room with the longest wait first',
    'hall',
    ['hall hand handle 120', 'bath eye shelf 0', 'bath hand basin 600'],
    'shelf basin handle',
  ],
  [
    'the room one is in, where they are alike',
    'bath',
    ['hall hand handle 600', 'bath hand basin 600'],
    'basin handle',
  ],
  [
    'what is begun goes first, here before elsewhere',
    'bath',
    ['hall hand handle 120 +', 'bath hand basin 60 +', 'kitchen hand tap 600'],
    'basin handle tap',
  ],
  [
    'what is wet or done is not waited for',
    null,
    ['bath above vent 600 -', 'bath floor floor 0'],
    'floor',
  ],
  [
    'what works by itself is put on before all else, the longest first',
    null,
    ['bath above vent 0', 'bath toilet brush 1800 *', 'bath floor bowl 28800 *'],
    'bowl brush vent',
  ],
  ['nothing left', 'bath', ['bath above vent 600 -'], ''],
])('%s', (_, here, told, expected) => {
  expect(order(here, ...told)).toBe(expected);
});

test('everything open comes once, and nothing before what is higher in its room', () => {
  const one = fc.record({
    roomId: fc.constantFrom('bath', 'hall', 'kitchen'),
    level: fc.constantFrom(...levels),
    seconds: fc.constantFrom(0, 60, 120, 600),
    begun: fc.boolean(),
    lies: fc.constant(false),
    open: fc.boolean(),
  });
  fc.assert(
    fc.property(fc.array(one, { maxLength: 25 }), (stops) => {
      const found = comesNext(stops, 'bath');
      const open = stops.filter((each) => each.open);
      expect(new Set(found)).toEqual(new Set(open));
      expect(found).toHaveLength(open.length);
      const fresh = found.filter(({ begun }) => !begun);
      for (const [i, later] of fresh.entries())
        for (const earlier of fresh.slice(0, i))
          if (earlier.roomId === later.roomId)
            expect(levels.indexOf(earlier.level)).toBeLessThanOrEqual(levels.indexOf(later.level));
    }),
  );
});
