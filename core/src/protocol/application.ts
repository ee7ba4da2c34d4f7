import type { Application } from '../domain/applications.ts';
import type { Home, Setting, Surface } from '../homes/home.ts';
import { materialOf } from '../reference/materials.ts';
import type { Reason } from '../verdict/reason.ts';

/** Whether food touches it, or will. */
export const isFoodSurface = ({
  food,
  setting,
}: Pick<Surface, 'food'> & { setting: Pick<Setting, 'against'> }): boolean =>
  food || setting.against === 'food' || setting.against === 'poultry';

/**
 * By cloth where the material wants it or somebody there must not breathe a spray; else sprayed.
 */
export const applicationOn = (
  { material }: Pick<Surface, 'material'>,
  { situations }: Pick<Home, 'situations'>,
  reasons: readonly Reason[],
): Application => {
  const byCloth =
    situations.includes('asthma') ||
    materialOf(material).powered === true ||
    reasons.some(({ code }) => code === 'cloth-only');
  return byCloth ? 'cloth' : 'spray';
};
