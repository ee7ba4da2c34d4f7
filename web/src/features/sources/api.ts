import type { Answer, Body } from '@zymostat/contract';
import { api, call } from '../../api/api.ts';

export const sourcesApi = api.injectEndpoints({
  endpoints: (build) => ({
    sources: build.query<Answer<'sources'>, void>({
      query: () => call('sources'),
      providesTags: ['Sources'],
    }),
    checkSource: build.mutation<null, Body<'checkSource'>>({
      query: (body) => call('checkSource', { body }),
      invalidatesTags: ['Sources', 'Records'],
    }),
  }),
});
export const { useSourcesQuery, useCheckSourceMutation } = sourcesApi;
