import { colours, type Paper } from '@zymostat/contract';
import { countReport, type ReportRoom } from '@zymostat/core';
import { clock, inFours, type Words } from '@zymostat/words';
import type { Content } from 'pdfmake/interfaces.js';
import { createPdf } from '../../platform/pdf.ts';
import type { ReportSays } from './reportSays.ts';
import { batchTable, part, SMALL, SOFT, surfaceTable } from './reportTables.ts';
import { timesIn, type Times } from './times.ts';

const headOf = ({ name, say }: Words, says: ReportSays, times: Times): Content[] => {
  const { company, homeName, place, by, startedAt, finishedAt } = says;
  const when = { day: times.day(startedAt), from: times.time(startedAt), by };
  return [
    {
      columns: [
        { text: company.name, bold: true },
        { text: name('report', 'title'), alignment: 'right', color: SOFT },
      ],
    },
    { text: `${homeName}, ${place}`, fontSize: 20, bold: true, margin: [0, 10, 0, 0] },
    {
      text: finishedAt
        ? say('report.whenBy', { ...when, to: times.time(finishedAt) })
        : say('report.notFinished', when),
      color: SOFT,
    },
  ];
};

const summary = ({ say }: Words, rooms: readonly ReportRoom[]): Content => {
  const count = countReport(rooms);
  const all = Object.values(count).reduce((sum, one) => sum + one, 0);
  return {
    text: say('report.summary', {
      all,
      good: count.met + count.cleaned,
      notMet: count['not-met'],
      notShown: count['not-shown'],
      leftOut: count['left-out'],
      notDone: count['not-done'],
    }),
    fontSize: 12,
    bold: true,
    margin: [0, 8, 0, 6],
  };
};

/** What was done about what was not met, and how what is not shown is to be taken. */
const doneAbout = ({ say, name }: Words, rooms: readonly ReportRoom[]): string[] =>
  rooms.flatMap(({ lines }) =>
    lines.flatMap((line, i) => {
      const { surface, required, held, shown, came, loosened } = line;
      const after = lines[i + 1];
      const again = after?.surfaceId === line.surfaceId && after.held !== null ? after : undefined;
      const times = { surface, held: clock(held ?? 0), required: clock(required) };
      if (came === 'left-too-long' && loosened)
        return say('report.leftTooLong', {
          surface,
          cleaner: name('cleaner', loosened.cleaner),
          held: clock(held ?? 0),
          most: clock(loosened.most ?? 0),
        });
      if (came === 'not-met' && again)
        return say('report.againMet', {
          ...times,
          heldAgain: clock(again.held!),
          came: name('reportCame', again.came),
        });
      if (came === 'not-met') return say('report.notAgain', times);
      if (came === 'not-shown' && !again)
        return say('report.shownUntil', { ...times, shown: clock(shown ?? 0) });
      return [];
    }),
  );

const notes = ({ name, say }: Words, { batches, corrections }: ReportSays): Content => {
  const own = batches.some(({ active }) => active !== 'registered product');
  const product = batches.some(({ active }) => active === 'registered product');
  return {
    text: [
      ...(own ? [name('report', 'ownMixture')] : []),
      ...(product ? [name('report', 'label')] : []),
      name('report', 'saysWhat'),
      ...(corrections > 0 ? [say('report.corrected', { count: corrections })] : []),
    ].join(' '),
    fontSize: 9,
  };
};

const seal = ({ say }: Words, { proof }: ReportSays, times: Times): Content => ({
  margin: [0, 10, 0, 0],
  unbreakable: true,
  columns: [
    { qr: `${proof.address}?code=${proof.code}`, fit: 76, width: 84 },
    {
      stack: [
        { text: say('report.checkAt', { address: proof.address }), bold: true },
        { text: inFours(proof.code), fontSize: 15, bold: true, characterSpacing: 1 },
        {
          text: say('report.signed', {
            at: times.exact(proof.at),
            utc: new Date(proof.at).toISOString().slice(11, 19),
          }),
          fontSize: SMALL,
          color: SOFT,
        },
        {
          text: say('report.rows', { ...proof.rows, head: proof.head.slice(0, 16) }),
          fontSize: SMALL,
        },
        { text: proof.signature, fontSize: 7, color: SOFT },
      ],
    },
  ],
});

const inFile = (base64: string): string => `data:application/octet-stream;base64,${base64}`;
const bytesOf = (text: string): string => inFile(Buffer.from(text).toString('base64'));

/** A public key as tools read it. */
const pemOf = (spki: string): string => {
  const base64 = Buffer.from(spki, 'base64url').toString('base64');
  return `-----BEGIN PUBLIC KEY-----\n${base64}\n-----END PUBLIC KEY-----\n`;
};

/** The visit report for the client: what was done with what, how long it was wet, and its proof. */
export const reportPdf = (words: Words, says: ReportSays, paper: Paper): Promise<Buffer> => {
  const times = timesIn(words, says.zone);
  const { name, say } = words;
  const about = doneAbout(words, says.rooms);
  const { report, signature, key } = says.attached;
  return createPdf(say('report.titleOf', { home: says.homeName }), {
    pageSize: paper === 'A4' ? 'A4' : 'LETTER',
    pageMargins: [36, 34, 36, 40],
    footer: (page, pages) => ({
      margin: [36, 10, 36, 0],
      fontSize: 7.5,
      color: SOFT,
      columns: [
        { text: say('standing.note', { poison: says.company.poisonLine }), width: '*' },
        { text: say('report.pageOf', { page, pages }), width: 50, alignment: 'right' },
      ],
    }),
    defaultStyle: { font: 'Text', fontSize: 10, lineHeight: 1.05, color: colours.ink },
    content: [
      ...headOf(words, says, times),
      summary(words, says.rooms),
      surfaceTable(words, says.rooms),
      ...(about.length > 0
        ? [part(name('report', 'doneAbout')), { ul: about, fontSize: 9 } as Content]
        : []),
      ...batchTable(words, says.batches, times),
      part(name('report', 'pleaseNote')),
      notes(words, says),
      seal(words, says, times),
    ],
    files: {
      report: { src: bytesOf(report), name: 'report.json' },
      signature: { src: inFile(signature), name: 'report.sig' },
      key: { src: bytesOf(pemOf(key)), name: 'key.pem' },
    },
  });
};
