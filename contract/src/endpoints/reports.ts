import * as v from 'valibot';
import {
  checked,
  codeGiven,
  newReport,
  paperGiven,
  reportCode,
  reportMade,
} from '../messages/reports.ts';
import { routes, streamRoutes } from '../routes.ts';
import { byId, endpoint, stream } from './endpoint.ts';

export const reportsEndpoints = {
  makeReport: endpoint(routes.makeReport, 'supervisor', 'Make and sign the report of a visit', {
    params: byId,
    body: newReport,
    answer: reportMade,
    ownId: true,
  }),
  checkCode: endpoint(routes.checkCode, 'anyone', 'Whether a report with such a code stands', {
    body: codeGiven,
    answer: checked,
  }),
  checkPaper: endpoint(
    routes.checkPaper,
    'anyone',
    'Whether a report as a PDF stands, line by line',
    {
      body: paperGiven,
      answer: checked,
      mostKb: 2048,
    },
  ),
} as const;

export const reportsStreams = {
  reportPdf: stream(streamRoutes.reportPdf, 'supervisor', 'A visit report as it was signed', {
    type: 'application/pdf',
    params: v.strictObject({ code: reportCode }),
  }),
} as const;
