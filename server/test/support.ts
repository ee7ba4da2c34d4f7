import { generateKeyPairSync, randomUUID } from 'node:crypto';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import type { RecordBreak } from '@zymostat/contract';
import { cautiousRules, litres } from '@zymostat/core';
import pg from 'pg';
import { createApp } from '../src/app.ts';
import type { Context } from '../src/platform/context.ts';
import { connectReaders, connectWriters, migrateAt } from '../src/database/connect.ts';
import { makeLog } from '../src/platform/log.ts';
import { closeThreads } from '../src/platform/threads.ts';
import { StockEntity } from '../src/features/stock/tables.ts';
import { listenTo } from '../src/platform/database/notices.ts';
import { sweep } from '../src/features/session/sweep.ts';
import { setUpCompany } from '../src/features/people/setUp.ts';
import { verifyAll } from '../src/features/verification/verifyAll.ts';
import { hashPassword } from '../src/features/people/passwords.ts';

/* eslint-disable @typescript-eslint/no-explicit-any -- answers are read as a client without types would */
export interface Answered<T = any> {
  status: number;
  body: T;
  headers: Headers;
}

/** A revision that no home reaches: whoever sends it has seen everything. */
const SEEN_ALL = '"999999999"';

/** Calls the API as one person, keeping their cookie. */
export class Caller {
  cookie = '';
  private readonly base: string;
  constructor(base: string) {
    this.base = base;
  }
  async call<T = any>(
    line: string,
    body?: unknown,
    headers: Record<string, string> = {},
  ): Promise<Answered<T>> {
    const [method, path] = line.split(' ') as [string, string];
    const response = await fetch(`${this.base}/api${path}`, {
      method,
      headers: {
        ...(body === undefined ? {} : { 'content-type': 'application/json' }),
        cookie: this.cookie,
        'if-match': SEEN_ALL,
        ...(method === 'POST' ? { 'idempotency-key': randomUUID() } : {}),
        ...headers,
      },
      ...(body === undefined
        ? {}
        : { body: typeof body === 'string' ? body : JSON.stringify(body) }),
    });
    const set = response.headers.get('set-cookie');
    if (set) this.cookie = set.split(';')[0]!;
    const text = await response.text();
    const isJson = response.headers.get('content-type')?.includes('json');
    return {
      status: response.status,
      body: (isJson ? JSON.parse(text) : text) as T,
      headers: response.headers,
    };
  }
  private personId: string | undefined;
  /** Sends what this person did in a round. */
  async did(roundId: string, event: object): Promise<Answered> {
    this.personId ??= (await this.call('GET /session')).body.person.id as string;
    return this.call(`POST /rounds/${roundId}/events`, {
      personId: this.personId,
      said: (event as { at?: number }).at,
      clock: { opening: this.personId, uncertain: 0 },
      ...event,
    });
  }
}

interface Roles {
  owner: string;
  app: string;
}

/** Makes a role that may sign in, where it is not there; two tests at once may both want it. */
const roleOf = (name: string): string => `
  DO $$ BEGIN
    CREATE ROLE ${name} LOGIN PASSWORD 'test';
  EXCEPTION WHEN duplicate_object OR unique_violation THEN NULL;
  END $$`;

/**
 * Makes an empty database on the server at DATABASE_URL, with two roles where they are asked for;
 * gives its address, its owner's, and a way to drop it.
 */
export const freshDatabase = async (roles?: Roles) => {
  const admin = new URL(process.env.DATABASE_URL!);
  const name = `test_${randomUUID().replaceAll('-', '')}`;
  const run = async (...statements: string[]) => {
    const client = new pg.Client({ connectionString: admin.href });
    await client.connect();
    for (const sql of statements) await client.query(sql);
    await client.end();
  };
  if (roles) await run(roleOf(roles.owner), roleOf(roles.app));
  await run(`CREATE DATABASE ${name}${roles ? ` OWNER ${roles.owner}` : ''}`);
  const urlOf = (role?: string): string => {
    const url = new URL(admin.href);
    url.pathname = `/${name}`;
    if (role) [url.username, url.password] = [role, 'test'];
    return url.href;
  };
  return {
    url: urlOf(roles?.app),
    ownerUrl: urlOf(roles?.owner),
    drop: () => run(`DROP DATABASE ${name} WITH (FORCE)`),
  };
};

const password = 'a long enough one';

