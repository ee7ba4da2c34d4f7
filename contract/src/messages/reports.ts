import { reportCames } from '@zymostat/core';
import * as v from 'valibot';
import { languages } from '../languages.ts';
import { id, instant, zone } from '../parts/text.ts';

export const papers = ['A4', 'letter'] as const;

/** In which language, for which paper, and in which time zone its times are told. */
export const newReport = v.strictObject({
  id,
  language: v.picklist(languages),
  paper: v.picklist(papers),
  zone,
});

/** As people write codes: capitals and gaps do not matter, O is 0, I and L are 1. */
export const reportCode = v.pipe(
  v.string(),
  v.transform((text) =>
    text
      .toUpperCase()
      .replace(/[^A-Z0-9]/g, '')
      .replace(/O/g, '0')
      .replace(/[IL]/g, '1'),
  ),
  v.regex(/^[0-9A-Z]{12}$/, 'report-code'),
);

export const reportMade = v.strictObject({ code: v.string() });

export const codeGiven = v.strictObject({ code: reportCode });

/** A PDF of at most 1.5 MB, in base64. */
const MOST_PAPER = 2_000_000;
export const paperGiven = v.strictObject({
  pdf: v.pipe(v.string(), v.maxLength(MOST_PAPER, 'too-long'), v.base64('base64')),
});

/**
 * What a paper is. `differing`: what it says and nobody signed; `missing`: how many lines it lacks.
 * Nothing is told that is not printed on it.
 */
export const checked = v.variant('is', [
  v.strictObject({
    is: v.literal('stands'),
    at: instant,
    rows: v.number(),
    added: v.number(),
    compared: v.boolean(),
  }),
  v.strictObject({
    is: v.literal('differs'),
    at: instant,
    differing: v.array(v.string()),
    missing: v.number(),
  }),
  v.strictObject({ is: v.literal('broken'), at: instant, rows: v.number() }),
  v.strictObject({ is: v.literal('another'), company: v.string() }),
  v.strictObject({ is: v.picklist(['unknown', 'forged', 'unreadable']) }),
]);
export type Checked = v.InferOutput<typeof checked>;
export type Paper = (typeof papers)[number];

const strengthOrNothing = v.nullable(v.number());
export const reportLine = v.strictObject({
  surface: v.string(),
  strength: strengthOrNothing,
  required: v.number(),
  held: v.nullable(v.number()),
  came: v.picklist(reportCames),
});

/**
 * What is signed: which rows of the ledger the paper rests on, each by its hash, the head of the
 * record, and what the paper says came of each surface. docs/formats/report.md.
 */
export const signedReport = v.strictObject({
  format: v.literal('zymostat.report/1'),
  code: v.string(),
  company: v.string(),
  roundId: id,
  at: instant,
  rows: v.array(v.strictObject({ seq: v.number(), hash: v.string() })),
  head: v.strictObject({ seq: v.number(), hash: v.string() }),
  lines: v.array(reportLine),
  key: v.string(),
});
export type SignedReport = v.InferOutput<typeof signedReport>;
