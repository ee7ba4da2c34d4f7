import { activeFacts, type Active } from '@zymostat/core';

/** Trailing zeros say nothing: 1.50 is 1.5, 70.0 is 70. */
const trim = (figure: number, digits: number): string => String(Number(figure.toFixed(digits)));

/** "3 %", "0.75 %", "27.1 %": as fine as anybody measures. */
export const percent = (fraction: number): string =>
  `${trim(fraction * 100, fraction >= 0.1 ? 1 : 2)} %`;

/** "3 % w/v": a strength never stands without its basis. */
export const strengthOf = (active: Active, fraction: number): string =>
  active === 'registered product' ? 'as sold' : `${percent(fraction)} ${activeFacts[active].basis}`;

/** "10 min", "1:30 min", "30 s", "1 h 5 min". */
export const duration = (seconds: number): string => {
  if (seconds < 60) return `${seconds} s`;
  if (seconds >= 3600)
    return `${Math.floor(seconds / 3600)} h${seconds % 3600 >= 60 ? ` ${Math.floor((seconds % 3600) / 60)} min` : ''}`;
  return seconds % 60 === 0 ? `${seconds / 60} min` : `${clock(seconds)} min`;
};

/** "3:18" */
export const clock = (seconds: number): string => {
  const whole = Math.abs(Math.trunc(seconds));
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
};

/**
 * "about 45 min", "about 95 s": an estimate is not told to the second, and never as longer than it
 * is.
 */
export const about = (seconds: number): string =>
  `about ${seconds < 120 ? `${Math.floor(seconds / 5) * 5} s` : `${Math.floor(seconds / 60)} min`}`;

/** "3 %", or "as sold": where the basis stands beside it or in the heading. */
export const strengthShort = (active: Active, fraction: number): string =>
  active === 'registered product' ? 'as sold' : percent(fraction);
