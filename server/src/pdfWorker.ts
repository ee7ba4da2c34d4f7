import { wordsOf, type Language } from '@zymostat/words';
import { en } from '@zymostat/words/en';
import { es } from '@zymostat/words/es';
import { posterPdf } from './features/book/posterPdf.ts';
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
