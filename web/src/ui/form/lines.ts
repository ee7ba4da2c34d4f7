import { boundsOf, type Bounded } from '@zymostat/contract';
import { parseFigure, parseVolume } from '@zymostat/core';
import * as v from 'valibot';
import { w } from '../../words/words.ts';
import { aVolume, figureBetween, written } from './checks.ts';

/** A line as it is typed: what a check says against it, else what it is read as. */
export const line = <T>(check: (text: string) => string | null, read: (text: string) => T) =>
  v.pipe(
    v.string(),
    v.rawTransform<string, T>(({ dataset, addIssue, NEVER }) => {
      const wrong = check(dataset.value);
      if (wrong === null) return read(dataset.value);
      addIssue({ message: wrong });
      return NEVER;
    }),
  );

/** Something must stand there. */
export const textLine = line(written, (text) => text.trim());

/** A figure within the bounds that the contract sets. */
export const figureLine = (schema: Bounded, unit: string) => {
  const { low, high } = boundsOf(schema);
  return line(figureBetween(low, high, unit), (text) => parseFigure(text)!);
};

/** A line that may stay empty: nothing is nothing, not a figure of its own. */
export const optionalLine = <T>(
  check: (text: string) => string | null,
  read: (text: string) => T,
) =>
  line<T | null>(
    (text) => (text.trim() === '' ? null : check(text)),
    (text) => (text.trim() === '' ? null : read(text)),
  );

/** A line that may stay empty, and else is taken as it is written. */
export const maybeLine = optionalLine(
  () => null,
  (text) => text.trim(),
);

/** How much of something, as people say it, in m³; a hair over `most` is no more than that. */
export const volumeLine = (most: number) =>
  line(aVolume, (text) => {
    const read = parseVolume(text);
    return read.ok ? Math.min(read.value, most) : 0;
  });

/** Any number of a list, at least `least` of them. */
export const someOf = <V>(least = 0) =>
  v.pipe(
    v.custom<V[]>(Array.isArray),
    v.check(
      (list) => list.length >= least,
      () => w.name('common', 'chooseAtLeastOne'),
    ),
  );
