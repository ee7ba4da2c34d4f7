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
  }),
});
export const { useRecordsQuery } = recordsApi;
