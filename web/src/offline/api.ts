import type { Answer, Body } from '@zymostat/contract';
import { api, call } from '../api/api.ts';

export const offlineApi = api.injectEndpoints({
  endpoints: (build) => ({
    addEvents: build.mutation<Answer<'addEvents'>, Body<'addEvents'>>({
      query: (body) => call('addEvents', { body }),
    }),
  }),
});
