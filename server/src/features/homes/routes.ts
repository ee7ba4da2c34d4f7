import { endpoints } from '@zymostat/contract';
import type { Router } from 'express';
import type { Context } from '../../context.ts';
import { serve } from '../../http/serve.ts';
import { homeDetail, homeRows, surveyHome } from '../protocols/service.ts';
import * as homes from './service.ts';

export const homeRoutes = (router: Router, context: Context): void => {
  serve(router, context, endpoints.homes, () => homeRows(context));
  serve(router, context, endpoints.addHome, ({ body }) => homes.addHome(context, body));
  serve(router, context, endpoints.home, ({ params }) => homeDetail(context, params.id));
  serve(router, context, endpoints.editHome, ({ params, body, person }) => surveyHome(context, params.id, body, person));
  serve(router, context, endpoints.addRoom, ({ params, body }) => homes.addRoom(context, params.id, body));
  serve(router, context, endpoints.editRoom, ({ params, body }) => homes.editRoom(context, params.id, body));
  serve(router, context, endpoints.removeRoom, ({ params }) => homes.removeRoom(context, params.id));
  serve(router, context, endpoints.addSurface, ({ params, body }) => homes.addSurface(context, params.id, body));
  serve(router, context, endpoints.editSurface, ({ params, body }) => homes.editSurface(context, params.id, body));
  serve(router, context, endpoints.removeSurface, ({ params }) => homes.removeSurface(context, params.id));
  serve(router, context, endpoints.setMany, ({ params, body }) => homes.setMany(context, params.id, body.settings));
  serve(router, context, endpoints.importRooms, ({ params, body }) => homes.importRooms(context, params.id, body));
  serve(router, context, endpoints.setSurface, ({ params, body }) => homes.setSurface(context, params.id, body));
};
