import type { Answer, Body } from '@zymostat/contract';
import { api, call } from '../../api/api.ts';

export const listsApi = api.injectEndpoints({
  endpoints: (build) => ({
    importHomes: build.mutation<null, Body<'importHomes'>>({
      query: (body) => call('importHomes', { body }),
      invalidatesTags: ['Homes', 'Beginning'],
    }),
    inviteMany: build.mutation<Answer<'inviteMany'>, Body<'inviteMany'>>({
      query: (body) => call('inviteMany', { body }),
      invalidatesTags: ['Invitations', 'Beginning'],
    }),
  }),
});
export const { useImportHomesMutation, useInviteManyMutation } = listsApi;
