import type { WetCount } from '@zymostat/contract';
import { sharesBy } from '../src/features/trends/shares.ts';

const one = (surfaceName: string, outcome: WetCount['outcome'], count: number): WetCount => ({
  homeName: 'Hedda',
  roomName: 'Bath',
  surfaceName,
  person: 'Tobias',
  active: 'hydrogen peroxide',
  outcome,
  count,
  heldSeconds: 60 * count,
});

test('wet times are put together by name, what was least often met first', () => {
  const counts = [
    one('Basin', 'met', 9),
    one('Basin', 'not-met', 1),
    one('Mat', 'not-shown', 2),
    one('Seat', 'met', 3),
    one('Tiles', 'met', 5),
  ];
  const found = sharesBy(counts, ({ surfaceName }) => surfaceName);
  expect(found.map(({ name }) => name)).toEqual(['Mat', 'Basin', 'Tiles', 'Seat']);
  expect(found[1]).toEqual({
    name: 'Basin',
    all: 10,
    counts: { met: 9, 'not-met': 1, 'not-shown': 0 },
    heldSeconds: 600,
  });
  expect(sharesBy(counts, ({ homeName }) => homeName)).toMatchObject([{ name: 'Hedda', all: 20 }]);
  expect(sharesBy([], () => 'x')).toEqual([]);
});
