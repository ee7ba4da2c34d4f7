import { endpoints } from '@zymostat/contract';
import type { Router } from 'express';
import type { Context } from '../../platform/context.ts';
import { serve } from '../../platform/http/serve.ts';
import { importRooms } from './importRooms.ts';
import * as homes from './service.ts';

export const homeRoutes = (router: Router, context: Context): void => {
  serve(router, endpoints.addHome, ({ body }) => homes.addHome(context, body));
  serve(router, endpoints.addRoom, ({ params, body, person }) =>
    homes.addRoom(context, params.id, body, person),
  );
  serve(router, endpoints.editRoom, ({ params, body, person, seen }) =>
    homes.editRoom(context, params.id, body, { person, seen }),
  );
  serve(router, endpoints.removeRoom, ({ params, person, seen }) =>
    homes.removeRoom(context, params.id, { person, seen }),
  );
  serve(router, endpoints.addSurface, ({ params, body, person }) =>
    homes.addSurface(context, params.id, body, person),
  );
  serve(router, endpoints.editSurface, ({ params, body, person, seen }) =>
    homes.editSurface(context, params.id, body, { person, seen }),
  );
  serve(router, endpoints.removeSurface, ({ params, person, seen }) =>
    homes.removeSurface(context, params.id, { person, seen }),
  );
  serve(router, endpoints.setMany, ({ params, body, person, seen }) =>
    homes.setMany(context, params.id, body.settings, { person, seen }),
  );
  serve(router, endpoints.importRooms, ({ params, body, person }) =>
    importRooms(context, params.id, body, person),
  );
  serve(router, endpoints.setSurface, ({ params, body, person, seen }) =>
    homes.setSurface(context, params.id, body, { person, seen }),
  );
};
