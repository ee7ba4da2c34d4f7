import type { Answer, Body } from '@zymostat/contract';
import { api, call, type WithBody } from '../../api/api.ts';

export const stockApi = api.injectEndpoints({
  endpoints: (build) => ({
    stock: build.query<Answer<'stock'>, void>({
      query: () => call('stock'),
      providesTags: ['Stock'],
    }),
    receiveStock: build.mutation<Answer<'receiveStock'>, Body<'receiveStock'>>({
      query: (body) => call('receiveStock', { body }),
      invalidatesTags: ['Stock', 'Beginning'],
    }),
    tellStock: build.mutation<Answer<'tellStock'>, WithBody<'tellStock'>>({
      query: ({ id, body }) => call('tellStock', { id, body }),
      invalidatesTags: ['Stock'],
    }),
    stockStrength: build.query<Answer<'stockStrength'>, string>({
      query: (id) => call('stockStrength', { id }),
      providesTags: ['Stock'],
    }),
    readStock: build.mutation<null, WithBody<'readStock'>>({
      query: ({ id, body }) => call('readStock', { id, body }),
      invalidatesTags: ['Stock'],
    }),
    stockUse: build.query<Answer<'stockUse'>, void>({
      query: () => call('stockUse'),
      providesTags: ['Stock', 'Batches'],
    }),
    addProduct: build.mutation<Answer<'addProduct'>, Body<'addProduct'>>({
      query: (body) => call('addProduct', { body }),
      invalidatesTags: ['Stock'],
    }),
    editProduct: build.mutation<Answer<'editProduct'>, WithBody<'editProduct'> & { seen: number }>({
      query: ({ id, body, seen }) => call('editProduct', { id, body, seen }),
      invalidatesTags: ['Stock', 'Home'],
    }),
  }),
});
export const {
  useStockQuery,
  useAddProductMutation,
  useEditProductMutation,
  useReceiveStockMutation,
  useStockStrengthQuery,
  useReadStockMutation,
  useTellStockMutation,
  useStockUseQuery,
} = stockApi;
