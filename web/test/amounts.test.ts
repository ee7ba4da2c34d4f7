import { litres, millilitres, oneOf } from '@zymostat/core';
import { inKitchen, inMetric } from '../src/ui/amounts.ts';

const cup = oneOf('cup');

test.each<[number, string]>([
  [cup, '1 cup'],
  [2 * cup, '2 cups'],
  [cup / 4, '¼ cup'],
  [1.5 * cup, '1 ½ cups'],
  [oneOf('tablespoon'), '1 tbsp'],
  [oneOf('teaspoon') / 2, '½ tsp'],
  [oneOf('gallon'), '1 gal'],
  [millilitres(0.1), 'less than ¼ tsp'],
])('%d m³ is %s', (volume, words) => {
  for (const rounding of ['near', 'up', 'down'] as const) {
    if (words.startsWith('less') && rounding === 'up') continue;
    expect(inKitchen(volume, rounding)).toBe(words);
  }
});

test('water is never rounded up and stock never down, so a batch is never weaker than it says', () => {
  // 99 % to 70 %, one litre: 318 ml of water, 707.1 ml of stock.
  expect(inKitchen(millilitres(318), 'down')).toBe('1 ¼ cups + 1 tbsp + 1 ½ tsp');
  expect(inKitchen(millilitres(707.1), 'up')).toBe('2 ¾ cups + 3 tbsp + 2 ½ tsp');
});

test('millilitres and litres', () => {
  expect(inMetric(millilitres(9.86))).toBe('9.9 ml');
  expect(inMetric(millilitres(473.2))).toBe('473 ml');
  expect(inMetric(litres(1.25))).toBe('1.25 l');
});
