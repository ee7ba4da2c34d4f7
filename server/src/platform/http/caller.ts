import type { Endpoint } from '@zymostat/contract';
import type { Language } from '@zymostat/words';
import type { Request, RequestHandler } from 'express';
import { problems } from './problems.ts';
import { sessionToken } from './session.ts';

/** Who calls, as far as a route asks. */
export interface Caller {
  id: string;
  name: string;
  role: 'supervisor' | 'cleaner';
  language: Language | null;
}

interface Called extends Request {
  caller?: Caller | null;
}

/** Looks up whose session a request carries, once, before any route. */
export const identify =
  (callerOf: (token: string) => Promise<Caller | null>): RequestHandler =>
  async (request: Called, _response, next) => {
    const token = sessionToken(request);
    request.caller = token ? await callerOf(token) : null;
    next();
  };

export const callerIn = (request: Request): Caller | null => (request as Called).caller ?? null;

/** Who calls, where they may; refuses who may not. */
export const mayCall = (request: Request, who: Endpoint['who']): Caller => {
  const caller = callerIn(request);
  if (who === 'anyone') return caller as Caller;
  if (!caller) throw problems.notSignedIn();
  if (who === 'supervisor' && caller.role !== 'supervisor') throw problems.notAllowed(caller.role);
  return caller;
};
