import type { Answer } from '@zymostat/contract';
import { api, call, type WithBody } from '../../api/api.ts';

type Seen<N extends 'planWeek' | 'setHours'> = WithBody<N> & { seen: number };

export const weekApi = api.injectEndpoints({
  endpoints: (build) => ({
    week: build.query<Answer<'week'>, string>({
      query: (id) => call('week', { id }),
      providesTags: ['Week', 'Homes', 'People', 'Book'],
    }),
    planWeek: build.mutation<null, Seen<'planWeek'>>({
      query: ({ id, body, seen }) => call('planWeek', { id, body, seen }),
      invalidatesTags: ['Week', 'Records'],
    }),
    setHours: build.mutation<null, Seen<'setHours'>>({
      query: ({ id, body, seen }) => call('setHours', { id, body, seen }),
      invalidatesTags: ['Week', 'Records'],
    }),
    setRoads: build.mutation<null, WithBody<'setRoads'>['body']>({
      query: (body) => call('setRoads', { body }),
      invalidatesTags: ['Week', 'Records'],
    }),
  }),
});
export const {
  useWeekQuery,
  useLazyWeekQuery,
  usePlanWeekMutation,
  useSetHoursMutation,
  useSetRoadsMutation,
} = weekApi;
