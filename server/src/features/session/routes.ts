import { endpoints } from '@zymostat/contract';
import { serve, type Serving } from '../../platform/http/serve.ts';
import {
  clearSession,
  keptByDevice,
  sessionToken,
  setDevice,
  setSession,
} from '../../platform/http/session.ts';
import { signOut } from '../people/service.ts';
import { signIn } from '../people/signIn.ts';
import { meOf } from './service.ts';

export const sessionRoutes = (on: Serving): void => {
  serve(on, endpoints.signIn, async ({ context, body, request, response }) => {
    const { token, deviceToken, person } = await signIn(context, body, {
      address: request.ip ?? 'unknown',
      deviceToken: keptByDevice(request),
      userAgent: request.get('user-agent') ?? '',
    });
    setSession(request, response, token);
    setDevice(request, response, deviceToken);
    return meOf(context, person);
  });
  serve(on, endpoints.me, ({ context, person }) => meOf(context, person));
  serve(on, endpoints.signOut, async ({ context, request, response }) => {
    const token = sessionToken(request);
    // The device forgets at once, also where the database is away.
    clearSession(response);
    if (token) await signOut(context, token);
    return null;
  });
};
