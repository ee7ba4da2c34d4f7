import { endpoints } from '@zymostat/contract';
import type { Router } from 'express';
import type { Context } from '../../context.ts';
import { serve } from '../../http/serve.ts';
import * as book from './book.ts';
import { paperRoutes } from './papers.ts';
import * as places from './places.ts';
import * as keepApart from './service.ts';

export const keepApartRoutes = (router: Router, context: Context): void => {
  serve(router, context, endpoints.mishaps, () => keepApart.mishaps(context));
  serve(router, context, endpoints.logMishap, ({ body, person }) =>
    keepApart.logMishap(context, body, person),
  );
  serve(router, context, endpoints.followUp, ({ params, body, person }) =>
    keepApart.followUp(context, params.id, body, person),
  );

  serve(router, context, endpoints.book, ({ person }) => book.book(context, person));
  serve(router, context, endpoints.addRule, ({ body, person }) =>
    book.addRule(context, body, person),
  );
  serve(router, context, endpoints.withdrawRule, ({ params, body, person }) =>
    book.withdrawRule(context, params.id, body.why, person),
  );
  serve(router, context, endpoints.readBook, ({ body, person }) =>
    book.readBook(context, body.edition, person),
  );

  serve(router, context, endpoints.places, () => places.places(context));
  serve(router, context, endpoints.addPlace, ({ body }) => places.addPlace(context, body));
  serve(router, context, endpoints.removePlace, ({ params }) =>
    places.removePlace(context, params.id),
  );
  serve(router, context, endpoints.putThing, ({ params, body, person }) =>
    places.putThing(context, params.id, body, person),
  );
  serve(router, context, endpoints.takeThing, ({ params }) => places.takeThing(context, params.id));
  paperRoutes(router, context);
};
