import type { Context } from '../../platform/context.ts';
import { forgetRequests } from '../../platform/http/requestKeys.ts';
import type { Logger } from '../../platform/log.ts';
import { forgetInvitations, forgetSessions } from '../people/service.ts';

const HOUR = 3_600_000;
/** Nobody sends the same again after so long, ms. */
const REQUESTS_KEPT = 3 * 24 * HOUR;

/** Deletes sessions and invitations that are over, and keys of requests that nobody sends again. */
export const sweep = async (context: Context): Promise<void> => {
  const now = context.now();
  await forgetSessions(context, new Date(now));
  await forgetInvitations(context, new Date(now));
  await forgetRequests(context, new Date(now - REQUESTS_KEPT));
};

/** Sweeps every hour; gives how to stop. */
export const sweepHourly = (context: Context, log: Logger): (() => void) => {
  const look = () => void sweep(context).catch((err: Error) => log.error({ err }, 'not-swept'));
  look();
  const timer = setInterval(look, HOUR);
  return () => clearInterval(timer);
};
