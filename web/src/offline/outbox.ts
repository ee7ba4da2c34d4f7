import type { Ticked } from '@zymostat/core';
import { v7 as newId } from 'uuid';
import { onHeard, serverNow, tickNow } from '../api/serverTime.ts';
import {
  outbox,
  type ByItself,
  type NotTaken,
  type OfOthers,
  type ToSend,
} from '../store/outbox.ts';
import { store } from '../store/store.ts';
import { change, inOrder, keepLast, noteOpening, type Kept } from './kept.ts';
import { isMine, send, sendNow, whoIsHere } from './send.ts';

/** Puts it where a reload or a dead battery cannot lose it, shows it at once, and sends it. */
export const keep = async (roundId: string, event: ToSend, tick: Ticked): Promise<void> => {
  await noteOpening(tick.opening);
  await keepLast({ roundId, event, tick, by: whoIsHere()?.name ?? 'somebody' });
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
globalThis.addEventListener('online', sendNow);

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
  sendNow();
};

/** The person has read why something was not taken; it stays on the phone. */
export const markRead = async (): Promise<void> => {
  await change((row) => isMine(row) && row.problem !== undefined, { read: true });
  store.dispatch(outbox.actions.read());
};

type Told<What> = What extends ByItself ? Omit<What, 'id' | 'at' | 'clock'> : never;

/** What everything carries that is done now: an id of its own, and when it was by which clock. */
export const stamp = () => {
  const tick = tickNow();
  const clock = { opening: tick.opening, uncertain: 0 };
  return { tick, when: { id: newId(), at: serverNow(), clock } };
};

/** Keeps and sends what goes by itself. */
export const tell = (roundId: string, what: Told<ByItself>): Promise<void> => {
  const { tick, when } = stamp();
  return keep(roundId, { ...what, ...when } as ByItself, tick);
};
