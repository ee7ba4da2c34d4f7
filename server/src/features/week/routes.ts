import { endpoints, streams } from '@zymostat/contract';
import { problems } from '../../platform/http/problems.ts';
import { serve, serveFile, type Serving } from '../../platform/http/serve.ts';
import { weekCalendar } from './calendar.ts';
import * as weeks from './service.ts';
import { setHours, setRoads } from './settings.ts';
import * as store from './store.ts';

export const weekRoutes = (on: Serving): void => {
  serve(on, endpoints.week, ({ context, params }) => weeks.weekOf(context, params.id));
  serve(on, endpoints.planWeek, ({ context, params, body, person, seen }) =>
    weeks.planWeek(context, params.id, body, { person, seen }),
  );
  serve(on, endpoints.setHours, ({ context, params, body, person, seen }) =>
    setHours(context, params.id, body, { person, seen }),
  );
  serve(on, endpoints.setRoads, ({ context, body, person }) => setRoads(context, body, person));
  serve(on, endpoints.ownWeek, ({ context, params, person }) =>
    weeks.weekOfPerson(context, params.id, person.id),
  );
  serveFile(on, streams.weekCalendar, async ({ context, params, query, words, person }) => {
    if (person.role !== 'supervisor' && person.id !== query.person)
      throw problems.notAllowed('supervisor');
    const own = await weeks.weekOfPerson(context, params.id, query.person);
    const revision = (await store.weekOf(context, params.id))?.revision ?? 0;
    const told = { monday: params.id, revision, at: context.now() };
    return { name: 'week.ics', bytes: Buffer.from(weekCalendar(words, own, told)) };
  });
};
