import { threadOf } from '../src/features/team/readThread.ts';

const span = { from: 0, to: 100 };
const editions = [
  { edition: 2, at: 20 },
  { edition: 3, at: 60 },
];
const read = (edition: number, at: number) => ({ personId: 'ivo', edition, at });
const shape = (readings: ReturnType<typeof read>[]) => {
  const { stretches, read: blocks, open } = threadOf('ivo', { editions, readings }, span);
  const line = stretches
    .map(({ from, to, read: whole }) => (whole ? '-' : '.').repeat(Math.round((to - from) * 10)))
    .join('');
  return { line, blocks, open };
};

test.each([
  ['who read each as it came', [read(1, 0), read(2, 20), read(3, 60)], '----------', false],
  ['who was late with each', [read(1, 0), read(2, 40), read(3, 90)], '--..--...-', false],
  ['who has the newest still to read', [read(1, 0), read(2, 30)], '--.---....', true],
  ['who has never read it', [], '..........', true],
  ['who read only the newest', [read(3, 80)], '........--', false],
  [
    'an old edition read late counts for nothing new',
    [read(1, 0), read(2, 70)],
    '--........',
    true,
  ],
])('%s', (_, readings, line, open) => {
  const drawn = shape(readings);
  expect([drawn.line, drawn.open]).toEqual([line, open]);
  expect(drawn.blocks).toHaveLength(readings.length);
});

test('what came before the time shown is known, and not drawn', () => {
  const readings = [read(3, -5)];
  const drawn = threadOf('ivo', { editions: [{ edition: 2, at: -9 }], readings }, span);
  expect(drawn).toEqual({ stretches: [{ from: 0, to: 1, read: true }], read: [], open: false });
});
