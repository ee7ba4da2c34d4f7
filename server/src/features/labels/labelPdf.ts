import { pictogramSvg, type LabelWords } from '@zymostat/contract';
import type { Content, TableCell } from 'pdfmake/interfaces.js';
import { createPdf, MM } from '../../print/pdf.ts';

/** The two sizes, and how many go on a page of A4. */
export const labelSizes = {
  '62x100': { width: 62 * MM, height: 100 * MM, across: 3, down: 2, text: 7, title: 14, sign: 32, qr: 46 },
  A6: { width: 105 * MM, height: 148 * MM, across: 2, down: 2, text: 11, title: 23, sign: 56, qr: 80 },
} as const;
export type LabelSize = keyof typeof labelSizes;

const PAD = 7;
const LONGEST_AT_FULL_SIZE = 440;
const A4 = { width: 210 * MM, height: 297 * MM };
const day = (ms: number) => new Date(ms).toLocaleString('en-GB', { day: 'numeric', month: 'short', year: 'numeric', hour: '2-digit', minute: '2-digit' });
const soft = '#54635D';

const labelOf = (label: LabelWords, size: LabelSize): Content => {
  const { text: usual, title, sign, qr, width } = labelSizes[size];
  // What has more to warn of is set smaller, so that it still fits its label.
  const said = [...label.statements, ...label.precautions].join(' ');
  const text = usual * Math.min(1, Math.sqrt(LONGEST_AT_FULL_SIZE / said.length));
  const inner = width - 2 * PAD;
  // A new one each time: the layout writes into what it is given.
  const rule = (): Content => ({ canvas: [{ type: 'line', x1: 0, y1: 0, x2: inner, y2: 0, lineWidth: 0.7 }], margin: [0, 2, 0, 2] });
  return {
    stack: [
      { columns: [{ text: label.company, color: soft, width: '*' }, { text: label.code, bold: true, alignment: 'right', width: 'auto' }] },
      { text: label.title, fontSize: title, bold: true, lineHeight: 1 },
      { text: label.strength, bold: true },
      { text: label.purpose },
      rule(),
      ...(label.signal ? [{ columns: [...label.pictograms.map((one): Content => ({ svg: pictogramSvg(one), width: sign, height: sign })), { text: label.signal, fontSize: title * 0.8, bold: true, margin: [4, sign * 0.25, 0, 0], width: '*' } as Content] } as Content] : []),
      { text: said },
      rule(),
      { text: [{ text: 'Never with: ', bold: true }, label.neverWith + '.'] },
      rule(),
      {
        columns: [
          { stack: [{ text: ['Made ', { text: day(label.madeAt), bold: true }] }, { text: `by ${label.madeBy}` }, { text: ['Discard after ', { text: day(label.discardAfter), bold: true }] }, { text: label.emergency, margin: [0, 2, 0, 0] }], width: '*' },
          { qr: label.code, fit: qr, width: 'auto', margin: [4, 0, 0, 0] },
        ],
      },
    ],
    fontSize: text,
    margin: [PAD, PAD, PAD, 0],
  };
};

/** A4 pages of `copies` labels, as many to a page as fit, with lines to cut along. */
export const labelPdf = (label: LabelWords, size: LabelSize, copies: number): Promise<Buffer> => {
  const { width, height, across, down } = labelSizes[size];
  const rows = Math.ceil(copies / across);
  const cell = (i: number): TableCell => (i < copies ? (labelOf(label, size) as TableCell) : '');
  const body = Array.from({ length: rows }, (_, row) => Array.from({ length: across }, (__, column) => cell(row * across + column)));
  const pages = Array.from({ length: Math.ceil(rows / down) }, (_, page) => body.slice(page * down, (page + 1) * down));
  const side = (A4.width - across * width) / 2;
  return createPdf(`${label.code} ${label.title}`, {
      pageSize: 'A4', pageMargins: [side, (A4.height - down * height) / 2, side, 0],
      content: pages.map((rowsOfPage, page): Content => ({
        ...(page > 0 ? { pageBreak: 'before' } : {}),
        table: { widths: Array.from({ length: across }, () => width), heights: height, dontBreakRows: true, body: rowsOfPage },
        layout: { hLineWidth: () => 0.3, vLineWidth: () => 0.3, hLineColor: () => '#9AA8A2', vLineColor: () => '#9AA8A2', paddingLeft: () => 0, paddingRight: () => 0, paddingTop: () => 0, paddingBottom: () => 0 },
      })),
    });
};
