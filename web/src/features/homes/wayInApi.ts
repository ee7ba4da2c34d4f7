import type { Answer } from '@zymostat/contract';
import { call, type WithBody } from '../../api/api.ts';
import { homesApi } from './api.ts';
import { change, type OfHome, type Revised } from './changeHome.ts';

export const wayInApi = homesApi.injectEndpoints({
  endpoints: (build) => ({
    wayIn: build.query<Answer<'wayIn'>, string>({
      query: (id) => call('wayIn', { id }),
      providesTags: ['Home'],
    }),
    wayInBefore: build.query<Answer<'wayInBefore'>, string>({
      query: (id) => call('wayInBefore', { id }),
      providesTags: ['Home'],
    }),
    setWayIn: build.mutation<Revised, OfHome & WithBody<'setWayIn'>>({
      queryFn: change('setWayIn'),
      invalidatesTags: ['Home', 'Round'],
    }),
    setArchived: build.mutation<Revised, OfHome & WithBody<'setArchived'>>({
      queryFn: change('setArchived'),
      invalidatesTags: ['Homes', 'Home'],
    }),
  }),
});
export const { useWayInQuery, useWayInBeforeQuery, useSetWayInMutation, useSetArchivedMutation } =
  wayInApi;
