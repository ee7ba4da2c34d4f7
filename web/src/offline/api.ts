import type { Answer, Body } from '@zymostat/contract';
import { api, call, type WithBody } from '../api/api.ts';

/** What a phone sends once there is signal. */
export const offlineApi = api.injectEndpoints({
  endpoints: (build) => ({
    addEvents: build.mutation<Answer<'addEvents'>, Body<'addEvents'>>({
      query: (body) => call('addEvents', { body }),
    }),
    startRound: build.mutation<Answer<'startRound'>, Body<'startRound'>>({
      query: (body) => call('startRound', { body }),
      invalidatesTags: ['Rounds', 'Round'],
    }),
    finishRound: build.mutation<null, WithBody<'finishRound'>>({
      query: ({ id, body }) => call('finishRound', { id, body }),
      invalidatesTags: ['Rounds', 'Round', 'WetNow'],
    }),
    tellMishap: build.mutation<Answer<'logMishap'>, { key: string; body: Body<'logMishap'> }>({
      query: ({ key, body }) => call('logMishap', { body, key }),
      invalidatesTags: ['Mishaps'],
    }),
  }),
});
export const { useStartRoundMutation } = offlineApi;
