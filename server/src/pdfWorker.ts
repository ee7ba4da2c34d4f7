import { wordsOf, type Language } from '@zymostat/words';
import { en } from '@zymostat/words/en';
import { es } from '@zymostat/words/es';
import { posterPdf } from './features/book/posterPdf.ts';
import { readPaper as read } from './features/reports/readPaper.ts';
import { reportPdf } from './features/reports/reportPdf.ts';
import { runSheetPdf } from './features/visits/runSheetPdf.ts';
import { labelPdf } from './features/labels/labelPdf.ts';

const all = { en: wordsOf('en', en), es: wordsOf('es', es) };

type Rest<F> = F extends (words: never, ...rest: infer R) => unknown ? R : never;
interface Job<F> {
  language: Language;
  asked: Rest<F>;
}

/** What is printed is laid out here, away from the thread that answers. */
export const label = ({ language, asked }: Job<typeof labelPdf>): Promise<Uint8Array> =>
  labelPdf(all[language], ...asked);

export const poster = ({ language, asked }: Job<typeof posterPdf>): Promise<Uint8Array> =>
  posterPdf(all[language], ...asked);

export const report = ({ language, asked }: Job<typeof reportPdf>): Promise<Uint8Array> =>
  reportPdf(all[language], ...asked);

export const runSheet = ({ language, asked }: Job<typeof runSheetPdf>): Promise<Uint8Array> =>
  runSheetPdf(all[language], ...asked);

/** What stands on a paper, as JSON; null where it cannot be read. */
export const readPaper = async ({ pdf }: { pdf: Uint8Array }): Promise<Uint8Array> => {
  const found = await read(new Uint8Array(pdf)).catch(() => null);
  return Buffer.from(JSON.stringify(found));
};