/** A company with one supervisor, two cleaners and four stocks. */
export const seedCompany = async (context: Context) => {
  const { db, now } = context;
  const company = {
    id: randomUUID(),
    name: 'Test Care',
    emergencyNumber: '1',
    poisonLine: '2',
    houseRules: cautiousRules,
    currency: 'EUR',
    zone: 'Europe/Madrid',
    units: 'metric' as const,
  };
  const passwordHash = await hashPassword(password);
  const people = [
    ['maren', 'supervisor'],
    ['tobias', 'cleaner'],
    ['anneke', 'cleaner'],
  ] as const;
  const personOf = ([login, role]: (typeof people)[number]) => ({
    ...{ id: randomUUID(), name: login, login, role, passwordHash, language: null },
  });
  const [first, ...others] = people;
  await setUpCompany(context, company, [personOf(first), ...others.map(personOf)]);
  const stocks = [
    ['S-1', 'hydrogen peroxide', 0.03],
    ['S-2', '2-propanol', 0.99],
    ['S-3', 'acetic acid', 0.05],
    ['S-4', '2-propanol', 0.7],
  ] as const;
  const rows = stocks.map(([code, active, strength]) => ({
    id: randomUUID(),
    code,
    name: code,
    active,
    strength,
    volume: litres(5),
    left: litres(5),
    pricePerLitre: 2,
    storage: [],
    expiresAt: new Date(now() + 100 * 86_400_000),
  }));
  await db.getRepository(StockEntity).insert(rows);
  return Object.fromEntries(rows.map((row) => [row.code, row.id])) as Record<
    (typeof stocks)[number][0],
    string
  >;
};

export interface Bed {
  context: Context;
  stock: Awaited<ReturnType<typeof seedCompany>>;
  /** Signs somebody in. */
  as: (login: string) => Promise<Caller>;
  anyone: () => Caller;
  /** Sets the clock forward. */
  pass: (ms: number) => void;
  /** How many streams are open. */
  openStreams: () => number;
  /** Deletes what is over. */
  sweep: () => Promise<void>;
  base: string;
  url: string;
  close: () => Promise<void>;
}

export const { privateKey: key } = generateKeyPairSync('ed25519');

/** Everything in the record that is not as it was written. */
export const breaksIn = async (context: Pick<Context, 'db'>): Promise<RecordBreak[]> => {
  const breaks: RecordBreak[] = [];
  await verifyAll(context, (found) => breaks.push(found));
  return breaks;
};

/** What a test does not want to read. */
export const quiet = makeLog('silent');

/** A server of its own on a database of its own, with a clock that the test sets. */
export const testBed = async ({
  roles,
  empty = false,
}: { roles?: Roles; empty?: boolean } = {}): Promise<Bed> => {
  const { url, ownerUrl, drop } = await freshDatabase(roles);
  await migrateAt(ownerUrl);
  const db = await connectWriters(url);
  let time = Date.now();
  const context: Context = { db: db.manager, now: () => time, newId: randomUUID };
  const readers = await connectReaders(url);
  const read: Context = { ...context, db: readers.manager };
  const stock = empty ? ({} as Bed['stock']) : await seedCompany(context);
  const notices = listenTo(url);
  const app = createApp({ write: context, read, report: read }, { notices, log: quiet, key });
  const server: Server = createServer(app);
  await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
  const base = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
  return {
    context,
    stock,
    base,
    url,
    anyone: () => new Caller(base),
    as: async (login) => {
      const caller = new Caller(base);
      await caller.call('POST /session', { login, password });
      return caller;
    },
    pass: (ms) => (time += ms),
    openStreams: () => app.locals.open.count,
    sweep: () => sweep(context),
    close: async () => {
      app.locals.open.close();
      server.closeAllConnections();
      await new Promise((done) => server.close(done));
      await notices.close();
      await closeThreads();
      await readers.destroy();
      await db.destroy();
      await drop();
    },
  };
};

/** Pours half a litre and checks it with a reading that fits: peroxide by strip. */
export const pourChecked = async (
  by: Caller,
  stockId: string,
  strength: number,
): Promise<string> => {
  const { id } = (
    await by.call('POST /batches', { stockId, strength, purpose: 'disinfect', volume: litres(0.5) })
  ).body as { id: string };
  await by.call(`POST /batches/${id}/check`, { by: 'strip', step: strength });
  return id;
};

export const bathroom = {
  name: 'Bathroom',
  floorArea: 4,
  height: 2.4,
  ventilation: 'window',
  flame: 'no',
};
export const basin = {
  name: 'Basin',
  material: 'porcelain',
  level: 'hand',
  area: 0.4,
  touched: 'often',
  food: false,
};

/** A home with one bathroom and the surfaces given, each with its setting. */
export const addHome = async (
  maren: Caller,
  surfaces: { fields?: object; setting?: object }[],
  situations: string[] = [],
) => {
  const home = (await maren.call('POST /homes', { name: 'Hedda', place: 'Fennel Row', situations }))
    .body.id as string;
  const room = (await maren.call(`POST /homes/${home}/rooms`, bathroom)).body.id as string;
  const ids: string[] = [];
  for (const { fields, setting } of surfaces) {
    const id = (await maren.call(`POST /rooms/${room}/surfaces`, { ...basin, ...fields })).body
      .id as string;
    if (setting) await maren.call(`PUT /surfaces/${id}/setting`, setting);
    ids.push(id);
  }
  return { home, room, surfaces: ids };
};

export const disinfect = (stockId: string, strength: number, accepted: string | null = null) => ({
  goal: 'disinfect',
  against: 'respiratory',
  use: { stockId, strength },
  accepted,
});
export const clean = (stockId: string, strength: number) => ({
  goal: 'clean',
  against: 'everyday',
  use: { stockId, strength },
  accepted: null,
});
