import type { Active, Component } from '@zymostat/core';
import { percent, strengthOf } from '../figures.ts';
import type { Words } from '../words.ts';

const isActive = (words: Words, of: string): of is Active => of in words.table('active');

/** A strength in the basis of what it is of; of chlorine and of mixtures in per cent. */
export const strength = (words: Words, of: string, value: number): string => {
  if (of === 'sodium hypochlorite')
    return `${percent(words, value)} ${words.name('component', 'chlorine')}`;
  return isActive(words, of) ? strengthOf(words, of, value) : percent(words, value);
};

/** What an active, a component or all alcohols together are called. */
export const active = (words: Words, of: string): string => {
  if (of === 'alcohol') return words.name('group', 'alcohol');
  return isActive(words, of) ? words.name('active', of) : words.name('component', of as Component);
};
