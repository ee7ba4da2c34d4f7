import type { Answer, Body } from '@zymostat/contract';
import { api, call } from '../../api/api.ts';

export const teamApi = api.injectEndpoints({
  endpoints: (build) => ({
    people: build.query<Answer<'people'>, void>({
      query: () => call('people'),
      providesTags: ['People'],
    }),
    invitations: build.query<Answer<'invitations'>, void>({
      query: () => call('invitations'),
      providesTags: ['Invitations'],
    }),
    sessionsOf: build.query<Answer<'sessionsOf'>, string>({
      query: (id) => call('sessionsOf', { id }),
      providesTags: ['People'],
    }),
    sessions: build.query<Answer<'sessions'>, void>({
      query: () => call('sessions'),
      providesTags: ['People'],
    }),
    invite: build.mutation<Answer<'invite'>, Body<'invite'>>({
      query: (body) => call('invite', { body }),
      invalidatesTags: ['Invitations', 'Beginning'],
    }),
    newPasswordFor: build.mutation<
      Answer<'newPasswordFor'>,
      { id: string; body: Body<'newPasswordFor'> }
    >({
      query: ({ id, body }) => call('newPasswordFor', { id, body }),
      invalidatesTags: ['Invitations'],
    }),
    renewInvitation: build.mutation<Answer<'renewInvitation'>, string>({
      query: (id) => call('renewInvitation', { id, body: {} }),
      invalidatesTags: ['Invitations'],
    }),
    endInvitation: build.mutation<null, string>({
      query: (id) => call('endInvitation', { id }),
      invalidatesTags: ['Invitations', 'Beginning'],
    }),
    changeRole: build.mutation<null, { id: string; body: Body<'changeRole'>; seen: number }>({
      query: (given) => call('changeRole', given),
      invalidatesTags: ['People'],
    }),
    leave: build.mutation<null, { id: string; seen: number }>({
      query: ({ id, seen }) => call('leave', { id, seen, body: {} }),
      invalidatesTags: ['People', 'Book', 'Beginning'],
    }),
    endSession: build.mutation<null, string>({
      query: (id) => call('endSession', { id }),
      invalidatesTags: ['People'],
    }),
    setName: build.mutation<null, Body<'setName'>>({
      query: (body) => call('setName', { body }),
      invalidatesTags: ['Me', 'People'],
    }),
    changePassword: build.mutation<null, Body<'changePassword'>>({
      query: (body) => call('changePassword', { body }),
      invalidatesTags: ['People'],
    }),
  }),
});
export const {
  usePeopleQuery,
  useInvitationsQuery,
  useSessionsOfQuery,
  useSessionsQuery,
  useInviteMutation,
  useNewPasswordForMutation,
  useRenewInvitationMutation,
  useEndInvitationMutation,
  useChangeRoleMutation,
  useLeaveMutation,
  useEndSessionMutation,
  useSetNameMutation,
  useChangePasswordMutation,
} = teamApi;
