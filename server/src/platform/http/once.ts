import { setTimeout as pause } from 'node:timers/promises';
import { id } from '@zymostat/contract';
import type { Request } from 'express';
import type { Context, Once } from '../context.ts';
import { sha256 } from '../sha256.ts';
import type { Caller } from './caller.ts';
import { wordsFor } from './language.ts';
import { ProblemError, problems } from './problems.ts';
import { read } from './read.ts';
import { noteAnswer, takenRequest, takeRequest, type RequestKey } from './requestKeys.ts';

export interface Answered {
  status: number;
  body: unknown;
}

/** The same request has been taken already, by whoever was first. */
class TakenBefore extends Error {}

const keyOf = (request: Request, { id: personId }: Caller): RequestKey => {
  const given = request.get('idempotency-key');
  if (given === undefined) throw problems.notKeyed();
  const what = sha256(JSON.stringify([request.method, request.path, request.body ?? null]));
  return { personId, key: read(id, given, 'Idempotency-Key'), what };
};

const WAIT_MS = 50;
const WAITS = 40;

/** How the first was answered. Where that is not known, it is said that it was taken. */
const asBefore = async ({ db }: Context, key: RequestKey): Promise<Answered> => {
  for (let waits = 0; waits < WAITS; waits += 1) {
    const before = await takenRequest(db, key);
    if (before && before.what !== key.what) throw problems.conflict('key-of-another');
    if (before?.status) return { status: before.status, body: before.answer };
    await pause(WAIT_MS);
  }
  throw problems.conflict('taken-before');
};

const answerOf = async (
  request: Request,
  work: () => Promise<unknown>,
): Promise<Answered | { failed: unknown; answered: Answered | null }> => {
  try {
    return { status: 200, body: await work() };
  } catch (failed) {
    if (!(failed instanceof ProblemError)) return { failed, answered: null };
    return { failed, answered: { status: failed.status, body: failed.inWords(wordsFor(request)) } };
  }
};

/**
 * Does what a request asks once, however often it is sent. The key that the page has made is taken
 * in the same transaction as what is done; a repetition gets the answer of the first.
 */
export const onlyOnce = async (
  { request, person, context }: { request: Request; person: Caller; context: Context },
  work: (context: Context) => Promise<unknown>,
): Promise<Answered> => {
  const key = keyOf(request, person);
  if (await takenRequest(context.db, key)) return asBefore(context, key);
  const once: Once = {
    taken: false,
    take: async (db) => {
      if (!(await takeRequest(db, key))) throw new TakenBefore();
    },
  };
  const done = await answerOf(request, () => work({ ...context, once }));
  const answered = 'failed' in done ? done.answered : done;
  if ('failed' in done && done.failed instanceof TakenBefore) return asBefore(context, key);
  if (once.taken && answered) await noteAnswer(context.db, key, answered);
  if ('failed' in done) throw done.failed;
  return done;
};
