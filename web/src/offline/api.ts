import type { Answer } from '@zymostat/contract';
import { api, call, type WithBody } from '../api/api.ts';

export const offlineApi = api.injectEndpoints({
  endpoints: (build) => ({
    addEvent: build.mutation<Answer<'addEvent'>, WithBody<'addEvent'>>({
      query: ({ id, body }) => call('addEvent', { id, body }),
    }),
  }),
});
export const { useAddEventMutation } = offlineApi;
