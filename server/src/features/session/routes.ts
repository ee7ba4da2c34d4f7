import { endpoints } from '@zymostat/contract';
import type { Router } from 'express';
import type { Context } from '../../platform/context.ts';
import { serve } from '../../platform/http/serve.ts';
import { clearSession, sessionToken, setSession } from '../../platform/http/session.ts';
import * as people from '../people/service.ts';
import { meOf } from './service.ts';

export const sessionRoutes = (router: Router, context: Context): void => {
  serve(router, endpoints.signIn, async ({ body, request, response }) => {
    const { token, person } = await people.signIn(context, body, request.ip ?? 'unknown');
    setSession(request, response, token);
    return meOf(context, person);
  });
  serve(router, endpoints.me, ({ person }) => meOf(context, person));
  serve(router, endpoints.signOut, async ({ request, response }) => {
    const token = sessionToken(request);
    if (token) await people.signOut(context, token);
    clearSession(response);
    return null;
  });
};
