import type { Act, Group, Harm, RuleId } from '@zymostat/core';
import { upper } from '../figures.ts';
import type { Words } from '../words.ts';

/** What a rule says: what happens when two meet, and what lifts it. */
export interface RuleWords {
  happens: string;
  reaction?: string;
  remedy: string;
}

/** Reactions where there is one to write: the same in every language. */
const reactions: Partial<Record<RuleId, string>> = {
  chlorine: 'HOCl + H⁺ + Cl⁻ → Cl₂ + H₂O',
  'oxygen-and-heat': 'OCl⁻ + H₂O₂ → O₂ + Cl⁻ + H₂O',
  fizz: 'HCO₃⁻ + H⁺ → CO₂ + H₂O',
};

/** The words of a rule: of the book by its id, of a company's own by what it brings along. */
export const wordsOfRule = (
  { name }: Words,
  rule: string,
  says?: { happens: string; remedy: string },
): RuleWords => {
  if (says) return { happens: says.happens, remedy: says.remedy };
  const id = rule as RuleId;
  const reaction = reactions[id];
  return {
    happens: name('happens', id),
    remedy: name('remedy', id),
    ...(reaction ? { reaction } : {}),
  };
};

/** What lifts a rule, as an order: "Take the tablet out, flush twice." */
export const remedyInWords = ({ name }: Words, acts: readonly Act[] | null): string =>
  acts === null
    ? name('mend', 'never')
    : upper(`${acts.map((act) => name('act', act)).join(', ')}.`);

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

export const groupOrAnything = ({ name }: Words, group: Group | 'anything'): string =>
  group === 'anything' ? name('pair', 'anything-else') : name('group', group);

export const standingNote = ({ say }: Words, poison: string): string =>
  say('standing.note', { poison });
