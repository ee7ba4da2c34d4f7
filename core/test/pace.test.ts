import { paceOf, usualOf } from '../src/index.ts';

test.each<[number, number, number | null, number | null]>([
  // elapsed s, done of 10, usual s: ahead or behind, s
  [600, 5, 1200, 0],
  [900, 5, 1200, -300],
  [300, 5, 1200, 300],
  [0, 0, 1200, 0],
  [60, 1, null, null],
])('after %i s with %i of 10 done, usually %s s: %s', (elapsed, done, usual, pace) => {
  expect(paceOf({ elapsed, done, total: 10, usual })).toBe(pace);
});

test('a round without surfaces has no pace', () => {
  expect(paceOf({ elapsed: 1, done: 0, total: 0, usual: 100 })).toBeNull();
});

test.each<[number[], number | null]>([
  [[], null],
  [[10, 20], null],
  [[30, 10, 20], 20],
  [[40, 10, 30, 20], 20],
  // Only the last ten count.
  [[...Array.from({ length: 10 }, () => 100), 1, 1, 1, 1, 1, 1, 1, 1, 1, 1, 1, 1], 100],
])('the usual length of %j is %s', (lengths, usual) => {
  expect(usualOf(lengths)).toBe(usual);
});
