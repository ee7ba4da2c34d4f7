import type { Answer } from '@zymostat/contract';
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
    roundAhead: build.query<Answer<'roundAhead'>, string>({
      query: (id) => call('roundAhead', { id }),
      providesTags: ['Home'],
    }),
    wetNow: build.query<Answer<'wetNow'>, void>({
      query: () => call('wetNow'),
      providesTags: ['WetNow'],
    }),
  }),
});
export const { useRoundHomesQuery, useRoundsQuery, useRoundQuery, useWetNowQuery } = roundsApi;
