import { colours } from '@zymostat/contract';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import type { TDocumentDefinitions } from 'pdfmake/interfaces.js';

const require = createRequire(import.meta.url);
const pdfmake = require('pdfmake') as {
  setFonts: (fonts: object) => void;
  setLocalAccessPolicy: (allows: (path: string) => boolean) => void;
  setUrlAccessPolicy: (allows: () => boolean) => void;
  createPdf: (document: TDocumentDefinitions) => { getBuffer: () => Promise<Buffer> };
};
const fontFolder = join(
  dirname(require.resolve('@fontsource/atkinson-hyperlegible-next/package.json')),
  'files',
);
const font = (weight: number, style = 'normal') =>
  join(fontFolder, `atkinson-hyperlegible-next-latin-${weight}-${style}.woff`);
pdfmake.setFonts({
  Text: {
    normal: font(400),
    bold: font(700),
    italics: font(400, 'italic'),
    bolditalics: font(700, 'italic'),
  },
});
pdfmake.setLocalAccessPolicy((path) => path.startsWith(fontFolder));
pdfmake.setUrlAccessPolicy(() => false);

export const MM = 72 / 25.4;

/**
 * A document in the application's own hand, as bytes. Nothing is fetched for it: fonts ship with
 * the application.
 */
export const createPdf = (title: string, document: TDocumentDefinitions): Promise<Buffer> =>
  pdfmake
    .createPdf({
      defaultStyle: { font: 'Text', lineHeight: 1.05, color: colours.ink },
      info: { title, creator: 'Zymostat', producer: 'Zymostat' },
      ...document,
    })
    .getBuffer();
