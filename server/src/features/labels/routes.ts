import { streams } from '@zymostat/contract';
import { labelWords } from '@zymostat/words';
import { layOut } from '../../platform/pdfPool.ts';
import { serveFile, type Serving } from '../../platform/http/serve.ts';
import { batchById } from '../batches/service.ts';
import { theBook } from '../book/service.ts';
import { theCompany } from '../people/service.ts';

/** The label of a batch as a PDF to print. */
export const labelRoutes = (on: Serving): void => {
  serveFile(on, streams.batchLabel, async ({ context, params, query, words, person }) => {
    const [batch, company, book] = await Promise.all([
      batchById(context, params.id),
      theCompany(context),
      theBook(context),
    ]);
    const label = labelWords(words, batch, { company, rules: company.houseRules, book });
    const { size, copies, place } = query;
    const asked = [label, { size, copies, place: place - 1 }];
    const bytes = await layOut(person.id, 'label', { language: words.language, asked });
    return { name: `${batch.code}.pdf`, bytes };
  });
};
