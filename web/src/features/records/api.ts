import type { Answer, RecordFilter } from '@zymostat/contract';
import { api, call } from '../../api/api.ts';

/** What the page filters records by; the wire carries it as text. */
export type Filter = Partial<Omit<RecordFilter, 'limit'>>;

export const recordsApi = api.injectEndpoints({
  endpoints: (build) => ({
    records: build.query<Answer<'records'>, Filter>({
      query: (filter) => call('records', { params: filter }),
      providesTags: ['Records'],
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
export const { useRecordsQuery, useVerificationQuery, useVerifyMutation } = recordsApi;
