import { RateLimiterPostgres, RateLimiterRes } from 'rate-limiter-flexible';
import type { DataSource } from 'typeorm';
import type { Context } from '../../platform/context.ts';
import { problems } from '../../platform/http/problems.ts';

const QUARTER_S = 15 * 60;
const DAY_S = 86_400;

/**
 * How many failures are heard before the next has to wait: from one address for one login; for one
 * login from everywhere; from one address for all logins; on a device that the person is known by.
 */
const heard = { pair: 5, login: 50, address: 60, device: 10 } as const;
type Kind = keyof typeof heard;

type Limiters = Record<Kind | 'waits', RateLimiterPostgres>;

const limiter = (storeClient: DataSource, keyPrefix: string, points: number, duration: number) =>
  new RateLimiterPostgres({
    storeClient,
    storeType: 'typeorm',
    tableName: 'sign_in_limit',
    tableCreated: true,
    clearExpiredByTimeout: false,
    keyPrefix,
    points,
    duration,
  });

const made = new WeakMap<DataSource, Limiters>();
const limitersOf = ({ db }: Context): Limiters => {
  const { dataSource } = db;
  const known = made.get(dataSource);
  if (known) return known;
  const kinds = Object.entries(heard).map(([kind, points]) => [
    kind,
    limiter(dataSource, kind, points, QUARTER_S),
  ]);
  const waits = limiter(dataSource, 'waits', 1000, DAY_S);
  const all = { ...(Object.fromEntries(kinds) as Record<Kind, RateLimiterPostgres>), waits };
  made.set(dataSource, all);
  return all;
};

/** By what somebody who wants to sign in is known. */
export interface Guesser {
  login: string;
  address: string;
  /** The device's own key, where the person has signed in on it before. */
  device: string | null;
}

const keysOf = ({ login, address, device }: Guesser): [Kind, string][] =>
  device
    ? [['device', device]]
    : [
        ['pair', `${login} ${address}`],
        ['login', login],
        ['address', address],
      ];

/** The first wait is this long; each that follows within a day twice as long, up to an hour. */
const FIRST_WAIT_S = 15;
const LONGEST_WAIT_S = 3600;

/** One more wait for a key that was heard too often: longer than the last. */
const wait = async (limiters: Limiters, kind: Kind, key: string): Promise<number> => {
  const { consumedPoints } = await limiters.waits.penalty(`${kind} ${key}`);
  const seconds = Math.min(LONGEST_WAIT_S, FIRST_WAIT_S * 2 ** (consumedPoints - 1));
  await limiters[kind].block(key, seconds);
  return seconds;
};

/**
 * Counts an attempt before it is looked at, so that many at once are counted too. Throws where it
 * has to wait. Who knows the password and is on a device of theirs is locked out by nobody else.
 */
export const countAttempt = async (context: Context, guesser: Guesser): Promise<void> => {
  const limiters = limitersOf(context);
  for (const [kind, key] of keysOf(guesser)) {
    const full = await limiters[kind].consume(key).catch((found: unknown) => {
      if (found instanceof RateLimiterRes) return found;
      throw found;
    });
    if (full.consumedPoints <= heard[kind]) continue;
    const isFirst = full.consumedPoints === heard[kind] + 1;
    const seconds = isFirst ? await wait(limiters, kind, key) : full.msBeforeNext / 1000;
    throw problems.tooManyAttempts(Math.max(1, Math.ceil(seconds / 60)));
  }
};

/** The password was right: what was counted for them is forgotten. */
export const forgetAttempts = async (context: Context, guesser: Guesser): Promise<void> => {
  const limiters = limitersOf(context);
  for (const [kind, key] of keysOf(guesser)) {
    if (kind === 'address' || kind === 'login') await limiters[kind].reward(key);
    else await limiters[kind].delete(key);
    if (kind !== 'address') await limiters.waits.delete(`${kind} ${key}`);
  }
};
