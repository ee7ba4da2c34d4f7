import type { Answer, Body } from '@zymostat/contract';
import { api, call, type WithBody } from '../../api/api.ts';

export const reportsApi = api.injectEndpoints({
  endpoints: (build) => ({
    checkCode: build.mutation<Answer<'checkCode'>, Body<'checkCode'>>({
      query: (body) => call('checkCode', { body }),
    }),
    checkPaper: build.mutation<Answer<'checkPaper'>, Body<'checkPaper'>>({
      query: (body) => call('checkPaper', { body }),
    }),
    makeReport: build.mutation<Answer<'makeReport'>, WithBody<'makeReport'>>({
      query: ({ id, body }) => call('makeReport', { id, body }),
      invalidatesTags: ['Records'],
    }),
  }),
});
export const { useCheckCodeMutation, useCheckPaperMutation, useMakeReportMutation } = reportsApi;
