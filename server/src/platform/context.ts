import { randomUUID } from 'node:crypto';
import { setTimeout as pause } from 'node:timers/promises';
import type { DataSource, EntityManager } from 'typeorm';
import { isTriedAgain } from './database/failures.ts';

/** Whoever asks gave the request a key: the first transaction that stands takes it. */
export interface Once {
  take: (db: EntityManager) => Promise<void>;
  taken: boolean;
}

/**
 * What services work with. Clock and ids are handed in, so that the demo data and the tests are the
 * same every time.
 */
export interface Context {
  db: EntityManager;
  /** ms since 1970 */
  now: () => number;
  newId: () => string;
  once?: Once | undefined;
}

export const liveContext = (db: DataSource): Context => ({
  db: db.manager,
  now: Date.now,
  newId: randomUUID,
});

/** Looks at everything as it stood at one moment, whatever is written meanwhile. */
export const asOfOneMoment = <T, C extends Pick<Context, 'db'>>(
  context: C,
  work: (inside: C) => Promise<T>,
): Promise<T> => context.db.transaction('REPEATABLE READ', (db) => work({ ...context, db }));

const MOST_TRIES = 5;

/**
 * One transaction. Everything inside works through the context it is given, and so through one
 * connection: reaching for a second one while holding the first is how a busy server locks itself
 * up. Where two waited for each other, whoever was sent away begins anew.
 */
export const within = async <T>(
  context: Context,
  work: (inside: Context) => Promise<T>,
): Promise<T> => {
  const { once } = context;
  for (let tries = 1; ; tries += 1) {
    try {
      const done = await context.db.transaction(async (db) => {
        if (once && !once.taken) await once.take(db);
        return work({ ...context, db, once: undefined });
      });
      if (once) once.taken = true;
      return done;
    } catch (error) {
      if (tries === MOST_TRIES || !isTriedAgain(error)) throw error;
      await pause(Math.random() * 20 * tries);
    }
  }
};
