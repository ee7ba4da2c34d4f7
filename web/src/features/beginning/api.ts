import type { Answer, Body } from '@zymostat/contract';
import { api, call } from '../../api/api.ts';

export const beginningApi = api.injectEndpoints({
  endpoints: (build) => ({
    beginning: build.query<Answer<'beginning'>, void>({
      query: () => call('beginning'),
      providesTags: ['Beginning'],
    }),
    answerQuestions: build.mutation<null, Body<'answerQuestions'>>({
      query: (body) => call('answerQuestions', { body }),
      invalidatesTags: ['Beginning'],
    }),
  }),
});
export const { useBeginningQuery, useAnswerQuestionsMutation } = beginningApi;
