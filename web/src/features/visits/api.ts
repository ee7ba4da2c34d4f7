import type { Answer } from '@zymostat/contract';
import { api, call, type WithBody } from '../../api/api.ts';

export const visitsApi = api.injectEndpoints({
  endpoints: (build) => ({
    visitTeam: build.query<Answer<'visitTeam'>, void>({
      query: () => call('visitTeam'),
      providesTags: ['People'],
    }),
    giveVisit: build.mutation<Answer<'giveVisit'>, WithBody<'giveVisit'>>({
      query: ({ id, body }) => call('giveVisit', { id, body }),
      invalidatesTags: ['Visits', 'Records'],
    }),
  }),
});
export const { useVisitTeamQuery, useGiveVisitMutation } = visitsApi;
