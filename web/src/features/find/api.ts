import type { Answer } from '@zymostat/contract';
import { api, call } from '../../api/api.ts';

export const findApi = api.injectEndpoints({
  endpoints: (build) => ({
    find: build.query<Answer<'find'>, string>({
      query: (text) => call('find', { params: { text } }),
      providesTags: ['Homes', 'Home'],
    }),
  }),
});
export const { useFindQuery } = findApi;
