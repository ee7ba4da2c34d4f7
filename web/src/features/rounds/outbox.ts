import type { NewRoundEvent } from '@zymostat/contract';
import Dexie, { type EntityTable } from 'dexie';
import { api, problemOf } from '../../app/api.ts';
import { store } from '../../app/store.ts';
import { outbox, type Waiting } from './outboxSlice.ts';

interface Kept extends Waiting {
  order: number;
}

const kept = new Dexie('zymostat') as Dexie & { outbox: EntityTable<Kept, 'order'> };
kept.version(1).stores({ outbox: '++order' });

const AGAIN_MS = 2000;
let sending = false;

/** Sends what waits, oldest first, one at a time; what gets no answer stays and is tried again. */
const send = async (): Promise<void> => {
  if (sending) return;
  sending = true;
  try {
    for (let next = await kept.outbox.orderBy('order').first(); next; next = await kept.outbox.orderBy('order').first()) {
      const { order, roundId, event } = next;
      const waiting = { roundId, event };
      const result = await store.dispatch(api.endpoints.addEvent.initiate({ id: roundId, body: event }));
      if (result.error) {
        const problem = problemOf(result.error);
        if (problem.status < 400 || problem.status >= 500 || problem.status === 401) {
          store.dispatch(outbox.actions.unsent());
          setTimeout(() => void send(), AGAIN_MS);
          return;
        }
        await kept.outbox.delete(order);
        store.dispatch(outbox.actions.refused({ waiting, problem }));
        continue;
      }
      await kept.outbox.delete(order);
      store.dispatch(outbox.actions.sent(waiting));
    }
  } finally {
    sending = false;
  }
};

/** Puts an event where a reload or a dead battery cannot lose it, shows it at once, and sends it. */
export const keep = async (roundId: string, event: NewRoundEvent): Promise<void> => {
  await kept.outbox.add({ roundId, event } as Kept);
  store.dispatch(outbox.actions.added({ roundId, event }));
  void send();
};

/** Takes up what an earlier visit of the page left behind. */
export const resume = async (): Promise<void> => {
  const rows = await kept.outbox.orderBy('order').toArray();
  store.dispatch(outbox.actions.loaded(rows.map(({ roundId, event }) => ({ roundId, event }))));
  void send();
};
