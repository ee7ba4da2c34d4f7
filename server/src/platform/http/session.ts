import { parseCookie } from 'cookie';
import type { Request, Response } from 'express';

const COOKIE = 'zymostat_session';

export const sessionToken = (request: Request): string | undefined =>
  parseCookie(request.headers.cookie ?? '')[COOKIE];

export const setSession = (request: Request, response: Response, token: string): void => {
  response.cookie(COOKIE, token, {
    httpOnly: true,
    sameSite: 'strict',
    secure: request.secure,
    path: '/',
    maxAge: 14 * 86_400_000,
  });
};

export const clearSession = (response: Response): void => {
  response.clearCookie(COOKIE, { httpOnly: true, sameSite: 'strict', path: '/' });
};
