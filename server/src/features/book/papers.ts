import type { PosterSheet } from '@zymostat/contract';
import { posterLines, type Words } from '@zymostat/words';
import type { Context } from '../../platform/context.ts';
import { csvHead, csvLine } from '../../platform/csv.ts';
import type { ServedFile } from '../../platform/http/serve.ts';
import { layOut } from '../../platform/pdfPool.ts';
import { theCompany, type Person } from '../people/service.ts';
import { editionOf, ownRules, theBook } from './service.ts';

/** The book as a table. */
export async function* bookCsv(context: Context, words: Words): AsyncGenerator<string> {
  yield csvHead(words, ['pair', 'severity', 'routes', 'what_happens', 'what_to_do', 'source']);
  for (const { pair, severity, by, happens, remedy, source } of posterLines(
    words,
    await theBook(context),
  ))
    yield csvLine([pair, words.name('severity', severity), by, happens, remedy, source]);
}

/** The book as docs/formats/never-combine.md has it. */
export async function* bookJson(context: Context): AsyncGenerator<string> {
  const [book, own, edition] = await Promise.all([
    theBook(context),
    ownRules(context),
    editionOf(context),
  ]);
  const rules = book.map(({ id, one, other, by, source }) => ({ id, one, other, by, source }));
  yield `${JSON.stringify({ format: 'zymostat.never-combine/1', edition, rules, own }, null, 1)}\n`;
}

/** The book as a poster or a card. */
export const poster = async (
  context: Context,
  size: PosterSheet['size'],
  { words, person }: { words: Words; person: Person },
): Promise<ServedFile> => {
  const [{ name: company, emergencyNumber, poisonLine }, book, edition] = await Promise.all([
    theCompany(context),
    theBook(context),
    editionOf(context),
  ]);
  const numbers = { emergency: emergencyNumber, poison: poisonLine };
  const lines = posterLines(words, book);
  const asked = [{ company, numbers, edition, lines }, size];
  const bytes = await layOut(person.id, 'poster', { language: words.language, asked });
  return { name: `never-together-${size}.pdf`, bytes };
};
