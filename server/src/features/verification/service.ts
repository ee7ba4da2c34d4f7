import type { KeyObject } from 'node:crypto';
import type { RecordBreak, Verification } from '@zymostat/contract';
import { asOfOneMoment, type Context } from '../../platform/context.ts';
import { problems } from '../../platform/http/problems.ts';
import { anchorOf } from '../records/anchors.ts';
import { addVerification, turnToVerify } from './store.ts';
import { verifyAll } from './verifyAll.ts';

export { lastVerification } from './store.ts';

/** As many breaks as are kept by name; all are counted. */
const MOST_KEPT = 100;

/** Verifies the record as of now and keeps what came of it. One does so at a time. */
export const verifyNow = async (context: Context, key: KeyObject): Promise<Verification> => {
  const begun = performance.now();
  const breaks: RecordBreak[] = [];
  let broken = 0;
  const see = (found: RecordBreak) => {
    broken += 1;
    if (breaks.length < MOST_KEPT) breaks.push(found);
  };
  const { rows, head, unprotected } = await asOfOneMoment(context, async (inside) => {
    if (!(await turnToVerify(inside))) throw problems.conflict('verifying');
    return verifyAll(inside, see);
  });
  const at = context.now();
  const seconds = Math.round(performance.now() - begun) / 1000;
  const anchor = anchorOf(head, at, key);
  const found = { at, rows, seconds, broken, breaks, unprotected, head: anchor };
  await addVerification(context, found);
  return found;
};
