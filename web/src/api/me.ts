import type { Answer, Body } from '@zymostat/contract';
import { api, call } from './api.ts';

export const meApi = api.injectEndpoints({
  endpoints: (build) => ({
    me: build.query<Answer<'me'>, void>({ query: () => call('me'), providesTags: ['Me'] }),
    signIn: build.mutation<Answer<'signIn'>, Body<'signIn'>>({
      query: (body) => call('signIn', { body }),
      invalidatesTags: (me) => (me ? ['Me'] : []),
    }),
    signOut: build.mutation<null, void>({ query: () => call('signOut') }),
  }),
});
export const { useMeQuery, useSignInMutation, useSignOutMutation } = meApi;
