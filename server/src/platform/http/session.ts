import { parseCookie } from 'cookie';
import type { CookieOptions, Request, Response } from 'express';

const SESSION = 'zymostat_session';
const DEVICE = 'zymostat_device';
const DAY_MS = 86_400_000;

const valueOf = (request: Request, name: string): string | undefined =>
  parseCookie(request.headers.cookie ?? '')[name];

export const sessionToken = (request: Request): string | undefined => valueOf(request, SESSION);

/** What a device keeps since somebody signed in on it, also when they have signed out. */
export const keptByDevice = (request: Request): string | undefined =>
  /^[\w-]{43}$/.exec(valueOf(request, DEVICE) ?? '')?.[0];

const options = (request: Request, days: number): CookieOptions => ({
  httpOnly: true,
  sameSite: 'strict',
  secure: request.secure,
  path: '/',
  maxAge: days * DAY_MS,
});

export const setSession = (request: Request, response: Response, token: string): void =>
  void response.cookie(SESSION, token, options(request, 14));

export const setDevice = (request: Request, response: Response, token: string): void =>
  void response.cookie(DEVICE, token, { ...options(request, 400), path: '/api/session' });

export const clearSession = (response: Response): void =>
  void response.clearCookie(SESSION, { httpOnly: true, sameSite: 'strict', path: '/' });
