import type {
  BaseQueryApi,
  FetchArgs,
  FetchBaseQueryError,
  FetchBaseQueryMeta,
} from '@reduxjs/toolkit/query';
import type { Answer, HomeDetail, RouteName } from '@zymostat/contract';
import { call } from '../../api/api.ts';
import { inTurn } from '../../api/inTurn.ts';
import { homesApi } from './api.ts';

/**
 * A change of something in a home; `seen` is the revision that a form was opened with, else the one
 * that is shown.
 */
export type OfHome = { id: string; homeId: string; seen?: number };
export type Revised = Answer<'setSurface'>;
type Query = (
  args: FetchArgs,
) =>
  | PromiseLike<{ data?: unknown; error?: FetchBaseQueryError; meta?: FetchBaseQueryMeta }>
  | { data?: unknown; error?: FetchBaseQueryError };
type QueryReturnValue<T, E> = { data: T; error?: undefined } | { data?: undefined; error: E };

/**
 * Changes something in a home, one after the other, each by the revision that whoever presses has
 * before them.
 */
export const change =
  (name: RouteName) =>
  async (
    { id, homeId, seen, body }: OfHome & { body?: unknown },
    { getState, dispatch }: BaseQueryApi,
    _: object,
    query: Query,
  ) =>
    inTurn(homeId, async (): Promise<QueryReturnValue<Revised, FetchBaseQueryError>> => {
      const shown = homesApi.endpoints.home.select(homeId)(getState() as never).data?.revision ?? 0;
      const result = await query(
        call(name, { id, seen: seen ?? shown, ...(body === undefined ? {} : { body }) }),
      );
      if (result.error) return { error: result.error };
      const revised = result.data as Revised;
      // The next press builds on this one; what somebody else has done between is fetched before it
      // counts as seen.
      if (revised.revision === shown + 1)
        dispatch(
          homesApi.util.updateQueryData(
            'home',
            homeId,
            (home: HomeDetail) => void (home.revision = revised.revision),
          ),
        );
      return { data: revised };
    });
