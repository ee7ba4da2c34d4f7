import { endpoints } from '@zymostat/contract';
import type { Router } from 'express';
import type { Context } from '../../context.ts';
import { serve } from '../../http/serve.ts';
import { clearSession, sessionToken, setSession } from '../../http/session.ts';
import { meOf } from './me.ts';
import * as people from './service.ts';

export const peopleRoutes = (router: Router, context: Context): void => {
  serve(router, context, endpoints.signIn, async ({ body, request, response }) => {
    const { token, person } = await people.signIn(context, body, request.ip ?? 'unknown');
    setSession(request, response, token);
    return meOf(context, person);
  });
  serve(router, context, endpoints.me, ({ person }) => meOf(context, person));
  serve(router, context, endpoints.setNumbers, ({ body }) => people.setNumbers(context, body));
  serve(router, context, endpoints.setLanguage, ({ body, person, request }) =>
    people.setLanguage(context, body, person, sessionToken(request)!),
  );
  serve(router, context, endpoints.signOut, async ({ request, response }) => {
    const token = sessionToken(request);
    if (token) await people.signOut(context, token);
    clearSession(response);
    return null;
  });
};
