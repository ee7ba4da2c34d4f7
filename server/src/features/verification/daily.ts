import { appendFile } from 'node:fs/promises';
import type { KeyObject } from 'node:crypto';
import type { Context } from '../../platform/context.ts';
import type { Logger } from '../../platform/log.ts';
import { ProblemError } from '../../platform/http/problems.ts';
import { lastVerification, verifyNow } from './service.ts';

const HOUR = 3_600_000;
/** By this hour of the server's day everybody still sleeps, or begins. */
const AT_HOUR = 6;

/** The last time that it was due, ms since 1970. */
export const lastDue = (now: number): number => {
  const due = new Date(now);
  due.setHours(AT_HOUR, 0, 0, 0);
  if (due.getTime() > now) due.setDate(due.getDate() - 1);
  return due.getTime();
};

interface Daily {
  key: KeyObject;
  anchorsFile: string;
  log: Logger;
}

/** Verifies the record where that is due, and writes its head where it outlives the database. */
export const verifyWhenDue = async (
  context: Context,
  { key, anchorsFile, log }: Daily,
): Promise<void> => {
  try {
    const last = await lastVerification(context);
    if (last && last.at >= lastDue(context.now())) return;
    const { rows, broken, breaks, seconds, head } = await verifyNow(context, key);
    await appendFile(anchorsFile, `${JSON.stringify(head)}\n`, { mode: 0o640 });
    if (broken > 0) log.error({ rows, broken, breaks }, 'record-broken');
    else log.info({ rows, seconds }, 'record-verified');
  } catch (error) {
    // Another server does it already.
    if (!(error instanceof ProblemError)) log.error({ err: error as Error }, 'record-not-verified');
  }
};

/** Looks every hour, and at once, whether the record is to be verified; gives how to stop. */
export const verifyDaily = (context: Context, daily: Daily): (() => void) => {
  const look = () => void verifyWhenDue(context, daily);
  look();
  const timer = setInterval(look, HOUR);
  return () => clearInterval(timer);
};
