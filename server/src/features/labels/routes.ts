import { streams, type LabelSheet } from '@zymostat/contract';
import { jarLabelWords, labelWords, type LabelWords, type Words } from '@zymostat/words';
import { layOut } from '../../platform/pdfPool.ts';
import { serveFile, type Serving } from '../../platform/http/serve.ts';
import { batchById } from '../batches/service.ts';
import { theBook } from '../book/service.ts';
import { asJar, jarById } from '../jars/service.ts';
import { personNames, theCompany } from '../people/service.ts';
import { problems } from '../../platform/http/problems.ts';

/** A label laid out, in the size that was asked. */
const laidOut = async (
  label: LabelWords,
  { size, copies, place }: LabelSheet,
  { words, person }: { words: Words; person: { id: string } },
): Promise<Buffer> => {
  const asked = [label, { size, copies, place: place - 1 }];
  return layOut(person.id, 'label', { language: words.language, asked });
};

/** Labels of batches and jars as PDFs to print. */
export const labelRoutes = (on: Serving): void => {
  serveFile(on, streams.batchLabel, async ({ context, params, query, words, person }) => {
    const [batch, company, book] = await Promise.all([
      batchById(context, params.id),
      theCompany(context),
      theBook(context),
    ]);
    const label = labelWords(words, batch, { company, rules: company.houseRules, book });
    const bytes = await laidOut(label, query, { words, person });
    return { name: `${batch.code}.pdf`, bytes };
  });
  serveFile(on, streams.jarLabel, async ({ context, params, query, words, person }) => {
    const [record, company, book, names] = await Promise.all([
      jarById(context, params.id),
      theCompany(context),
      theBook(context),
      personNames(context),
    ]);
    if (!record) throw problems.notFound('jar');
    const jar = asJar(record, names);
    const label = jarLabelWords(words, jar, { company, rules: company.houseRules, book });
    const bytes = await laidOut(label, query, { words, person });
    return { name: `${jar.code}.pdf`, bytes };
  });
};
