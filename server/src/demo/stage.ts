import { createHash } from 'node:crypto';
import { databaseUrl, ownerUrl } from '../platform/config.ts';
import type { Context } from '../platform/context.ts';
import { connectWriters, migrateAt } from '../database/connect.ts';
import { clearHalf } from './halfway.ts';
import { type Clock } from './history.ts';

export const HOUR = 3_600_000;

export const DAY = 24 * HOUR;

/** Ids in a row that look like any other, the same every time. */
const idsInARow = () => {
  let n = 0;
  return () =>
    createHash('sha256')
      .update(`demo ${(n += 1)}`)
      .digest('hex')
      .slice(0, 32)
      .replace(/^(.{8})(.{4}).(.{3}).(.{3})(.{12})$/, '$1-$2-4$3-8$4-$5');
};

await clearHalf();
await migrateAt(ownerUrl());

export const database = await connectWriters(databaseUrl());

export const today = Math.floor(Date.now() / DAY) * DAY;

let time = today - 16 * DAY + 9 * HOUR;

export const clock: Clock = { ms: () => time, set: (ms) => (time = ms) };

export const context: Context = { db: database.manager, now: clock.ms, newId: idsInARow() };
