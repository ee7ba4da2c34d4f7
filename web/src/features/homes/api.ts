import type { Answer, Body } from '@zymostat/contract';
import { api, call, type WithBody } from '../../api/api.ts';

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
    importRooms: build.mutation<null, WithBody<'importRooms'>>({
      query: ({ id, body }) => call('importRooms', { id, body }),
      invalidatesTags: ['Homes', 'Home'],
    }),
  }),
});
export const { useHomesQuery, useHomeQuery, useAddHomeMutation, useImportRoomsMutation } = homesApi;
