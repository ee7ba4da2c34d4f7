import type { Answer, RecordFilter } from '@zymostat/contract';
import { api, call, type WithBody } from '../../api/api.ts';

/** What the page filters records by; the wire carries it as text. */
export type Filter = Partial<Omit<RecordFilter, 'limit'>>;

export const recordsApi = api.injectEndpoints({
  endpoints: (build) => ({
    records: build.query<Answer<'records'>, Filter>({
      query: (filter) => call('records', { params: filter }),
      providesTags: ['Records'],
    }),
    correct: build.mutation<Answer<'addEvent'>, WithBody<'addEvent'>>({
      query: ({ id, body }) => call('addEvent', { id, body }),
      invalidatesTags: ['Records', 'Round', 'WetNow'],
    }),
    verification: build.query<Answer<'verification'>, void>({
      query: () => call('verification'),
      providesTags: ['Verification'],
    }),
    verify: build.mutation<Answer<'verify'>, void>({
      query: () => call('verify', { body: {} }),
      invalidatesTags: ['Verification'],
    }),
  }),
});
export const { useCorrectMutation, useRecordsQuery, useVerificationQuery, useVerifyMutation } =
  recordsApi;
