import type { KeyObject } from 'node:crypto';
import type { Checked, SignedReport } from '@zymostat/contract';
import type { Context } from '../../platform/context.ts';
import { problems } from '../../platform/http/problems.ts';
import { publicTextOf } from '../../platform/keys.ts';
import { layOut } from '../../platform/pdfPool.ts';
import { rowsDiffer } from '../records/rowsDiffer.ts';
import { factsOfRounds } from '../records/service.ts';
import type { PaperRead } from './readPaper.ts';
import { isSigned, readSigned } from './sign.ts';
import { reportByCode, type KeptReport } from './store.ts';

/** So many papers wait to be read; whoever comes then is asked to come again. */
const MOST_WAITING = 8;
let waiting = 0;

/** Whether a file was given up because of what it would have cost. */
const isTooMuch = (error: unknown): boolean => {
  const { name, code } = (error ?? {}) as { name?: string; code?: string };
  return name === 'AbortError' || name === 'TimeoutError' || code === 'ERR_WORKER_OUT_OF_MEMORY';
};

/** Reads a paper on a thread of its own: nobody who checks holds up anybody who works. */
const read = async (pdf: Buffer): Promise<PaperRead | null> => {
  if (waiting >= MOST_WAITING) throw problems.tooManyAttempts(1);
  waiting += 1;
  try {
    const told = await layOut('check', 'readPaper', { pdf });
    return JSON.parse(told.toString('utf8')) as PaperRead | null;
  } catch (error) {
    // It took too long, or more memory than any report does: it is none.
    if (isTooMuch(error)) return null;
    throw error;
  } finally {
    waiting -= 1;
  }
};

/** Whether the record still holds what a report was signed over. */
const standing = async (
  context: Context,
  kept: KeptReport,
  key: KeyObject,
): Promise<{ report: SignedReport; broken: number; added: number } | null> => {
  const report = readSigned(kept.signed);
  const ours = report?.key === publicTextOf(key) && isSigned(kept.signed, kept.signature);
  if (!report || !ours) return null;
  const rows = [...report.rows, report.head];
  const facts = await factsOfRounds(context, [report.roundId]);
  const known = new Set(report.rows.map(({ seq }) => seq));
  return {
    report,
    broken: await rowsDiffer(context, rows),
    added: facts.filter(({ seq }) => !known.has(Number(seq))).length,
  };
};

/** What is said of a report that is kept here, whether or not its paper was compared. */
const ofKept = async (
  context: Context,
  kept: KeptReport,
  { key, compared }: { key: KeyObject; compared: boolean },
): Promise<Checked> => {
  const found = await standing(context, kept, key);
  if (!found) return { is: 'forged' };
  const { report, broken, added } = found;
  const { at } = report;
  if (broken > 0) return { is: 'broken', at, rows: broken };
  return { is: 'stands', at, rows: report.rows.length, added, compared };
};

/** Whether a report with such a code was signed here, and the record still holds it. */
export const checkCode = async (
  context: Context,
  code: string,
  key: KeyObject,
): Promise<Checked> => {
  const kept = await reportByCode(context, code);
  return kept ? ofKept(context, kept, { key, compared: false }) : { is: 'unknown' };
};

const MOST_NAMED = 20;

/** Lines of one paper that the other has not, as often as it has them. */
const without = (lines: readonly string[], others: readonly string[]): string[] => {
  const left = new Map<string, number>();
  for (const line of others) left.set(line, (left.get(line) ?? 0) + 1);
  return lines.filter((line) => {
    const count = left.get(line) ?? 0;
    left.set(line, count - 1);
    return count <= 0;
  });
};

/**
 * Whether a paper is one that was signed here, line by line. What the record holds is told to
 * nobody: only what the paper itself says, and how much of it is not what was signed.
 */
export const checkPaper = async (
  context: Context,
  pdf: Buffer,
  key: KeyObject,
): Promise<Checked> => {
  const paper = await read(pdf);
  const report = paper?.report ? readSigned(paper.report) : null;
  if (!paper?.report || !paper.signature || !report) return { is: 'unreadable' };
  if (!isSigned(paper.report, paper.signature)) return { is: 'forged' };
  if (report.key !== publicTextOf(key)) return { is: 'another', company: report.company };
  const kept = await reportByCode(context, report.code);
  if (!kept) return { is: 'unknown' };
  if (!kept.pdf.equals(pdf)) {
    const original = await read(kept.pdf);
    // What nobody could compare is not called changed.
    if (!original) throw problems.unavailable();
    const differing = without(paper.lines, original.lines);
    const missing = without(original.lines, paper.lines).length;
    if (differing.length > 0 || missing > 0 || kept.signed !== paper.report)
      return { is: 'differs', at: report.at, differing: differing.slice(0, MOST_NAMED), missing };
  }
  return ofKept(context, kept, { key, compared: true });
};
