import { colours } from '@zymostat/contract';
import type { Words } from '@zymostat/words';
import type { TableCell } from 'pdfmake/interfaces.js';
import { createPdf, MM } from '../../platform/pdf.ts';

/** One line of a run sheet: when, where, what, and with what. */
export interface SheetLine {
  at: string;
  room: string;
  surface: string;
  does: string;
  /** Where the cleaner goes to another room. */
  walks: boolean;
}

export interface RunSheet {
  title: string;
  says: string;
  lines: SheetLine[];
  foot: string;
}

const soft = colours['ink-soft'];
/** As many lines as one page takes at the usual size; more make the letters smaller. */
const FITS = 42;

/** What one person does in a visit, on one page. */
export const runSheetPdf = (words: Words, sheet: RunSheet): Promise<Uint8Array> => {
  const size = Math.max(5.5, Math.min(10, (10 * FITS) / Math.max(FITS, sheet.lines.length)));
  const head = (['at', 'room', 'surface', 'does'] as const).map((column): TableCell => ({
    text: words.name('runSheet', column),
    color: soft,
    fontSize: size * 0.9,
  }));
  const rows = sheet.lines.map(({ at, room, surface, does, walks }): TableCell[] => [
    { text: at, bold: true },
    { text: walks ? room : '', bold: true },
    { text: surface },
    { text: does },
  ]);
  return createPdf(sheet.title, {
    pageSize: 'A4',
    pageMargins: [16 * MM, 14 * MM, 16 * MM, 14 * MM],
    defaultStyle: { font: 'Text', fontSize: size },
    content: [
      { text: sheet.title, fontSize: 18, bold: true },
      { text: sheet.says, margin: [0, 2, 0, 8] },
      {
        table: { headerRows: 1, widths: ['auto', 'auto', '*', '*'], body: [head, ...rows] },
        layout: 'lightHorizontalLines',
      },
      { text: sheet.foot, color: soft, fontSize: 8, margin: [0, 8, 0, 0] },
    ],
  });
};
