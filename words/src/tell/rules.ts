import type { Act, Group, RuleId } from '@zymostat/core';
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

export const groupOrAnything = ({ name }: Words, group: Group | 'anything'): string =>
  group === 'anything' ? name('pair', 'anything-else') : name('group', group);

export const standingNote = ({ say }: Words, poison: string): string =>
  say('standing.note', { poison });
