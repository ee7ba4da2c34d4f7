import type { KeyObject } from 'node:crypto';
import { endpoints, streams } from '@zymostat/contract';
import { problems } from '../../platform/http/problems.ts';
import { serve, serveFile, type Serving } from '../../platform/http/serve.ts';
import { checkCode, checkPaper } from './check.ts';
import { makeReport } from './make.ts';
import { reportByCode } from './store.ts';

export const reportRoutes = (on: Serving, key: KeyObject): void => {
  serve(on, endpoints.makeReport, ({ context, params, body, person }) =>
    makeReport(context, { roundId: params.id, ...body }, { person, key }),
  );
  serveFile(on, streams.reportPdf, async ({ context, params }) => {
    const kept = await reportByCode(context, params.code);
    if (!kept) throw problems.notFound('report');
    return { name: `${kept.code}.pdf`, bytes: kept.pdf };
  });
  serve(on, endpoints.checkCode, ({ context, body }) => checkCode(context, body.code, key));
  serve(on, endpoints.checkPaper, ({ context, body }) =>
    checkPaper(context, Buffer.from(body.pdf, 'base64'), key),
  );
};
