import type { Answer } from '@zymostat/contract';
import { api, call } from '../../api/api.ts';

export const todayApi = api.injectEndpoints({
  endpoints: (build) => ({
    board: build.query<Answer<'board'>, number>({
      query: (from) => call('board', { params: { from } }),
      providesTags: ['Rounds', 'Round', 'WetNow', 'Records'],
    }),
  }),
});
export const { useBoardQuery } = todayApi;
