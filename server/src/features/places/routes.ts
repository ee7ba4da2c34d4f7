import { endpoints } from '@zymostat/contract';
import { serve, type Serving } from '../../platform/http/serve.ts';
import { regroupPlace, setPlace } from './regroupPlace.ts';
import * as places from './service.ts';

export const placeRoutes = (on: Serving): void => {
  serve(on, endpoints.places, ({ context }) => places.places(context));
  serve(on, endpoints.addPlace, ({ context, body }) => places.addPlace(context, body));
  serve(on, endpoints.removePlace, ({ context, params }) => places.removePlace(context, params.id));
  serve(on, endpoints.setPlace, ({ context, params, body }) => setPlace(context, params.id, body));
  serve(on, endpoints.regroupPlace, ({ context, params }) => regroupPlace(context, params.id));
  serve(on, endpoints.putThing, ({ context, params, body, person }) =>
    places.putThing(context, params.id, body, person),
  );
  serve(on, endpoints.takeThing, ({ context, params }) => places.takeThing(context, params.id));
};
