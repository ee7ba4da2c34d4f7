import type { Answer, Body } from '@zymostat/contract';
import { api, call } from '../../api/api.ts';
import { signedOut } from '../../api/signedOut.ts';

export const entranceApi = api.injectEndpoints({
  endpoints: (build) => ({
    setUp: build.mutation<Answer<'setUp'>, Body<'setUp'>>({
      query: (body) => call('setUp', { body }),
      onQueryStarted: (_, { queryFulfilled }) =>
        void queryFulfilled.then(signedOut.clear, () => undefined),
      invalidatesTags: (me) => (me ? ['Me'] : []),
    }),
    seeInvitation: build.query<Answer<'seeInvitation'>, string>({
      query: (code) => call('seeInvitation', { body: { code } }),
      keepUnusedDataFor: 0,
    }),
    accept: build.mutation<Answer<'accept'>, Body<'accept'>>({
      query: (body) => call('accept', { body }),
      onQueryStarted: (_, { queryFulfilled }) =>
        void queryFulfilled.then(signedOut.clear, () => undefined),
      invalidatesTags: (me) => (me ? ['Me'] : []),
    }),
  }),
});
export const { useSetUpMutation, useSeeInvitationQuery, useAcceptMutation } = entranceApi;
