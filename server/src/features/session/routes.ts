import { endpoints } from '@zymostat/contract';
import type { Request, Response } from 'express';
import type { Context } from '../../platform/context.ts';
import { serve, type Serving } from '../../platform/http/serve.ts';
import {
  clearSession,
  keptByDevice,
  sessionToken,
  setDevice,
  setSession,
} from '../../platform/http/session.ts';
import { beginCompany } from '../people/begin.ts';
import { accept } from '../people/comeIn.ts';
import type { From, SignedIn } from '../people/openSession.ts';
import { signOut } from '../people/service.ts';
import { signIn } from '../people/signIn.ts';
import { meOf } from './service.ts';

const fromOf = (request: Request): From => ({
  address: request.ip ?? 'unknown',
  deviceToken: keptByDevice(request),
  userAgent: request.get('user-agent') ?? '',
});

interface Call {
  context: Context;
  request: Request;
  response: Response;
}

/** Whoever has signed in, or come in: their device keeps it, and they are told who they are. */
const welcome = (
  { context, request, response }: Call,
  { token, deviceToken, person }: SignedIn,
) => {
  setSession(request, response, token);
  setDevice(request, response, deviceToken);
  return meOf(context, person);
};

export const sessionRoutes = (on: Serving): void => {
  serve(on, endpoints.signIn, async ({ body, ...call }) =>
    welcome(call, await signIn(call.context, body, fromOf(call.request))),
  );
  serve(on, endpoints.setUp, async ({ body, ...call }) =>
    welcome(call, await beginCompany(call.context, body, fromOf(call.request))),
  );
  serve(on, endpoints.accept, async ({ body, ...call }) =>
    welcome(call, await accept(call.context, body, fromOf(call.request))),
  );
  serve(on, endpoints.me, ({ context, person }) => meOf(context, person));
  serve(on, endpoints.signOut, async ({ context, request, response }) => {
    const token = sessionToken(request);
    // The device forgets at once, also where the database is away.
    clearSession(response);
    if (token) await signOut(context, token);
    return null;
  });
};
