import type { EntityManager } from 'typeorm';
import type { Context } from '../context.ts';
import { prepared } from '../database/prepared.ts';

/** One request that was taken, and how it was answered, once that is known. */
export interface TakenRequest {
  what: string;
  status: number | null;
  answer: unknown;
}

export interface RequestKey {
  personId: string;
  key: string;
  /** Method, address and body, hashed: another request under the same key is no repetition. */
  what: string;
}

const find = prepared<TakenRequest>(
  'taken request',
  'SELECT what, status, answer FROM request_key WHERE person_id = $1 AND key = $2',
);
export const takenRequest = async (
  db: EntityManager,
  { personId, key }: RequestKey,
): Promise<TakenRequest | undefined> => (await find(db, [personId, key]))[0];

const take = prepared<{ key: string }>(
  'take request',
  'INSERT INTO request_key (person_id, key, what) VALUES ($1, $2, $3) ON CONFLICT DO NOTHING RETURNING key',
);
/** Whether this is the first time: another with the same key that is under way is waited for. */
export const takeRequest = async (
  db: EntityManager,
  { personId, key, what }: RequestKey,
): Promise<boolean> => (await take(db, [personId, key, what])).length > 0;

const answer = prepared<never>(
  'answer request',
  'UPDATE request_key SET status = $3, answer = $4 WHERE person_id = $1 AND key = $2',
);
export const noteAnswer = async (
  db: EntityManager,
  { personId, key }: RequestKey,
  { status, body }: { status: number; body: unknown },
): Promise<void> => void (await answer(db, [personId, key, status, JSON.stringify(body)]));

const forget = prepared<never>('forget requests', 'DELETE FROM request_key WHERE at < $1');
export const forgetRequests = async ({ db }: Pick<Context, 'db'>, before: Date): Promise<void> =>
  void (await forget(db, [before]));
