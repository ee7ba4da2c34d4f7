import type { Answer, Body } from '@zymostat/contract';
import { api, call } from '../../api/api.ts';

export const trendsApi = api.injectEndpoints({
  endpoints: (build) => ({
    trends: build.query<Answer<'trends'>, { from: number; to: number }>({
      query: (params) => call('trends', { params }),
      providesTags: ['Records'],
    }),
    drying: build.query<Answer<'drying'>, string>({
      query: (id) => call('drying', { id }),
      providesTags: ['Home', 'Rounds'],
    }),
    takeOver: build.mutation<
      Answer<'takeOver'>,
      { id: string; seen: number; body: Body<'takeOver'> }
    >({
      query: ({ id, seen, body }) => call('takeOver', { id, seen, body }),
      invalidatesTags: ['Home', 'Records'],
    }),
  }),
});
export const { useTrendsQuery, useDryingQuery, useTakeOverMutation } = trendsApi;
