import type { Answer, Body } from '@zymostat/contract';
import { api, call, type WithBody } from '../../api/api.ts';

export const bookApi = api.injectEndpoints({
  endpoints: (build) => ({
    book: build.query<Answer<'book'>, void>({ query: () => call('book'), providesTags: ['Book'] }),
    bookReadings: build.query<Answer<'bookReadings'>, void>({
      query: () => call('bookReadings'),
      providesTags: ['Book'],
    }),
    addRule: build.mutation<Answer<'addRule'>, Body<'addRule'>>({
      query: (body) => call('addRule', { body }),
      invalidatesTags: ['Book', 'Me', 'Home', 'Records'],
    }),
    withdrawRule: build.mutation<null, WithBody<'withdrawRule'>>({
      query: ({ id, body }) => call('withdrawRule', { id, body }),
      invalidatesTags: ['Book', 'Me', 'Home', 'Records'],
    }),
    readBook: build.mutation<null, Body<'readBook'>>({
      query: (body) => call('readBook', { body }),
      invalidatesTags: ['Book', 'Me', 'Records'],
    }),
  }),
});
export const {
  useBookQuery,
  useBookReadingsQuery,
  useAddRuleMutation,
  useWithdrawRuleMutation,
  useReadBookMutation,
} = bookApi;
