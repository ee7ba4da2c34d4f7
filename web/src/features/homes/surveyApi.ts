import type { Answer, HomeDetail } from '@zymostat/contract';
import { call, type WithBody } from '../../api/api.ts';
import { homesApi } from './api.ts';
import { rememberSet, settingsOf } from './lastSet.ts';
import { change, type OfHome, type Revised } from './changeHome.ts';

/** What failed is told where it was asked for. */
const ignore = (): void => undefined;

const homeIn = (state: unknown, homeId: string): HomeDetail | undefined =>
  homesApi.endpoints.home.select(homeId)(state as never).data;

/** A setting as it stands once it is sent. */
const asSet = (
  body: WithBody<'setSurface'>['body'],
): HomeDetail['rooms'][number]['surfaces'][number]['setting'] => ({
  ...body,
  lifts: body.lifts ?? false,
  growth: body.growth ?? null,
  loosening: body.loosening ?? null,
});

/** What is noted in a home, and what is set for it. */
export const surveyApi = homesApi.injectEndpoints({
  endpoints: (build) => ({
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
      onQueryStarted: async ({ id, homeId, body }, { dispatch, getState, queryFulfilled }) => {
        const before = settingsOf(homeIn(getState(), homeId), new Set([id]));
        const patch = dispatch(
          homesApi.util.updateQueryData('home', homeId, (home) => {
            for (const room of home.rooms)
              for (const surface of room.surfaces)
                if (surface.id === id) surface.setting = asSet(body);
          }),
        );
        await queryFulfilled.then(() => rememberSet({ homeId, before }), patch.undo);
      },
    }),
    setMany: build.mutation<Revised, OfHome & WithBody<'setMany'>>({
      queryFn: change('setMany'),
      invalidatesTags: ['Home'],
      onQueryStarted: async ({ homeId, body }, { getState, queryFulfilled }) => {
        const ids = new Set(body.settings.map(({ surfaceId }) => surfaceId));
        const before = settingsOf(homeIn(getState(), homeId), ids);
        await queryFulfilled.then(() => rememberSet({ homeId, before }), ignore);
      },
    }),
  }),
});
export const {
  useEditHomeMutation,
  useAddRoomMutation,
  useEditRoomMutation,
  useRemoveRoomMutation,
  useAddSurfaceMutation,
  useEditSurfaceMutation,
  useRemoveSurfaceMutation,
  useSetSurfaceMutation,
  useSetManyMutation,
} = surveyApi;
