import type {
  BaseQueryFn,
  FetchArgs,
  FetchBaseQueryError,
  FetchBaseQueryMeta,
} from '@reduxjs/toolkit/query';
import { v7 as newId } from 'uuid';

export type Send = BaseQueryFn<FetchArgs, unknown, FetchBaseQueryError, object, FetchBaseQueryMeta>;

/** The keys of what was sent and has no answer yet. */
const unanswered = new Map<string, string>();

const isAnswered = (error: FetchBaseQueryError | undefined): boolean =>
  error === undefined || (typeof error.status === 'number' && error.status < 500);

/**
 * Sends what is to be done with a key. Where no answer came, the same sent again has the same key, or
 * the one that it brings along:
 * the server does it once, whether it had been done or not.
 */
export const onceOnly =
  (send: Send): Send =>
  async (args, api, options) => {
    if (args.method !== 'POST') return send(args, api, options);
    const what = JSON.stringify([args.url, args.body]);
    const given = (args.headers as Record<string, string> | undefined)?.['Idempotency-Key'];
    const key = given ?? unanswered.get(what) ?? newId();
    unanswered.set(what, key);
    const headers = { ...(args.headers as Record<string, string>), 'Idempotency-Key': key };
    const result = await send({ ...args, headers }, api, options);
    if (isAnswered(result.error)) unanswered.delete(what);
    return result;
  };
