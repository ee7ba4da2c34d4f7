import { colours } from '@zymostat/contract';
import type { ReportLine, ReportRoom } from '@zymostat/core';
import { clock, strengthOf, strengthShort, type Words } from '@zymostat/words';
import type { Content, TableCell } from 'pdfmake/interfaces.js';
import { axisOf, bandSvg, mark, stub } from './bands.ts';
import type { ReportBatch } from './reportSays.ts';
import type { Times } from './times.ts';

export const SOFT = colours['ink-soft'];
export const SMALL = 8;

/** The title of a part. */
export const part = (title: string): Content => ({
  text: title,
  bold: true,
  fontSize: 11,
  margin: [0, 9, 0, 3],
});

/** What stands beside the band in words, where it says more than the word for what came of it. */
const besideBand = (
  { name, say }: Words,
  { came, held, required, dry, why, loosened }: ReportLine,
): string => {
  if (loosened)
    return say('report.loosened', {
      soil: name('soil', loosened.soil),
      most: loosened.most === null ? 'no' : clock(loosened.most),
    });
  if (came === 'left-out' && why) return name('skipReason', why);
  if (came === 'not-shown') return name('report', 'nobodyLooked');
  if (came !== 'not-met') return '';
  if (dry) return name('report', 'foundDry');
  return held === null ? '' : say('report.short', { missing: clock(required - held) });
};

/** What was put on: a strength, what loosened soil, or water and detergent. */
const withWhat = (words: Words, { use, loosened }: ReportLine): string => {
  if (loosened) return words.name('cleaner', loosened.cleaner);
  return use ? strengthShort(words, use.active, use.strength) : words.name('report', 'water');
};

/** The same surface was kept wet before; what loosened its soil is no first time of that. */
const isAgain = (before: ReportLine | undefined, { surfaceId }: ReportLine): boolean =>
  before !== undefined && before.surfaceId === surfaceId && before.loosened === null;

const rowOf = (
  words: Words,
  line: ReportLine,
  { axis, room, again }: { axis: number; room: string; again: boolean },
): TableCell[] => {
  const { surface, use, held, came } = line;
  const band = bandSvg(line, axis);
  const beside = besideBand(words, line);
  return [
    { text: room, bold: true },
    again ? words.say('report.again', { surface }) : surface,
    {
      columnGap: 5,
      columns: [
        { svg: stub(use?.active ?? null), width: 16, margin: [0, 2, 0, 0] },
        {
          text: withWhat(words, line),
          width: '*',
        },
      ],
    },
    {
      stack: [
        ...(band ? [{ svg: band, width: 130 }] : []),
        ...(beside ? [{ text: beside, fontSize: SMALL, color: SOFT }] : []),
      ],
    },
    {
      columnGap: 5,
      columns: [
        { svg: mark(came), width: 10, margin: [0, 2, 0, 0] },
        { text: words.name('reportCame', came), width: '*', bold: came !== 'cleaned' },
      ],
    },
    { text: held === null ? '' : clock(held), alignment: 'right' },
  ];
};

/** Every surface with its band, room by room. */
export const surfaceTable = (words: Words, rooms: readonly ReportRoom[]): Content => {
  const { name } = words;
  const axis = axisOf(rooms.flatMap(({ lines }) => lines));
  const rows = rooms.flatMap(({ room, lines }) =>
    lines.map((line, i) =>
      rowOf(words, line, {
        axis,
        room: i === 0 ? room : '',
        again: isAgain(lines[i - 1], line),
      }),
    ),
  );
  const heads = ['room', 'surface', 'with', 'notch', null, 'kept'] as const;
  return {
    fontSize: 9.5,
    table: {
      headerRows: 1,
      widths: [62, 110, 72, 134, '*', 38],
      dontBreakRows: true,
      body: [
        heads.map((head, i) => ({
          text: head ? name('report', head) : '',
          fontSize: SMALL,
          color: SOFT,
          alignment: i === heads.length - 1 ? ('right' as const) : ('left' as const),
        })),
        ...rows,
      ],
    },
    layout: ruled,
  };
};

const ruled = {
  hLineWidth: (i: number) => (i === 1 ? 0.8 : 0.4),
  vLineWidth: () => 0,
  hLineColor: () => colours.cut,
  paddingLeft: () => 0,
  paddingRight: () => 6,
  paddingTop: () => 2,
  paddingBottom: () => 2,
};

const checkOf = (words: Words, { active, measured, verified }: ReportBatch): string => {
  const { name, say } = words;
  if (active === 'registered product') return name('report', 'product');
  if (measured !== null)
    return say('report.checked', { measured: strengthOf(words, active, measured) });
  return name('report', verified ? 'verified' : 'unchecked');
};

/** What it was done with, and how that was checked. */
export const batchTable = (
  words: Words,
  batches: readonly ReportBatch[],
  times: Times,
): Content[] => {
  if (batches.length === 0) return [];
  const { name } = words;
  const heads = ['batch', 'mixture', 'check', 'made', 'by'] as const;
  return [
    part(name('report', 'doneWith')),
    {
      fontSize: 9,
      table: {
        headerRows: 1,
        widths: [52, '*', 110, 90, 60],
        dontBreakRows: true,
        body: [
          heads.map((head) => ({ text: name('report', head), fontSize: SMALL, color: SOFT })),
          ...batches.map((batch) => [
            batch.code,
            `${name('active', batch.active)} ${strengthOf(words, batch.active, batch.strength)}`,
            checkOf(words, batch),
            times.moment(batch.madeAt),
            batch.madeBy,
          ]),
        ],
      },
      layout: ruled,
    },
  ];
};
