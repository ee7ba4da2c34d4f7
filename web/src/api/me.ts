import type { Answer, Body } from '@zymostat/contract';
import { forgetAnswers } from './answers.ts';
import { api, call } from './api.ts';
import { signedOut } from './signedOut.ts';

export const meApi = api.injectEndpoints({
  endpoints: (build) => ({
    me: build.query<Answer<'me'>, void>({
      queryFn: async (_, __, ___, send) => {
        if (signedOut.isMarked()) {
          const told = await send(call('signOut'));
          if (told.error) return { error: { status: 401, data: null } };
          signedOut.clear();
        }
        const { data, error, meta } = await send(call('me'));
        return error ? { error, meta } : { data: data as Answer<'me'>, meta };
      },
      providesTags: ['Me'],
    }),
    signIn: build.mutation<Answer<'signIn'>, Body<'signIn'>>({
      query: (body) => call('signIn', { body }),
      onQueryStarted: (_, { queryFulfilled }) => {
        void forgetAnswers();
        void queryFulfilled.then(signedOut.clear, () => undefined);
      },
      invalidatesTags: (me) => (me ? ['Me'] : []),
    }),
    signOut: build.mutation<null, void>({
      query: () => call('signOut'),
      // Again once it is over: what was asked just before may have been answered meanwhile.
      onQueryStarted: async (_, { queryFulfilled }) => {
        await forgetAnswers();
        await queryFulfilled.catch(() => undefined);
        await forgetAnswers();
      },
    }),
  }),
});
export const { useMeQuery, useSignInMutation, useSignOutMutation } = meApi;
