import type { Answer, Body } from '@zymostat/contract';
import { api, call, type WithBody } from '../../api/api.ts';

export const placesApi = api.injectEndpoints({
  endpoints: (build) => ({
    places: build.query<Answer<'places'>, void>({
      query: () => call('places'),
      providesTags: ['Places'],
    }),
    addPlace: build.mutation<Answer<'addPlace'>, Body<'addPlace'>>({
      query: (body) => call('addPlace', { body }),
      invalidatesTags: ['Places'],
    }),
    removePlace: build.mutation<null, string>({
      query: (id) => call('removePlace', { id }),
      invalidatesTags: ['Places'],
    }),
    setPlace: build.mutation<null, WithBody<'setPlace'>>({
      query: ({ id, body }) => call('setPlace', { id, body }),
      invalidatesTags: ['Places'],
    }),
    regroupPlace: build.mutation<null, string>({
      query: (id) => call('regroupPlace', { id, body: {} }),
      invalidatesTags: ['Places'],
    }),
    putThing: build.mutation<Answer<'putThing'>, WithBody<'putThing'>>({
      query: ({ id, body }) => call('putThing', { id, body }),
      invalidatesTags: ['Places', 'Records'],
    }),
    takeThing: build.mutation<null, string>({
      query: (id) => call('takeThing', { id }),
      invalidatesTags: ['Places'],
    }),
  }),
});
export const {
  usePlacesQuery,
  useAddPlaceMutation,
  useRemovePlaceMutation,
  useSetPlaceMutation,
  useRegroupPlaceMutation,
  usePutThingMutation,
  useTakeThingMutation,
} = placesApi;
