import { streams } from '@zymostat/contract';
import { labelWords } from '@zymostat/words';
import type { Router } from 'express';
import type { Context } from '../../platform/context.ts';
import { serveFile } from '../../platform/http/serve.ts';
import { batchById } from '../batches/service.ts';
import { theBook } from '../book/service.ts';
import { theCompany } from '../people/service.ts';
import { labelPdf } from './labelPdf.ts';

/** The label of a batch as a PDF to print. */
export const labelRoutes = (router: Router, context: Context): void => {
  serveFile(router, streams.batchLabel, async ({ params, query, words }) => {
    const [batch, company, book] = await Promise.all([
      batchById(context, params.id),
      theCompany(context),
      theBook(context),
    ]);
    const label = labelWords(words, batch, { company, rules: company.houseRules, book });
    const { size, copies, place } = query;
    const bytes = await labelPdf(words, label, { size, copies, place: place - 1 });
    return { name: `${batch.code}.pdf`, bytes };
  });
};
