import type { Active, CheckResult, HouseRules, MixtureKeeping } from '@zymostat/core';
import { nameOf } from '@zymostat/core';
import { percent, strengthOf } from '../figures.ts';
import type { Words } from '../words.ts';

/** "opaque or brown, glass or HDPE, tight lid" */
export const containerWords = (
  { say, name }: Words,
  { opaque, container, lid }: Pick<MixtureKeeping, 'opaque' | 'container' | 'lid'>,
): string => {
  const plain = name('container', container);
  const vessel = opaque ? say('container.opaque', { container: plain }) : plain;
  return say(lid === 'tight' ? 'container.tight' : 'container.open', { container: vessel });
};

/** A check in one line: what was read, how sure, and what came of it. */
export const checkInWords = (
  words: Words,
  {
    measured,
    uncertainty,
    why,
    active,
  }: { measured: number; uncertainty: number; why: string; active: Active },
): string =>
  words.say('checked.measured', {
    strength: strengthOf(words, active, measured),
    uncertainty: percent(words, uncertainty),
    result: words.name('check', why as Extract<CheckResult, { why: string }>['why']),
  });

/** What a solution of that strength is called. */
export const nameOfBatch = (
  { name }: Words,
  active: Active,
  strength: number,
  rules: HouseRules,
): string => name('batchName', nameOf(active, strength, rules));
