import type { BatchRow } from '@zymostat/contract';
import { typedBottle } from '../src/features/rounds/bottle/typedBottle.ts';

const rows = ['B-0043', 'B-0409', 'B-0410', 'S-0410'].map((code) => ({ code }) as BatchRow);
const found = (text: string) => typedBottle(text, rows)?.code;

test.each([
  ['B-0409', 'B-0409'],
  ['b 409', 'B-0409'],
  [' b0409 ', 'B-0409'],
  ['B—409', 'B-0409'],
  ['409', 'B-0409'],
  ['0043', 'B-0043'],
  ['43.', 'B-0043'],
  // Two have this number: which one has to be said.
  ['410', undefined],
  ['s410', 'S-0410'],
  ['B-9', undefined],
  ['', undefined],
  ['-', undefined],
  ['peroxide', undefined],
])('"%s" is %s', (text, code) => {
  expect(found(text)).toBe(code);
});
