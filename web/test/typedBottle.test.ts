import type { Answer, BatchRow } from '@zymostat/contract';
import { typedBottle } from '../src/features/rounds/bottle/typedBottle.ts';

const rows = ['B-0043', 'B-0409', 'B-0410'].map((code) => ({ id: code, code }) as BatchRow);
const bottle = (code: string, batchId: string | null) => ({
  code,
  heldSinceWash: batchId === null ? null : { batchId },
});
const bottles = [
  bottle('F-003', 'B-0409'),
  bottle('F-004', null),
  bottle('F-0410', 'B-0043'),
  // What was in it is not in use any more.
  bottle('F-006', 'B-0001'),
] as Answer<'bottles'>;
const found = (text: string) => typedBottle(text, rows, bottles)?.code;

test.each([
  ['B-0409', 'B-0409'],
  ['b 409', 'B-0409'],
  [' b0409 ', 'B-0409'],
  ['409', 'B-0409'],
  ['0043', 'B-0043'],
  // The bottle's own code stands for what is in it.
  ['F-003', 'B-0409'],
  ['f 3', 'B-0409'],
  ['3', 'B-0409'],
  ['F-004', undefined],
  ['F-006', undefined],
  // A batch and a bottle have this number: which one has to be said.
  ['410', undefined],
  ['f410', 'B-0043'],
  ['B-9', undefined],
  ['', undefined],
  ['-', undefined],
  ['peroxide', undefined],
])('"%s" is %s', (text, code) => {
  expect(found(text)).toBe(code);
});
