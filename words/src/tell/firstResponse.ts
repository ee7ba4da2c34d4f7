import type { Harm } from '@zymostat/core';
import type { Words } from '../words.ts';

type Line = (words: Words, numbers: { emergency: string; poison: string }) => string;
const plain =
  (
    id:
      | 'stop-leave'
      | 'stop-step-back'
      | 'do-not-touch'
      | 'if-open'
      | 'do-not-move'
      | 'fresh-air'
      | 'fresh-air-window'
      | 'window-on-the-way'
      | 'eyes'
      | 'swallowed'
      | 'later'
      | 'no-third'
      | 'write-down',
  ): Line =>
  ({ name }) =>
    name('response', id);
const numbered =
  (id: 'shut-and-call' | 'fire' | 'call'): Line =>
  ({ say }, numbers) =>
    say(`response.${id}`, numbers);
const last = [plain('no-third'), plain('write-down')];
const poisoned = [plain('fresh-air-window'), numbered('call'), plain('eyes'), plain('swallowed')];

/** What is done first, by what has come of it. Source: poison control; OSHA. */
const lines: Record<Harm, readonly Line[]> = {
  burns: [
    plain('stop-step-back'),
    plain('eyes'),
    numbered('call'),
    plain('swallowed'),
    plain('window-on-the-way'),
    plain('later'),
    ...last,
  ],
  burst: [plain('do-not-touch'), plain('if-open'), plain('eyes'), numbered('call'), ...last],
  explosion: [
    plain('do-not-move'),
    plain('stop-leave'),
    numbered('shut-and-call'),
    ({ say }, { poison }) => say('response.still-call', { poison }),
    ...last,
  ],
  fire: [
    plain('stop-leave'),
    numbered('fire'),
    plain('fresh-air'),
    plain('eyes'),
    plain('later'),
    ...last,
  ],
  gas: [plain('stop-leave'), ...poisoned, plain('later'), ...last],
  unknown: [plain('stop-leave'), ...poisoned, plain('later'), ...last],
};

/** What to do first, line by line, with the company's own numbers. */
export const firstResponse = (
  words: Words,
  numbers: { emergency: string; poison: string },
  harm: Harm,
): string[] => lines[harm].map((line) => line(words, numbers));
