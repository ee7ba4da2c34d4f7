import { w } from '../../words/words.ts';
import { LEAST_REASON } from '@zymostat/contract';
import { parseFigure, parseStrength, parseVolume, type Basis } from '@zymostat/core';

/** Each gives what is wrong in words, or nothing. */
export const written = (value: string): string | null =>
  value.trim() ? null : w.name('common', 'writeSomethingHere');

export const figureBetween =
  (low: number, high: number, unit: string) =>
  (value: string): string | null => {
    const figure = parseFigure(value);
    if (value.trim() === '') return w.say('common.nothingIsWrittenYetTo', { low, high, unit });
    return figure !== undefined && figure >= low && figure <= high
      ? null
      : w.say('common.foundToIsAllowed', { value: value.trim(), low, high, unit });
  };

export const aVolume = (value: string): string | null => {
  const read = parseVolume(value);
  return read.ok
    ? null
    : w.say('common.foundAllowed', { found: read.found, allowed: read.allowed });
};

export const aStrength =
  (basis: Basis) =>
  (value: string): string | null => {
    const read = parseStrength(value, basis);
    return read.ok
      ? null
      : w.say('common.foundAllowed', { found: read.found, allowed: read.allowed });
  };

/** A reason that somebody stands by later: what was looked at, or who said so. */
export const aReason = (value: string): string | null =>
  value.trim().length >= LEAST_REASON
    ? null
    : w.say('common.foundSayWhyInAt', { value: value.trim(), LEASTREASON: LEAST_REASON });
