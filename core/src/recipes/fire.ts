import type { Component } from '../reference/components.ts';
import type { Portion } from '../solutions/portion.ts';
import type { Masses } from '../solutions/stockContent.ts';
import { flashPoint } from '../solutions/vapour.ts';

/** What may light beside alcohol, whatever its share: its own flash point is not worked out. */
const othersThatLight: readonly Component[] = ['acetone', 'terpene', 'scent oil'];

/**
 * Whether what rises from a mixture can light: below 100 °C, not at all, or not worked out and so
 * taken as yes.
 */
export const fireOf = (
  portions: readonly Portion[],
  masses: Masses,
): 'lights' | 'does-not-light' | 'not-known' => {
  if (flashPoint(masses) !== undefined) return 'lights';
  const other = othersThatLight.some((name) => (masses[name] ?? 0) > 0);
  return other || portions.some(({ ingredient }) => ingredient === 'unknown')
    ? 'not-known'
    : 'does-not-light';
};
