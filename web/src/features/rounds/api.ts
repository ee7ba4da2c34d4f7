import type { Answer, Body } from '@zymostat/contract';
import { api, call, type WithBody } from '../../api/api.ts';

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
    ownWeek: build.query<Answer<'ownWeek'>, string>({
      query: (id) => call('ownWeek', { id }),
      providesTags: ['Week'],
    }),
    visitOf: build.query<Answer<'visitOf'>, string>({
      query: (id) => call('visitOf', { id }),
      providesTags: ['Visits'],
    }),
    roundPlan: build.query<Answer<'roundPlan'>, string>({
      query: (id) => call('roundPlan', { id }),
      providesTags: ['Visits', 'Round'],
    }),
    planAnew: build.mutation<Answer<'planAnew'>, WithBody<'planAnew'>>({
      query: ({ id, body }) => call('planAnew', { id, body }),
      invalidatesTags: ['Visits', 'Records'],
    }),
    roundAhead: build.query<Answer<'roundAhead'>, string>({
      query: (id) => call('roundAhead', { id }),
      providesTags: ['Home', 'Rounds'],
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
  useOwnWeekQuery,
  useRoundPlanQuery,
  useVisitOfQuery,
  usePlanAnewMutation,
  useRoundAheadQuery,
  useRoundHomesQuery,
  useRoundsQuery,
  useRoundQuery,
  useWetNowQuery,
  useMeasureAirMutation,
  useReadAirMutation,
} = roundsApi;
