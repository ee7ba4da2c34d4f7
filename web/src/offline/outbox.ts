import type { NewRoundEvent, Problem } from '@zymostat/contract';
import type { Offset, Ticked } from '@zymostat/core';
import Dexie, { type EntityTable } from 'dexie';
import { problemOf } from '../api/api.ts';
import { meApi } from '../api/me.ts';
import { isHeard, onHeard, serverNow } from '../api/serverTime.ts';
import { offlineApi } from './api.ts';
import { timed, type KnownOpening } from './openings.ts';
import { store } from '../store/store.ts';
import { outbox, type NotTaken, type OfOthers, type Waiting } from '../store/outbox.ts';

interface Kept extends Waiting {
  order: number;
  /** When it was done, by which opening of the page; earlier versions did not note it. */
  tick?: Ticked;
  /** The name of whoever did it. */
  by: string;
  /** Why the server did not take it: it is kept, and not sent again. */
  problem?: Problem;
  read?: boolean;
}

const kept = new Dexie('zymostat') as Dexie & {
  outbox: EntityTable<Kept, 'order'>;
  openings: EntityTable<KnownOpening, 'order'>;
};
kept.version(1).stores({ outbox: '++order' });
// What an earlier version kept says nobody's name: it is nobody's to send, and stays.
kept
  .version(2)
  .stores({ outbox: '++order' })
  .upgrade((tx) =>
    tx
      .table('outbox')
      .toCollection()
      .modify((row: Kept) => {
        row.by = 'somebody';
        row.event.personId = '';
      }),
  );

// What an earlier version kept was timed by the phone's clock alone.
kept
  .version(3)
  .stores({ outbox: '++order', openings: '++order, &name' })
  .upgrade((tx) =>
    tx
      .table('outbox')
      .toCollection()
      .modify(({ event }: Kept) => {
        event.said = event.at;
        event.clock = { opening: 'before', uncertain: 0 };
      }),
  );

/** What is known of openings of the page: those of long ago time nothing that still waits. */
const OPENINGS_KEPT = 200;

const noteOpening = (name: string, offset?: Offset): Promise<void> =>
  kept.transaction('rw', kept.openings, async () => {
    const known = await kept.openings.where({ name }).first();
    if (known && offset) await kept.openings.update(known.order, { offset });
    if (!known) await kept.openings.add({ name, offset } as KnownOpening);
    const old = await kept.openings.orderBy('order').reverse().offset(OPENINGS_KEPT).primaryKeys();
    await kept.openings.bulkDelete(old);
  });

const AGAIN_MS = 2000;
let sending = false;

const whoIsHere = () => meApi.endpoints.me.select()(store.getState()).data?.person;
const inOrder = (): Promise<Kept[]> => kept.outbox.orderBy('order').toArray();
const isMine = ({ event }: Kept): boolean => event.personId === whoIsHere()?.id;

/** As many as go in one request; what waits beyond them goes in the next. */
const MOST_AT_ONCE = 50;

const LAST_SENT = 'zymostat.lastSent';
const lastSent = (): number => Number(localStorage.getItem(LAST_SENT)) || 0;

/** What the person who is signed in has still to send, oldest first. */
const nextToSend = async (): Promise<Kept[]> => {
  const rows = (await inOrder())
    .filter((row) => isMine(row) && !row.problem)
    .slice(0, MOST_AT_ONCE);
  const openings = await kept.openings.orderBy('order').toArray();
  return timed(rows, openings, lastSent()).map((event, i) => ({ ...rows[i]!, event }));
};

/**
 * Whether the server has decided: no answer, a lost session and another person's session decide
 * nothing.
 */
const isDecided = ({ status, type }: Problem): boolean =>
  status >= 400 &&
  status < 500 &&
  status !== 401 &&
  status !== 429 &&
  !type.endsWith('/not-theirs');

const again = () => {
  store.dispatch(outbox.actions.unsent());
  setTimeout(() => void send(), AGAIN_MS);
};

