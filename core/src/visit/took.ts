import type { EventKind } from '../round/wetEvents.ts';
import type { HandsOnKind } from './problem.ts';

/** How long hands were on each step of a surface, whole s, by its id. What is missing nobody knows. */
export type Took = Readonly<Record<string, Readonly<Partial<Record<HandsOnKind, number>>>>>;

/** What was told at a surface, by whom, ms. */
export interface ToldStep {
  surfaceId: string;
  personId: string;
  kind: EventKind;
  at: number;
}

const stepOf: Partial<Record<EventKind, HandsOnKind>> = {
  washed: 'clean',
  applied: 'apply',
  wiped: 'wipe',
  rinsed: 'rinse',
};

/** Sooner than this two things were told at once; later, somebody waited between. House rule, s. */
const [LEAST, MOST] = [4, 600];
/** So often something was done until its time is believed. Source: house rule. */
const ENOUGH = 3;

const median = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]!;

/** How long each step of one round took: since what the same person had told before. */
const samplesOf = (round: readonly ToldStep[]): { key: string; seconds: number }[] => {
  const last = new Map<string, number>();
  return [...round]
    .sort((a, b) => a.at - b.at)
    .flatMap(({ surfaceId, personId, kind, at }) => {
      const before = last.get(personId);
      last.set(personId, at);
      const step = stepOf[kind];
      if (before === undefined || !step) return [];
      const seconds = (at - before) / 1000;
      return seconds >= LEAST && seconds <= MOST ? [{ key: `${surfaceId} ${step}`, seconds }] : [];
    });
};

/**
 * How long hands were on each step by the rounds of a home: the time since the same person told
 * something before, the way there counted in; the middle of at least three.
 */
export const tookIn = (rounds: readonly (readonly ToldStep[])[]): Took => {
  const samples = new Map<string, number[]>();
  for (const { key, seconds } of rounds.flatMap(samplesOf))
    samples.set(key, [...(samples.get(key) ?? []), seconds]);
  const took: Record<string, Partial<Record<HandsOnKind, number>>> = {};
  for (const [key, all] of samples) {
    if (all.length < ENOUGH) continue;
    const [surfaceId, step] = key.split(' ') as [string, HandsOnKind];
    took[surfaceId] = { ...took[surfaceId], [step]: Math.round(median(all)) };
  }
  return took;
};
