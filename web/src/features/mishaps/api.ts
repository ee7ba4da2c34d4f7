import type { Answer, Body } from '@zymostat/contract';
import { api, call, type WithBody } from '../../api/api.ts';

export const mishapsApi = api.injectEndpoints({
  endpoints: (build) => ({
    mishaps: build.query<Answer<'mishaps'>, void>({
      query: () => call('mishaps'),
      providesTags: ['Mishaps'],
    }),
    logMishap: build.mutation<Answer<'logMishap'>, Body<'logMishap'>>({
      query: (body) => call('logMishap', { body }),
      invalidatesTags: ['Mishaps', 'Records'],
    }),
    followUp: build.mutation<Answer<'followUp'>, WithBody<'followUp'>>({
      query: ({ id, body }) => call('followUp', { id, body }),
      invalidatesTags: ['Mishaps', 'Records'],
    }),
  }),
});
export const { useMishapsQuery, useLogMishapMutation, useFollowUpMutation } = mishapsApi;
