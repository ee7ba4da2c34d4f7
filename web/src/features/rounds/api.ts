import type { Answer, Body } from '@zymostat/contract';
import { api, call } from '../../api/api.ts';

export const roundsApi = api.injectEndpoints({
  endpoints: (build) => ({
    roundHomes: build.query<Answer<'roundHomes'>, void>({
      query: () => call('roundHomes'),
      providesTags: ['Homes'],
    }),
    rounds: build.query<Answer<'rounds'>, void>({
      query: () => call('rounds'),
      providesTags: ['Rounds'],
    }),
    round: build.query<Answer<'round'>, string>({
      query: (id) => call('round', { id }),
      providesTags: ['Round'],
    }),
    startRound: build.mutation<Answer<'startRound'>, Body<'startRound'>>({
      query: (body) => call('startRound', { body }),
      invalidatesTags: ['Rounds', 'Round'],
    }),
    finishRound: build.mutation<null, string>({
      query: (id) => call('finishRound', { id, body: {} }),
      invalidatesTags: ['Rounds', 'Round', 'WetNow'],
    }),
    wetNow: build.query<Answer<'wetNow'>, void>({
      query: () => call('wetNow'),
      providesTags: ['WetNow'],
    }),
  }),
});
export const {
  useRoundHomesQuery,
  useRoundsQuery,
  useRoundQuery,
  useStartRoundMutation,
  useFinishRoundMutation,
  useWetNowQuery,
} = roundsApi;
