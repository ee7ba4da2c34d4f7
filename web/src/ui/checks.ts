import { LEAST_REASON } from '@zymostat/contract';
import { parseFigure, parseStrength, parseVolume, type Basis } from '@zymostat/core';

/** Each gives what is wrong in words, or nothing. */
export const written = (value: string): string | null =>
  value.trim() ? null : 'Write something here.';

export const figureBetween =
  (low: number, high: number, unit: string) =>
  (value: string): string | null => {
    const figure = parseFigure(value);
    if (value.trim() === '') return `Nothing is written yet: ${low} to ${high} ${unit} is allowed.`;
    return figure !== undefined && figure >= low && figure <= high
      ? null
      : `Found “${value.trim()}”. ${low} to ${high} ${unit} is allowed.`;
  };

export const aVolume = (value: string): string | null => {
  const read = parseVolume(value);
  return read.ok ? null : `Found “${read.found}”. Allowed: ${read.allowed}.`;
};

export const aStrength =
  (basis: Basis) =>
  (value: string): string | null => {
    const read = parseStrength(value, basis);
    return read.ok ? null : `Found “${read.found}”. Allowed: ${read.allowed}.`;
  };

/** A reason that somebody stands by later: what was looked at, or who said so. */
export const aReason = (value: string): string | null =>
  value.trim().length >= LEAST_REASON
    ? null
    : `Found “${value.trim()}”. Say why in at least ${LEAST_REASON} characters: what was tested, or who allows it.`;
