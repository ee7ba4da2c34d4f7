import type { Body } from '@zymostat/contract';
import { api, call } from '../../api/api.ts';

export const peopleApi = api.injectEndpoints({
  endpoints: (build) => ({
    setLanguage: build.mutation<null, Body<'setLanguage'>>({
      query: (body) => call('setLanguage', { body }),
    }),
    setNumbers: build.mutation<null, { body: Body<'setNumbers'>; seen: number }>({
      query: ({ body, seen }) => call('setNumbers', { body, seen }),
      invalidatesTags: ['Me'],
    }),
  }),
});
export const { useSetLanguageMutation, useSetNumbersMutation } = peopleApi;
