import { colours } from '@zymostat/contract';
import { isAgainst, type Speaking } from '@zymostat/core';
import { firstResponse, standingNote, type PosterLine, type Words } from '@zymostat/words';
import type { Content, TableCell } from 'pdfmake/interfaces.js';
import { createPdf, MM } from '../../platform/pdf.ts';

/** For the depot's wall, and for the caddy. `scale` is of A4. */
export const posterSizes = {
  A4: { scale: 1, page: 'A4' },
  A3: { scale: Math.SQRT2, page: 'A3' },
  card: { scale: 0.62, page: { width: 105 * MM, height: 148 * MM } },
} as const;
export type PosterSize = keyof typeof posterSizes;

interface Poster {
  company: string;
  numbers: { emergency: string; poison: string };
  edition: number;
  lines: PosterLine[];
}

/** A word and a shape: a solid bar, a broken bar, an outline. */
const signs: Record<Speaking, string> = {
  never: '<svg viewBox="0 0 40 12"><rect width="40" height="12" fill="#B3261E"/></svg>',
  spoils:
    '<svg viewBox="0 0 40 12"><path d="M0 0h9v12H0zM15 0h9v12h-9zM30 0h9v12h-9z" fill="#14211D"/></svg>',
  care: '<svg viewBox="0 0 40 12"><rect x="1" y="1" width="38" height="10" fill="none" stroke="#14211D" stroke-width="2"/></svg>',
};

const SOFT = colours['ink-soft'];
type Spoken = PosterLine & { severity: Speaking };
type Points = (points: number) => number;

/** One rule as a row; the card says only what happens. */
const rowOf = (
  { name }: Words,
  { pair, severity, by, happens, remedy, own }: Spoken,
  { pt, card }: { pt: Points; card: boolean },
): TableCell[] => [
  { svg: signs[severity], width: pt(26), margin: [0, pt(2), 0, 0] },
  {
    text: [
      { text: name('severity', severity), bold: true },
      ...(own ? [{ text: `\n${name('poster', 'own')}`, color: SOFT }] : []),
    ],
  },
  { text: [{ text: pair, bold: true }, `\n${by}`] },
  ...(card ? [happens] : [happens, remedy]),
];

const ruleTable = (rows: TableCell[][], pt: Points, card: boolean): Content => ({
  margin: [0, pt(8), 0, pt(8)],
  fontSize: pt(card ? 8.6 : 8.2),
  table: {
    widths: card ? [pt(28), pt(32), '*', '*'] : [pt(28), pt(34), pt(150), '*', '*'],
    dontBreakRows: true,
    body: rows,
  },
  layout: {
    hLineWidth: () => 0.4,
    vLineWidth: () => 0,
    hLineColor: () => colours.cut,
    paddingLeft: () => 0,
    paddingRight: () => pt(6),
    paddingTop: () => pt(1.6),
    paddingBottom: () => pt(1.6),
  },
});

const headOf = ({ say, name }: Words, company: string, edition: number, pt: Points): Content => ({
  columns: [
    { text: name('poster', 'title'), fontSize: pt(24), bold: true },
    {
      text: `${company}\n${say('poster.edition', { edition })}`,
      alignment: 'right',
      fontSize: pt(9),
      color: SOFT,
    },
  ],
});

/**
 * The company's own never-combine list in plain words and shapes: all of it for the wall, what a
 * caddy can bring together for the card.
 */
export const posterPdf = (
  words: Words,
  { company, numbers, edition, lines }: Poster,
  size: PosterSize,
): Promise<Buffer> => {
  const { scale, page } = posterSizes[size];
  const card = size === 'card';
  const pt: Points = (points) => points * scale;
  const spoken = lines.filter((line): line is Spoken => isAgainst(line.severity));
  const shown = card ? spoken.filter(({ severity }) => severity === 'never') : spoken;
  const rows = shown.map((line) => rowOf(words, line, { pt, card }));
  return createPdf(words.say('poster.file-title', { edition }), {
    pageSize: page,
    pageMargins: [pt(28), pt(26), pt(28), pt(24)],
    content: [
      headOf(words, company, edition, pt),
      // What to do comes first: however many rules there are, it stands on the first page.
      {
        text: words.name('poster', 'first-response'),
        bold: true,
        fontSize: pt(13),
        margin: [0, pt(2), 0, pt(2)],
      },
      { ol: firstResponse(words, numbers, 'gas'), fontSize: pt(card ? 8 : 9) },
      ruleTable(rows, pt, card),
      {
        text: standingNote(words, numbers.poison),
        fontSize: pt(7),
        color: SOFT,
        margin: [0, pt(6), 0, 0],
      },
    ],
  });
};
