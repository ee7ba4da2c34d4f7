import { endpoints } from '@zymostat/contract';
import type { Router } from 'express';
import type { Context } from '../../platform/context.ts';
import { serve } from '../../platform/http/serve.ts';
import { sessionToken } from '../../platform/http/session.ts';
import * as people from './service.ts';

export const peopleRoutes = (router: Router, context: Context): void => {
  serve(router, endpoints.setNumbers, ({ body }) => people.setNumbers(context, body));
  serve(router, endpoints.setLanguage, ({ body, person, request }) =>
    people.setLanguage(context, body, person, sessionToken(request)!),
  );
};
