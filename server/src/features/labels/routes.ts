import { id as anId } from '@zymostat/contract';
import { labelWords } from '@zymostat/words';
import type { Request, Response, Router } from 'express';
import * as v from 'valibot';
import type { Context } from '../../context.ts';
import { wordsFor } from '../../http/language.ts';
import { mayCall, read } from '../../http/serve.ts';
import { batchById } from '../bench/service.ts';
import { theBook } from '../keepApart/book.ts';
import { theCompany } from '../people/service.ts';
import { labelPdf } from './labelPdf.ts';

const MOST_COPIES = 24;
const asked = v.strictObject({
  size: v.optional(v.picklist(['62x100', 'A6'], 'label-sizes'), '62x100'),
  copies: v.optional(
    v.pipe(
      v.string(),
      v.regex(/^\d{1,2}$/, 'whole-copies'),
      v.transform(Number),
      v.minValue(1, 'least-copies'),
      v.maxValue(MOST_COPIES, 'most-copies'),
    ),
    '1',
  ),
  place: v.optional(
    v.pipe(v.string(), v.regex(/^[1-6]$/, 'sheet-place'), v.transform(Number)),
    '1',
  ),
});

/** The label of a batch as a PDF to print. */
export const labelRoutes = (router: Router, context: Context): void => {
  router.get('/batches/:id/label.pdf', async (request: Request, response: Response) => {
    await mayCall(context, 'person', request);
    const { id } = read(v.strictObject({ id: anId }), request.params, 'path');
    const { size, copies, place } = read(asked, request.query, 'query');
    const words = wordsFor(request);
    const [batch, company, book] = await Promise.all([
      batchById(context, id),
      theCompany(context),
      theBook(context),
    ]);
    const label = labelWords(words, batch, { company, rules: company.houseRules, book });
    const pdf = await labelPdf(words, label, { size, copies, place: place - 1 });
    response
      .type('application/pdf')
      .set('Content-Disposition', `inline; filename="${batch.code}.pdf"`)
      .send(pdf);
  });
};
