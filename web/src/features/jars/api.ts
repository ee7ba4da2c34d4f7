import type { Answer, Body } from '@zymostat/contract';
import { api, call, type WithBody } from '../../api/api.ts';

export const jarsApi = api.injectEndpoints({
  endpoints: (build) => ({
    vessels: build.query<Answer<'vessels'>, void>({
      query: () => call('vessels'),
      providesTags: ['Jars'],
    }),
    makeJar: build.mutation<Answer<'makeJar'>, Body<'makeJar'>>({
      query: (body) => call('makeJar', { body }),
      invalidatesTags: ['Jars', 'Records'],
    }),
    tellJar: build.mutation<Answer<'tellJar'>, WithBody<'tellJar'>>({
      query: ({ id, body }) => call('tellJar', { id, body }),
      invalidatesTags: ['Jars', 'Records'],
    }),
    beginBath: build.mutation<Answer<'beginBath'>, Body<'beginBath'>>({
      query: (body) => call('beginBath', { body }),
      invalidatesTags: ['Jars', 'Records'],
    }),
    endBath: build.mutation<Answer<'endBath'>, WithBody<'endBath'>>({
      query: ({ id, body }) => call('endBath', { id, body }),
      invalidatesTags: ['Jars', 'Records'],
    }),
    tellCloths: build.mutation<Answer<'tellCloths'>, Body<'tellCloths'>>({
      query: (body) => call('tellCloths', { body }),
      invalidatesTags: ['Jars', 'Records'],
    }),
  }),
});
export const {
  useVesselsQuery,
  useMakeJarMutation,
  useTellJarMutation,
  useBeginBathMutation,
  useEndBathMutation,
  useTellClothsMutation,
} = jarsApi;
