import type { Answer, Body } from '@zymostat/contract';
import { api, call } from '../../api/api.ts';

export const protocolsApi = api.injectEndpoints({
  endpoints: (build) => ({
    version: build.query<Answer<'version'>, string>({ query: (id) => call('version', { id }) }),
    approve: build.mutation<Answer<'approve'>, { id: string; seen: number }>({
      query: ({ id, seen }) => call('approve', { id, seen, body: {} }),
      invalidatesTags: ['Homes', 'Home', 'Records'],
    }),
    ruleEffects: build.query<Answer<'ruleEffects'>, Body<'ruleEffects'>>({
      query: (body) => call('ruleEffects', { body }),
      providesTags: ['Home', 'Me'],
    }),
    setHouseRules: build.mutation<
      Answer<'setHouseRules'>,
      { body: Body<'setHouseRules'>; seen: number }
    >({
      query: ({ body, seen }) => call('setHouseRules', { body, seen }),
      invalidatesTags: ['Me', 'Home', 'Homes', 'Records'],
    }),
  }),
});
export const {
  useVersionQuery,
  useApproveMutation,
  useRuleEffectsQuery,
  useSetHouseRulesMutation,
} = protocolsApi;
