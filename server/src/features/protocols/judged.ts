import { judgeSurfaces } from '@zymostat/core';
import type { Standing } from './store.ts';

/** Until when what is at hand stays as it is: the next stock to expire, in ms. */
const nextExpiry = ({ stocks }: Standing, now: number): number =>
  Math.min(...stocks.map(({ expiresAt }) => expiresAt).filter((at) => at > now), Infinity);

/**
 * Works something out of a home as it stands once, and gives it again until something of the home
 * or of what it is judged by changes, or a stock expires.
 */
export const onceWhileItStands = <Rest extends unknown[], Found>(
  work: (standing: Standing, now: number, ...rest: Rest) => Found,
) => {
  const kept = new WeakMap<Standing, { from: number; until: number; found: Found }>();
  return (standing: Standing, now: number, ...rest: Rest): Found => {
    const before = kept.get(standing);
    if (before && before.from <= now && now < before.until) return before.found;
    const found = work(standing, now, ...rest);
    kept.set(standing, { from: now, until: nextExpiry(standing, now), found });
    return found;
  };
};

/** What every surface of a home comes to, as it stands. */
export const judgedAsItStands = onceWhileItStands((standing, now) => {
  const { survey, stocks, houseRules: rules, book } = standing;
  return judgeSurfaces(survey, stocks, { rules, now, book });
});
