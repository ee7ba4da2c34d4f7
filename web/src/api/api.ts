import { w } from '../words/words.ts';
import { createApi, fetchBaseQuery } from '@reduxjs/toolkit/query/react';
import { onceOnly, type Send } from './onceOnly.ts';
import { hearing } from './serverTime.ts';
import { routes, things, type Body, type Problem, type RouteName } from '@zymostat/contract';

/** Makes a call of the contract's endpoint: its method and path, with the parameters put in. */
export const call = (
  name: RouteName,
  {
    id,
    seen,
    key,
    ...rest
  }: {
    id?: string;
    body?: unknown;
    seen?: number;
    /** Under which it is done once, however often it is sent; one of its own where none is given. */
    key?: string;
    params?: Record<string, string | number | undefined>;
  } = {},
) => {
  const [method, path] = routes[name].split(' ') as [string, string];
  const headers = {
    ...(seen === undefined ? {} : { 'If-Match': `"${seen}"` }),
    ...(key === undefined ? {} : { 'Idempotency-Key': key }),
  };
  return { url: path.replace(':id', encodeURIComponent(id ?? '')), method, headers, ...rest };
};

export type WithBody<N extends RouteName> = { id: string; body: Body<N> };

const send = fetchBaseQuery({
  baseUrl: '/api',
  prepareHeaders: (headers) => headers.set('Accept-Language', w.language),
}) as Send;

/** What the page knows of the server; each feature adds its own endpoints. */
export const api = createApi({
  reducerPath: 'api',
  baseQuery: onceOnly((args, options, more) =>
    hearing(
      async () => send(args, options, more),
      ({ meta }) => Number(meta?.response?.headers.get('Server-Time')),
    ),
  ),
  tagTypes: things,
  endpoints: () => ({}),
});

/** The problem document of a failed call; where none came, one that says so. */
export const problemOf = (error: unknown): Problem => {
  const { status, data } = (error ?? {}) as { status?: number | string; data?: Problem };
  if (data && typeof data === 'object' && 'title' in data) return data;
  return {
    type: '/problems/no-answer',
    title: w.name('shell', 'noAnswer'),
    status: typeof status === 'number' ? status : 0,
    detail: w.name('shell', 'serverSilent'),
  };
};
