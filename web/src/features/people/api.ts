import type { Answer, Body } from '@zymostat/contract';
import { api, call } from '../../api/api.ts';

export const peopleApi = api.injectEndpoints({
  endpoints: (build) => ({
    setUpNeeded: build.query<Answer<'setUpNeeded'>, void>({ query: () => call('setUpNeeded') }),
    setLanguage: build.mutation<null, Body<'setLanguage'>>({
      query: (body) => call('setLanguage', { body }),
    }),
    setWays: build.mutation<null, { body: Body<'setWays'>; seen: number }>({
      query: (given) => call('setWays', given),
      invalidatesTags: ['Me'],
    }),
    setNumbers: build.mutation<null, { body: Body<'setNumbers'>; seen: number }>({
      query: ({ body, seen }) => call('setNumbers', { body, seen }),
      invalidatesTags: ['Me'],
    }),
  }),
});
export const {
  useSetUpNeededQuery,
  useSetLanguageMutation,
  useSetNumbersMutation,
  useSetWaysMutation,
} = peopleApi;
