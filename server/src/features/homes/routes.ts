import { endpoints } from '@zymostat/contract';
import type { Router } from 'express';
import type { Context } from '../../context.ts';
import { serve } from '../../http/serve.ts';
import { homeRows } from '../overview/homeRows.ts';
import { homeDetail, surveyHome } from '../protocols/service.ts';
import * as homes from './service.ts';

export const homeRoutes = (router: Router, context: Context): void => {
  serve(router, context, endpoints.homes, () => homeRows(context));
  serve(router, context, endpoints.addHome, ({ body }) => homes.addHome(context, body));
  serve(router, context, endpoints.home, ({ params }) => homeDetail(context, params.id));
  serve(router, context, endpoints.editHome, ({ params, body, person, seen }) =>
    surveyHome(context, params.id, body, { person, seen }),
  );
  serve(router, context, endpoints.addRoom, ({ params, body, person }) =>
    homes.addRoom(context, params.id, body, person),
  );
  serve(router, context, endpoints.editRoom, ({ params, body, person, seen }) =>
    homes.editRoom(context, params.id, body, { person, seen }),
  );
  serve(router, context, endpoints.removeRoom, ({ params, person, seen }) =>
    homes.removeRoom(context, params.id, { person, seen }),
  );
  serve(router, context, endpoints.addSurface, ({ params, body, person }) =>
    homes.addSurface(context, params.id, body, person),
  );
  serve(router, context, endpoints.editSurface, ({ params, body, person, seen }) =>
    homes.editSurface(context, params.id, body, { person, seen }),
  );
  serve(router, context, endpoints.removeSurface, ({ params, person, seen }) =>
    homes.removeSurface(context, params.id, { person, seen }),
  );
  serve(router, context, endpoints.setMany, ({ params, body, person, seen }) =>
    homes.setMany(context, params.id, body.settings, { person, seen }),
  );
  serve(router, context, endpoints.importRooms, ({ params, body, person }) =>
    homes.importRooms(context, params.id, body, person),
  );
  serve(router, context, endpoints.setSurface, ({ params, body, person, seen }) =>
    homes.setSurface(context, params.id, body, { person, seen }),
  );
};
