import type { Answer, Body } from '@zymostat/contract';
import { api, call } from '../../api/api.ts';

export const beginningApi = api.injectEndpoints({
  endpoints: (build) => ({
    beginning: build.query<Answer<'beginning'>, void>({
      query: () => call('beginning'),
      providesTags: ['Beginning'],
    }),
    answerQuestion: build.mutation<null, Body<'answerQuestion'>>({
      query: (body) => call('answerQuestion', { body }),
      invalidatesTags: ['Beginning'],
    }),
  }),
});
export const { useBeginningQuery, useAnswerQuestionMutation } = beginningApi;
