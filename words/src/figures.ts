import { activeFacts, inMillilitres, type Active } from '@zymostat/core';
import type { Words } from './words.ts';

/** Trailing zeros say nothing: 1.50 is 1.5, 70.0 is 70. */
export const number = ({ locale }: Words, value: number, digits = 2): string =>
  value.toLocaleString(locale, { maximumFractionDigits: digits });

/** "3 %", "0.75 %", "27.1 %": as fine as anybody measures. */
export const percent = (words: Words, fraction: number): string =>
  `${number(words, fraction * 100, fraction >= 0.1 ? 1 : 2)} %`;

export const wholePercent = (words: Words, fraction: number): string =>
  `${number(words, Math.round(fraction * 100), 0)} %`;

/** A vapour, ppm. */
export const ppm = (words: Words, value: number): string => {
  if (value >= 10) return number(words, Math.round(value), 0);
  return number(words, value, value >= 1 ? 1 : 2);
};

/** "3 % w/v": a strength never stands without its basis. */
export const strengthOf = (words: Words, active: Active, fraction: number): string =>
  active === 'registered product'
    ? words.say('figure.as-sold')
    : `${percent(words, fraction)} ${activeFacts[active].basis}`;

/** "3 %", or "as sold": where the basis stands beside it or in the heading. */
export const strengthShort = (words: Words, active: Active, fraction: number): string =>
  active === 'registered product' ? words.say('figure.as-sold') : percent(words, fraction);

/** "3:18" */
export const clock = (seconds: number): string => {
  const whole = Math.abs(Math.trunc(seconds));
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
};

/** "10 min", "1:30 min", "30 s", "1 h 5 min". */
export const duration = ({ say }: Words, seconds: number): string => {
  if (seconds < 60) return say('figure.seconds', { n: seconds });
  if (seconds < 3600) {
    const n = seconds % 60 === 0 ? String(seconds / 60) : clock(seconds);
    return say('figure.minutes', { n });
  }
  const [hours, minutes] = [Math.floor(seconds / 3600), Math.floor((seconds % 3600) / 60)];
  return minutes > 0
    ? say('figure.hours-minutes', { hours, minutes })
    : say('figure.hours', { n: hours });
};

/**
 * "about 45 min", "about 95 s": an estimate is not told to the second, and never as longer than it
 * is.
 */
export const about = (words: Words, seconds: number): string => {
  const rounded = seconds < 120 ? Math.floor(seconds / 5) * 5 : Math.floor(seconds / 60) * 60;
  const { say } = words;
  const time =
    seconds < 120
      ? say('figure.seconds', { n: rounded })
      : say('figure.minutes', { n: Math.floor(seconds / 60) });
  return say('figure.about', { time });
};

/** "250 ml" of m³. */
export const millilitres = (words: Words, volume: number): string =>
  words.say('figure.ml', { n: number(words, Math.round(inMillilitres(volume)), 0) });

/** "0.4 m²" */
export const squareMetres = (words: Words, area: number): string =>
  words.say('figure.square-metres', { n: number(words, area) });

/** "2026-01-05": a day that is read one way only. */
export const isoDay = (ms: number | string): string =>
  new Date(Number(ms)).toISOString().slice(0, 10);

export const upper = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
/** Lower at the front, unless it begins with letters that stand for something: ABS, GHS. */
export const lower = (text: string): string =>
  /^\p{Lu}\p{Lu}/u.test(text) ? text : text.charAt(0).toLowerCase() + text.slice(1);

/** "a, b or c" */
export const listed = (
  words: Words,
  items: readonly string[],
  last: 'or' | 'and' = 'and',
): string =>
  items.length < 2
    ? (items[0] ?? '')
    : words.tell('list', last, { before: items.slice(0, -1).join(', '), last: items.at(-1)! });

/** A code as it is printed and read out: in fours. */
export const inFours = (code: string): string => code.replace(/(.{4})(?=.)/g, '$1 ');
