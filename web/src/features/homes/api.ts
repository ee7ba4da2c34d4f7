import type {
  BaseQueryApi,
  FetchArgs,
  FetchBaseQueryError,
  FetchBaseQueryMeta,
} from '@reduxjs/toolkit/query';
import type { Answer, Body, HomeDetail, RouteName } from '@zymostat/contract';
import { api, call, type WithBody } from '../../api/api.ts';
import { inTurn } from '../../api/inTurn.ts';

/**
 * A change of something in a home; `seen` is the revision that a form was opened with, else the one
 * that is shown.
 */
type OfHome = { id: string; homeId: string; seen?: number };
type Revised = Answer<'setSurface'>;
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
const change =
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

export const homesApi = api.injectEndpoints({
  endpoints: (build) => ({
    homes: build.query<Answer<'homes'>, void>({
      query: () => call('homes'),
      providesTags: ['Homes'],
    }),
    home: build.query<Answer<'home'>, string>({
      query: (id) => call('home', { id }),
      providesTags: ['Home'],
    }),
    addHome: build.mutation<Answer<'addHome'>, Body<'addHome'>>({
      query: (body) => call('addHome', { body }),
      invalidatesTags: ['Homes'],
    }),
    editHome: build.mutation<Revised, OfHome & WithBody<'editHome'>>({
      queryFn: change('editHome'),
      invalidatesTags: ['Homes', 'Home'],
    }),
    addRoom: build.mutation<Answer<'addRoom'>, WithBody<'addRoom'>>({
      query: ({ id, body }) => call('addRoom', { id, body }),
      invalidatesTags: ['Homes', 'Home'],
    }),
    editRoom: build.mutation<Revised, OfHome & WithBody<'editRoom'>>({
      queryFn: change('editRoom'),
      invalidatesTags: ['Home'],
    }),
    removeRoom: build.mutation<Revised, OfHome>({
      queryFn: change('removeRoom'),
      invalidatesTags: ['Homes', 'Home'],
    }),
    addSurface: build.mutation<Answer<'addSurface'>, WithBody<'addSurface'>>({
      query: ({ id, body }) => call('addSurface', { id, body }),
      invalidatesTags: ['Homes', 'Home'],
    }),
    editSurface: build.mutation<Revised, OfHome & WithBody<'editSurface'>>({
      queryFn: change('editSurface'),
      invalidatesTags: ['Home'],
    }),
    removeSurface: build.mutation<Revised, OfHome>({
      queryFn: change('removeSurface'),
      invalidatesTags: ['Homes', 'Home'],
    }),
    setSurface: build.mutation<Revised, OfHome & WithBody<'setSurface'>>({
      queryFn: change('setSurface'),
      invalidatesTags: ['Home'],
      // Shown at once, so that a second choice builds on the first and not on what stood before it.
      onQueryStarted: async ({ id, homeId, body }, { dispatch, queryFulfilled }) => {
        const patch = dispatch(
          homesApi.util.updateQueryData('home', homeId, (home) => {
            for (const room of home.rooms)
              for (const surface of room.surfaces)
                if (surface.id === id)
                  surface.setting = {
                    ...body,
                    lifts: body.lifts ?? false,
                    growth: body.growth ?? null,
                  };
          }),
        );
        await queryFulfilled.catch(patch.undo);
      },
    }),
    setMany: build.mutation<Revised, OfHome & WithBody<'setMany'>>({
      queryFn: change('setMany'),
      invalidatesTags: ['Home'],
    }),
    importRooms: build.mutation<null, WithBody<'importRooms'>>({
      query: ({ id, body }) => call('importRooms', { id, body }),
      invalidatesTags: ['Homes', 'Home'],
    }),
  }),
});
export const {
  useHomesQuery,
  useHomeQuery,
  useAddHomeMutation,
  useEditHomeMutation,
  useAddRoomMutation,
  useEditRoomMutation,
  useRemoveRoomMutation,
  useAddSurfaceMutation,
  useEditSurfaceMutation,
  useRemoveSurfaceMutation,
  useSetSurfaceMutation,
  useSetManyMutation,
  useImportRoomsMutation,
} = homesApi;
