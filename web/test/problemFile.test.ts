import './english.ts';
import { readFileSync } from 'node:fs';
import { readProblemFile } from '../src/features/visits/readProblemFile.ts';

const made = readFileSync(
  new URL('../../core/bench/visits/01-one-bath.json', import.meta.url),
  'utf8',
);
const wrongOf = (text: string): string[] => {
  const read = readProblemFile(text);
  return read.problem ? [] : read.wrong;
};

test('a visit that was saved is read as it was', () => {
  expect(readProblemFile(made).problem).toEqual(JSON.parse(made));
});

test.each<[string, string, RegExp]>([
  ['no JSON', 'nothing', /nothing/],
  ['half of it', made.slice(0, 400), /./],
  ['a list', '[]', /./],
  ['another format', made.replace('problem/1', 'problem/9'), /problem\/9.*problem\/1/],
  ['a wet time below nothing', made.replace('"wet":', '"wet":-'), /\/treatments\/0\/steps\/1\/wet/],
  [
    'a room that is not there',
    made.replace('"room":"bath"', '"room":"hall"'),
    /\/treatments\/0\/room/,
  ],
])('%s is named with its place', (_, text, says) => {
  const wrong = wrongOf(text);
  expect(wrong.length).toBeGreaterThan(0);
  expect(wrong.join('\n')).toMatch(says);
});

test('of very many faults twenty are said, and how many more there are', () => {
  const many = JSON.parse(made) as { treatments: object[] };
  many.treatments = Array.from({ length: 50 }, () => ({}));
  const wrong = wrongOf(JSON.stringify(many));
  expect(wrong).toHaveLength(21);
  expect(wrong.at(-1)).toMatch(/^And \d+ more\.$/);
});
