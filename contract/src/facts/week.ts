import * as v from 'valibot';
import { monday, setRoads, weekVisit, workingHours } from '../messages/week.ts';
import { id } from '../parts/text.ts';
import { factOf } from './fact.ts';

/** A week was planned, or changed: all its visits as they stand since. */
export const weekPlanned = factOf(
  'week-planned',
  ['Week'],
  v.strictObject({ monday, revision: v.number(), visits: v.array(weekVisit) }),
);

/** When somebody works was said. */
export const hoursSaid = factOf(
  'hours-said',
  ['Week'],
  v.strictObject({ personId: id, ...workingHours.entries }),
);

/** How long roads are was said; what stood before is kept. */
export const roadsSaid = factOf('roads-said', ['Week'], setRoads);
