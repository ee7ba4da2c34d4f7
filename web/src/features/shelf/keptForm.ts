import { keptAs, waysKept, type Storage, type WayKept } from '@zymostat/core';
import { w } from '../../words/words.ts';

/** What is chosen where somebody is asked how a container is kept. */
export type KeptChoice = WayKept | 'unknown';
export const keptChoices: KeptChoice[] = [...(Object.keys(waysKept) as WayKept[]), 'unknown'];

export const keptOptions = () =>
  keptChoices.map((value) => ({ value, name: w.name('storedAs', value) }));

/** Nothing where nobody knows. */
export const storageOf = (choice: KeptChoice): Storage[] | null =>
  choice === 'unknown' ? null : [...waysKept[choice]];
export const choiceOf = (storage: readonly Storage[] | null): KeptChoice =>
  storage ? keptAs(storage) : 'unknown';
