import { jobRows, type JobRow } from '../../src/index.ts';
import { situations, type Answer, type Expected } from './situations.ts';

const codes = (list: unknown): string[] =>
  (list as { code: string }[] | undefined)?.map(({ code }) => code) ?? [];

/** Whether these come in this order, others between them. */
const inOrder = (wanted: readonly string[], all: readonly string[]): boolean => {
  let at = -1;
  return wanted.every((code) => (at = all.indexOf(code, at + 1)) >= 0);
};

const close = (figure: unknown, wanted: number) =>
  Math.abs((figure as number) - wanted) <= 1e-9 + Math.abs(wanted) * 1e-6;

const looked = (answer: Answer, expected: Expected) => {
  const lies = (answer.lies ?? answer) as { least?: number; most?: number | null };
  const cleaners = (answer.cleaners as { cleaner: string; ratio: number }[] | undefined)?.map(
    ({ cleaner, ratio }) => [cleaner, ratio],
  );
  const steps = codes(answer.steps);
  const of = (key: keyof Expected, value: unknown) => (key in expected ? { [key]: value } : {});
  return {
    ...of('outcome', answer.outcome),
    ...of(
      'says',
      expected.says?.filter((code) => codes(answer.reasons).includes(code)),
    ),
    ...of('steps', inOrder(expected.steps ?? [], steps) ? expected.steps : steps),
    ...of(
      'not',
      expected.not?.filter((code) => !steps.includes(code)),
    ),
    ...of('least', lies.least),
    ...of('most', lies.most),
    ...of('claim', answer.claim),
    ...of('cleaners', cleaners),
    ...of(
      'figures',
      Object.fromEntries(
        Object.entries(expected.figures ?? {}).map(([key, wanted]) => [
          key,
          close(answer[key], wanted) ? wanted : answer[key],
        ]),
      ),
    ),
  };
};

test.each(situations)('%s', (_, answer, expected) => {
  expect(looked(answer() as Answer, expected)).toEqual(expected);
});

test('every row of the trade is used by what was worked out', () => {
  const used = new Set(situations.flatMap(([, answer]) => [...(answer() as Answer).rows]));
  const unused = (Object.keys(jobRows) as JobRow[]).filter((row) => !used.has(row));
  expect(unused).toEqual([]);
});

test('there are as many situations as were asked for', () => {
  expect(situations.length).toBeGreaterThanOrEqual(80);
});
