import { endpoints } from '@zymostat/contract';
import type { Router } from 'express';
import type { Context } from '../../platform/context.ts';
import { serve } from '../../platform/http/serve.ts';
import * as places from './service.ts';

export const placeRoutes = (router: Router, context: Context): void => {
  serve(router, endpoints.places, () => places.places(context));
  serve(router, endpoints.addPlace, ({ body }) => places.addPlace(context, body));
  serve(router, endpoints.removePlace, ({ params }) => places.removePlace(context, params.id));
  serve(router, endpoints.putThing, ({ params, body, person }) =>
    places.putThing(context, params.id, body, person),
  );
  serve(router, endpoints.takeThing, ({ params }) => places.takeThing(context, params.id));
};