/** What one event came to: it goes from the phone, or stays there with why. */
const settle = async ({ order, roundId, event }: Kept, problem?: Problem): Promise<void> => {
  if (problem && !(event.turnedBack && problem.type.endsWith('/refused'))) {
    await kept.outbox.update(order, { problem, read: false });
    store.dispatch(outbox.actions.notTaken({ roundId, event, problem, read: false }));
    return;
  }
  localStorage.setItem(LAST_SENT, String(Math.min(event.at, serverNow())));
  await kept.outbox.delete(order);
  store.dispatch(outbox.actions.sent({ roundId, event }));
};

/** Sends some together; whether all of them were decided. */
const sendThese = async (rows: readonly Kept[]): Promise<boolean> => {
  const events = rows.map(({ roundId, event }) => ({ roundId, ...event }));
  const result = await store.dispatch(offlineApi.endpoints.addEvents.initiate({ events }));
  const problem = result.error && problemOf(result.error);
  if (problem && !isDecided(problem)) return false;
  for (const [i, row] of rows.entries()) {
    const answer = result.data?.[i];
    const own = problem ?? (answer && 'problem' in answer ? answer.problem : undefined);
    if (own && !isDecided(own)) return false;
    await settle(row, own);
  }
  return true;
};

/**
 * Sends what waits, oldest first, all that there is in one request. What gets no answer is tried
 * again; what the server does not take stays on the phone with why. A refusal that the phone has
 * made itself is on record once the server has refused it too.
 */
const send = async (): Promise<void> => {
  if (sending) return;
  sending = true;
  try {
    // What time it is on the server is asked first, so that what waits is timed by it.
    if (!isHeard())
      await store.dispatch(meApi.endpoints.me.initiate(undefined, { forceRefetch: true }));
    for (let next = await nextToSend(); next.length > 0; next = await nextToSend())
      if (!(await sendThese(next))) return again();
  } finally {
    sending = false;
  }
};

/**
 * Puts an event where a reload or a dead battery cannot lose it, shows it at once, and sends it.
 */
export const keep = async (roundId: string, event: NewRoundEvent, tick: Ticked): Promise<void> => {
  await noteOpening(tick.opening);
  await kept.outbox.add({ roundId, event, tick, by: whoIsHere()?.name ?? 'somebody' } as Kept);
  store.dispatch(outbox.actions.added({ roundId, event }));
  void send();
};

const countOthers = (rows: readonly Kept[]): OfOthers[] => {
  const found = new Map<string, OfOthers>();
  for (const { by, event } of rows) {
    const known = found.get(event.personId);
    found.set(event.personId, {
      by,
      count: (known?.count ?? 0) + 1,
      since: Math.min(known?.since ?? event.at, event.at),
    });
  }
  return [...found.values()];
};

onHeard((name, offset) => void noteOpening(name, offset));

/** Takes up what an earlier visit of the page has left, for whoever is signed in now. */
export const resume = async (): Promise<void> => {
  const rows = await inOrder();
  const mine = rows.filter(isMine);
  const notTaken = mine.flatMap(({ roundId, event, problem, read }): NotTaken[] =>
    problem ? [{ roundId, event, problem, read: read ?? false }] : [],
  );
  const waiting = mine
    .filter(({ problem }) => !problem)
    .map(({ roundId, event }) => ({ roundId, event }));
  const ofOthers = countOthers(rows.filter((row) => !isMine(row) && !row.problem));
  store.dispatch(outbox.actions.loaded({ waiting, notTaken, ofOthers }));
  void send();
};

/** The person has read why something was not taken; it stays on the phone. */
export const markRead = async (): Promise<void> => {
  const rows = (await inOrder()).filter((row) => isMine(row) && row.problem);
  await kept.outbox.bulkPut(rows.map((row) => ({ ...row, read: true })));
  store.dispatch(outbox.actions.read());
};
