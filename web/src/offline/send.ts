import type { NewRoundEvent, Problem } from '@zymostat/contract';
import { problemOf } from '../api/api.ts';
import { meApi } from '../api/me.ts';
import { isHeard, serverNow } from '../api/serverTime.ts';
import { isByItself, outbox, type ByItself } from '../store/outbox.ts';
import { store } from '../store/store.ts';
import { offlineApi } from './api.ts';
import { change, forget, inOrder, openings, type Kept } from './kept.ts';
import { timed } from './openings.ts';

export const whoIsHere = () => meApi.endpoints.me.select()(store.getState()).data?.person;
export const isMine = ({ event }: Kept): boolean => event.personId === whoIsHere()?.id;

/** As many as go in one request; what waits beyond them goes in the next. */
const MOST_AT_ONCE = 50;

const LAST_SENT = 'zymostat.lastSent';
const lastSent = (): number => Number(localStorage.getItem(LAST_SENT)) || 0;

/** One row, when it is held to have been. */
type Of<What> = Kept & { event: What };

/** What the person who is signed in has still to send, oldest first, each as it was timed. */
const nextToSend = async (): Promise<Kept[]> => {
  const rows = (await inOrder())
    .filter((row) => isMine(row) && !row.problem)
    .slice(0, MOST_AT_ONCE);
  return timed(rows, await openings(), lastSent()).map((event, i) => ({ ...rows[i]!, event }));
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

/** What one came to: it goes from the phone, or stays there with why. */
const settle = async ({ order, roundId, event }: Kept, problem?: Problem): Promise<void> => {
  const turnedBack = !isByItself(event) && event.turnedBack;
  if (problem && !(turnedBack && problem.type.endsWith('/refused'))) {
    await change((row) => row.order === order, { problem, read: false });
    store.dispatch(outbox.actions.notTaken({ roundId, event, problem, read: false }));
    return;
  }
  localStorage.setItem(LAST_SENT, String(Math.min(event.at, serverNow())));
  await forget(order);
  store.dispatch(outbox.actions.sent({ roundId, event }));
};

/** Somebody else had begun a round of the same home: what was done here was done in theirs. */
const joinTheirs = async (own: string, theirs: string): Promise<void> => {
  await change(({ roundId }) => roundId === own, { roundId: theirs });
  store.dispatch(outbox.actions.joined({ own, theirs }));
};

interface Answered {
  data?: unknown;
  error?: unknown;
}

/** Asks the server for something that is sent by itself. */
const ask = ({ roundId, event }: Of<ByItself>): PromiseLike<Answered> => {
  const { startRound, finishRound, tellMishap } = offlineApi.endpoints;
  const { dispatch } = store;
  switch (event.does) {
    case 'begin': {
      const begun = { versionId: event.ahead.version.id, at: event.at };
      const body = { id: roundId, homeId: event.ahead.homeId, begun };
      return dispatch(startRound.initiate(body));
    }
    case 'finish':
      return dispatch(finishRound.initiate({ id: roundId, body: { at: event.at } }));
    case 'tell':
      return dispatch(
        tellMishap.initiate({ key: event.id, body: { ...event.mishap, at: event.at } }),
      );
  }
};

const sendByItself = async (row: Of<ByItself>): Promise<boolean> => {
  const { data, error } = await ask(row);
  const problem = error ? problemOf(error) : undefined;
  if (problem && !isDecided(problem)) return false;
  await settle(row, problem);
  const begun = row.event.does === 'begin' && (data as { id: string } | undefined);
  if (begun && begun.id !== row.roundId) await joinTheirs(row.roundId, begun.id);
  return true;
};

/** Sends some things done together; whether all of them were decided. */
const sendDone = async (rows: readonly Of<NewRoundEvent>[]): Promise<boolean> => {
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

const isAlone = (row: Kept): row is Of<ByItself> => isByItself(row.event);
const isDone = (row: Kept): row is Of<NewRoundEvent> => !isByItself(row.event);

/** Sends what comes next: what goes by itself, or all things done that there are up to that. */
const sendSome = (rows: readonly Kept[]): Promise<boolean> => {
  const [first] = rows;
  if (first && isAlone(first)) return sendByItself(first);
  const alone = rows.findIndex(isAlone);
  return sendDone(rows.slice(0, alone < 0 ? rows.length : alone).filter(isDone));
};

/** How long is waited where no answer came: longer each time, up to a minute, ms. */
const AGAIN_MS = 2000;
const MOST_MS = 60_000;
let wait = AGAIN_MS;
let waiting: ReturnType<typeof setTimeout> | undefined;
let sending = false;

const again = () => {
  store.dispatch(outbox.actions.unsent());
  clearTimeout(waiting);
  waiting = setTimeout(() => void send(), wait);
  wait = Math.min(MOST_MS, wait * 2);
};

const sendAll = async (): Promise<void> => {
  // What time it is on the server is asked first, so that what waits is timed by it.
  if (!isHeard())
    await store.dispatch(meApi.endpoints.me.initiate(undefined, { forceRefetch: true }));
  for (let next = await nextToSend(); next.length > 0; next = await nextToSend()) {
    if (!(await sendSome(next))) return again();
    wait = AGAIN_MS;
  }
};

/**
 * Sends what waits, oldest first. What gets no answer is tried again; what the server does not take
 * stays on the phone with why. A refusal that the phone has made itself is on record once the server
 * has refused it too.
 */
export const send = async (): Promise<void> => {
  if (sending) return;
  sending = true;
  try {
    await sendAll();
  } finally {
    sending = false;
  }
};

/** There is signal again: nothing is waited for any longer. */
export const sendNow = (): void => {
  wait = AGAIN_MS;
  void send();
};
