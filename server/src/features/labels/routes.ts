import { id as anId, labelWords } from '@zymostat/contract';
import type { Request, Response, Router } from 'express';
import * as v from 'valibot';
import type { Context } from '../../context.ts';
import { mayCall, read } from '../../http/serve.ts';
import { batchById } from '../bench/service.ts';
import { theBook } from '../keepApart/book.ts';
import { theCompany } from '../people/service.ts';
import { labelPdf } from './labelPdf.ts';

const MOST_COPIES = 24;
const asked = v.strictObject({
  size: v.optional(v.picklist(['62x100', 'A6'], 'The sizes are 62x100 and A6.'), '62x100'),
  copies: v.optional(
    v.pipe(
      v.string(),
      v.regex(/^\d{1,2}$/, 'A whole number of copies is allowed.'),
      v.transform(Number),
      v.minValue(1, 'At least one copy.'),
      v.maxValue(MOST_COPIES, `At most ${MOST_COPIES} copies.`),
    ),
    '1',
  ),
  place: v.optional(
    v.pipe(
      v.string(),
      v.regex(/^[1-6]$/, 'The place on the sheet is 1 to 6.'),
      v.transform(Number),
    ),
    '1',
  ),
});

/** The label of a batch as a PDF to print. */
export const labelRoutes = (router: Router, context: Context): void => {
  router.get('/batches/:id/label.pdf', async (request: Request, response: Response) => {
    await mayCall(context, 'person', request);
    const { id } = read(v.strictObject({ id: anId }), request.params, 'path');
    const { size, copies, place } = read(asked, request.query, 'query');
    const [batch, company, book] = await Promise.all([
      batchById(context, id),
      theCompany(context),
      theBook(context),
    ]);
    const pdf = await labelPdf(
      labelWords(batch, company, company.houseRules, book),
      size,
      copies,
      place - 1,
    );
    response
      .type('application/pdf')
      .set('Content-Disposition', `inline; filename="${batch.code}.pdf"`)
      .send(pdf);
  });
};
