import { colours, pictogramSvg } from '@zymostat/contract';
import type { LabelWords, Words } from '@zymostat/words';
import type { Content, TableCell } from 'pdfmake/interfaces.js';
import { createPdf, MM } from '../../platform/pdf.ts';
import { labelSizes, type LabelSize } from './labelSizes.ts';

const PAD = 7;

const sheets = {
  A4: { width: 210 * MM, height: 297 * MM },
  A6: { width: 105 * MM, height: 148 * MM },
} as const;

const day = ({ locale }: Words, ms: number) =>
  new Date(ms).toLocaleString(locale, {
    day: 'numeric',
    month: 'short',
    year: 'numeric',
    hour: '2-digit',
    minute: '2-digit',
  });

const soft = colours['ink-soft'];

const linesOf = (text: string, letters: number): number => Math.ceil(text.length / letters);

/**
 * The precautions that still fit: the statements of hazard and the "never with" line stay, and of
 * the precautions those that come last go first. What is left out stands on the stock's own label
 * and data sheet.
 */
const fitting = (words: Words, label: LabelWords, size: LabelSize): string[] => {
  const { letters, lines, sign, text } = labelSizes[size];
  const signs = label.signal ? Math.ceil(sign / (text * 1.05)) : 0;
  const fixed =
    [
      label.strength,
      label.purpose,
      label.statements.join(' '),
      `${words.name('label', 'never-with')} ${label.neverWith}.`,
      label.emergency,
    ].reduce((sum, one) => sum + linesOf(one, letters), 0) +
    signs +
    7;
  const kept: string[] = [];
  for (const precaution of label.precautions) {
    if (fixed + linesOf([...kept, precaution].join(' '), letters) > lines) break;
    kept.push(precaution);
  }
  return kept;
};

/** Signs and the signal word, where there are any. */
const signalOf = ({ signal, pictograms }: LabelWords, size: LabelSize): Content[] => {
  const { title, sign } = labelSizes[size];
  if (!signal) return [];
  const signs = pictograms.map((one): Content => ({
    svg: pictogramSvg(one),
    width: sign,
    height: sign,
  }));
  const word: Content = {
    text: signal,
    fontSize: title * 0.8,
    bold: true,
    margin: [3, sign * 0.25, 0, 0],
  };
  return [{ columns: [...signs, { ...word, width: '*' }] }];
};

/** Whose it is and until when, with its code to scan. */
const footOf = (words: Words, label: LabelWords, qr: number): Content => ({
  columns: [
    {
      stack: [
        { text: words.say('label.made', { day: day(words, label.madeAt) }), bold: true },
        { text: words.say('label.by', { name: label.madeBy }) },
        {
          text: words.say('label.discard-after', { day: day(words, label.discardAfter) }),
          bold: true,
        },
        { text: label.emergency },
      ],
      width: '*',
    },
    { qr: label.code, fit: qr, width: 'auto', margin: [4, 0, 0, 0] },
  ],
});

const labelOf = (words: Words, label: LabelWords, size: LabelSize): Content => {
  const { text, title, qr, width } = labelSizes[size];
  const inner = width - 2 * PAD;
  // A new one each time: the layout writes into what it is given.
  const rule = (): Content => ({
    canvas: [{ type: 'line', x1: 0, y1: 0, x2: inner, y2: 0, lineWidth: 0.7 }],
    margin: [0, 1, 0, 1],
  });
  return {
    stack: [
      {
        columns: [
          { text: label.company, color: soft, width: '*' },
          { text: label.code, bold: true, alignment: 'right', width: 'auto' },
        ],
      },
      { text: label.title, fontSize: title, bold: true, lineHeight: 1 },
      { text: label.strength, bold: true },
      { text: label.purpose },
      rule(),
      ...signalOf(label, size),
      { text: [...label.statements, ...fitting(words, label, size)].join(' ') },
      rule(),
      {
        text: [
          { text: `${words.name('label', 'never-with')} `, bold: true },
          `${label.neverWith}.`,
        ],
      },
      rule(),
      footOf(words, label, qr),
    ],
    fontSize: text,
    margin: [PAD, PAD, PAD, 0],
  };
};

/** How many, and where on the first sheet the first of them goes, counted from 0. */
export interface LabelSheet {
  size: LabelSize;
  copies: number;
  place: number;
}

/**
 * `copies` labels, as many to a sheet as fit, with lines to cut along. `place` is where on the
 * first sheet the first of them goes, counted from 0, so that a sheet that was begun is used up.
 */
export const labelPdf = (
  words: Words,
  label: LabelWords,
  { size, copies, place }: LabelSheet,
): Promise<Buffer> => {
  const { width, height, across, down, sheet } = labelSizes[size];
  const page = sheets[sheet];
  const first = place % (across * down);
  const rows = Math.ceil((first + copies) / across);
  const cell = (i: number): TableCell =>
    i >= first && i < first + copies ? labelOf(words, label, size) : '';
  const body = Array.from({ length: rows }, (_, row) =>
    Array.from({ length: across }, (__, column) => cell(row * across + column)),
  );
  const pages = Array.from({ length: Math.ceil(rows / down) }, (_, at) =>
    body.slice(at * down, (at + 1) * down),
  );
  const side = (page.width - across * width) / 2;
  const lined = sheet === 'A4' ? 0.3 : 0;
  return createPdf(`${label.code} ${label.title}`, {
    pageSize: sheet,
    pageMargins: [side, (page.height - down * height) / 2, side, 0],
    content: pages.map((rowsOfPage, at): Content => ({
      ...(at > 0 ? { pageBreak: 'before' } : {}),
      table: {
        widths: Array.from({ length: across }, () => width),
        heights: height - 1,
        dontBreakRows: true,
        body: rowsOfPage,
      },
      layout: {
        hLineWidth: () => lined,
        vLineWidth: () => lined,
        hLineColor: () => colours.cut,
        vLineColor: () => colours.cut,
        paddingLeft: () => 0,
        paddingRight: () => 0,
        paddingTop: () => 0,
        paddingBottom: () => 0,
      },
    })),
  });
};
