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
    visitOf: build.query<Answer<'visitOf'>, string>({
      query: (id) => call('visitOf', { id }),
      providesTags: ['Visits'],
    }),
    roundAhead: build.query<Answer<'roundAhead'>, string>({
      query: (id) => call('roundAhead', { id }),
      providesTags: ['Home'],
    }),
    measureAir: build.mutation<Answer<'measureAir'>, { id: string; air: Body<'measureAir'> }>({
      query: ({ id, air }) => call('measureAir', { id, body: air }),
      invalidatesTags: ['Round', 'WetNow'],
    }),
    readAir: build.mutation<Answer<'readAir'>, void>({
      query: () => call('readAir', { body: {} }),
    }),
    wetNow: build.query<Answer<'wetNow'>, void>({
      query: () => call('wetNow'),
      providesTags: ['WetNow'],
    }),
  }),
});
export const {
  useVisitOfQuery,
  useRoundAheadQuery,
  useRoundHomesQuery,
  useRoundsQuery,
  useRoundQuery,
  useWetNowQuery,
  useMeasureAirMutation,
  useReadAirMutation,
} = roundsApi;
