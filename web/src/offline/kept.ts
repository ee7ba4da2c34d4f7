import type { Problem } from '@zymostat/contract';
import type { Offset, Ticked } from '@zymostat/core';
import Dexie, { type EntityTable } from 'dexie';
import { isByItself, type Waiting } from '../store/outbox.ts';
import type { KnownOpening } from './openings.ts';

/** What lies on the phone until it is on record. */
export interface Kept extends Waiting {
  order: number;
  /** When it was done, by which opening of the page; earlier versions did not note it. */
  tick?: Ticked;
  /** The name of whoever did it. */
  by: string;
  /** Why the server did not take it: it is kept, and not sent again. */
  problem?: Problem;
  read?: boolean;
}

export const kept = new Dexie('zymostat') as Dexie & {
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
        event.clock = { opening: 'before', uncertain: 0 };
        if (!isByItself(event)) event.said = event.at;
      }),
  );

/** What is known of openings of the page: those of long ago time nothing that still waits. */
const OPENINGS_KEPT = 200;

export const noteOpening = (name: string, offset?: Offset): Promise<void> =>
  kept.transaction('rw', kept.openings, async () => {
    const known = await kept.openings.where({ name }).first();
    if (known && offset) await kept.openings.update(known.order, { offset });
    if (!known) await kept.openings.add({ name, offset } as KnownOpening);
    const old = await kept.openings.orderBy('order').reverse().offset(OPENINGS_KEPT).primaryKeys();
    await kept.openings.bulkDelete(old);
  });

/** All that is kept, in the order in which it was done. */
export const inOrder = (): Promise<Kept[]> => kept.outbox.orderBy('order').toArray();
