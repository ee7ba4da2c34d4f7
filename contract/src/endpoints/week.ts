import * as v from 'valibot';
import { monday, ownWeek, setRoads, week, weekPlan, workingHours } from '../messages/week.ts';
import { id } from '../parts/text.ts';
import { routes, streamRoutes } from '../routes.ts';
import { byId, endpoint, stream } from './endpoint.ts';

/** A week is called by its Monday. */
const byMonday = v.strictObject({ id: monday });

export const weekEndpoints = {
  week: endpoint(routes.week, 'supervisor', 'A week, and all that it is judged by', {
    params: byMonday,
    answer: week,
  }),
  planWeek: endpoint(routes.planWeek, 'supervisor', 'Plan a week: which visits, and who goes', {
    params: byMonday,
    body: weekPlan,
    seen: true,
    mostKb: 128,
  }),
  setHours: endpoint(routes.setHours, 'supervisor', 'When somebody works, and what they can do', {
    params: byId,
    body: workingHours,
    seen: true,
  }),
  setRoads: endpoint(routes.setRoads, 'supervisor', 'How long roads between places are', {
    body: setRoads,
  }),
  ownWeek: endpoint(routes.ownWeek, 'person', 'Where one goes oneself in a week', {
    params: byMonday,
    answer: ownWeek,
  }),
} as const;

export const weekStreams = {
  weekCalendar: stream(streamRoutes.weekCalendar, 'person', 'Somebody’s week for a calendar', {
    type: 'text/calendar',
    params: byMonday,
    query: v.strictObject({ person: id }),
  }),
} as const;
