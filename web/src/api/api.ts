import { w } from '../words/words.ts';
import { createApi, fetchBaseQuery } from '@reduxjs/toolkit/query/react';
import { onceOnly } from './onceOnly.ts';
import { routes, things, type Body, type Problem, type RouteName } from '@zymostat/contract';

/** Makes a call of the contract's endpoint: its method and path, with the parameters put in. */
export const call = (
  name: RouteName,
  {
    id,
    seen,
    ...rest
  }: {
    id?: string;
    body?: unknown;
    seen?: number;
    params?: Record<string, string | number | undefined>;
  } = {},
) => {
  const [method, path] = routes[name].split(' ') as [string, string];
  const headers = seen === undefined ? {} : { headers: { 'If-Match': `"${seen}"` } };
  return { url: path.replace(':id', encodeURIComponent(id ?? '')), method, ...headers, ...rest };
};

export type WithBody<N extends RouteName> = { id: string; body: Body<N> };

/** What the page knows of the server; each feature adds its own endpoints. */
export const api = createApi({
  reducerPath: 'api',
  baseQuery: onceOnly(
    fetchBaseQuery({
      baseUrl: '/api',
      prepareHeaders: (headers) => headers.set('Accept-Language', w.language),
    }) as Parameters<typeof onceOnly>[0],
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
