import type { Answer, Body } from '@zymostat/contract';
import { api, call, type WithBody } from '../../api/api.ts';

export const batchesApi = api.injectEndpoints({
  endpoints: (build) => ({
    batches: build.query<Answer<'batches'>, void>({
      query: () => call('batches'),
      providesTags: ['Batches'],
    }),
    pourBatch: build.mutation<Answer<'pourBatch'>, Body<'pourBatch'>>({
      query: (body) => call('pourBatch', { body }),
      invalidatesTags: ['Batches', 'Records'],
    }),
    checkBatch: build.mutation<Answer<'checkBatch'>, WithBody<'checkBatch'>>({
      query: ({ id, body }) => call('checkBatch', { id, body }),
      invalidatesTags: ['Batches', 'Records'],
    }),
    tareScale: build.mutation<null, void>({ query: () => call('tareScale', { body: {} }) }),
    readMeter: build.mutation<Answer<'readMeter'>, void>({
      query: () => call('readMeter', { body: {} }),
    }),
    readStrip: build.mutation<Answer<'readStrip'>, void>({
      query: () => call('readStrip', { body: {} }),
    }),

    bottles: build.query<Answer<'bottles'>, void>({
      query: () => call('bottles'),
      providesTags: ['Bottles'],
    }),
    addBottle: build.mutation<Answer<'addBottle'>, Body<'addBottle'>>({
      query: (body) => call('addBottle', { body }),
      invalidatesTags: ['Bottles'],
    }),
    fillBottle: build.mutation<Answer<'fillBottle'>, WithBody<'fillBottle'>>({
      query: ({ id, body }) => call('fillBottle', { id, body }),
      invalidatesTags: ['Bottles', 'Records'],
    }),
    washBottle: build.mutation<Answer<'washBottle'>, WithBody<'washBottle'>>({
      query: ({ id, body }) => call('washBottle', { id, body }),
      invalidatesTags: ['Bottles', 'Records'],
    }),
  }),
});
export const {
  useBatchesQuery,
  usePourBatchMutation,
  useCheckBatchMutation,
  useTareScaleMutation,
  useReadMeterMutation,
  useReadStripMutation,
  useBottlesQuery,
  useAddBottleMutation,
  useFillBottleMutation,
  useWashBottleMutation,
} = batchesApi;
