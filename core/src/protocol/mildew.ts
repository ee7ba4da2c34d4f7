import type { Home, Surface } from '../homes/home.ts';
import { MILDEW_MOST } from '../reference/contactTimes.ts';
import type { Reason } from '../verdict/reason.ts';

/** m² of mildew that a surface counts for: what somebody measured, else all of it. */
const growthOn = ({ area, setting }: Pick<Surface, 'area' | 'setting'>): number =>
  setting.against === 'mildew' ? (setting.growth ?? area) : 0;

/** m² of mildew in a whole home: a trade's limit is for all of it together, not for each tile. */
export const growthIn = (rooms: Home['rooms']): number =>
  rooms.reduce(
    (sum, { surfaces }) => sum + surfaces.reduce((of, surface) => of + growthOn(surface), 0),
    0,
  );

/**
 * Over about 1 m² in all a licensed trade is called, whatever the goal. Source: EPA-402-K-02-003.
 */
export const judgeGrowth = (growth: number): Reason[] =>
  growth > MILDEW_MOST
    ? [
        {
          code: 'mildew-too-large',
          outcome: 'never',
          figures: { area: growth, most: MILDEW_MOST },
          source: 'EPA-402-K-02-003',
        },
      ]
    : [];
