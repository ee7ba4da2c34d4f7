import type { Problem } from '@zymostat/contract';
import type { Offset, Ticked } from '@zymostat/core';
import {
  openDB,
  type DBSchema,
  type IDBPDatabase,
  type IDBPTransaction,
  type StoreNames,
} from 'idb';
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

interface OnPhone extends DBSchema {
  outbox: { key: number; value: Kept };
  openings: { key: number; value: KnownOpening; indexes: { name: string } };
}
type Upgrading = IDBPTransaction<OnPhone, StoreNames<OnPhone>[], 'versionchange'>;

const inOrderOfKeys = { keyPath: 'order', autoIncrement: true } as const;
/** Phones carry versions 10 and 20 still: those of before numbered them in tens. */
const VERSION = 30;

/** Changes every row that an earlier version has kept. */
const changeAll = async (tx: Upgrading, change: (row: Kept) => void): Promise<void> => {
  for (let at = await tx.objectStore('outbox').openCursor(); at; at = await at.continue()) {
    const row = at.value;
    change(row);
    await at.update(row);
  }
};

const upgrade = async (db: IDBPDatabase<OnPhone>, before: number, tx: Upgrading): Promise<void> => {
  if (before < 10) db.createObjectStore('outbox', inOrderOfKeys);
  if (before < 30)
    db.createObjectStore('openings', inOrderOfKeys).createIndex('name', 'name', { unique: true });
  // What the first version kept says nobody's name: it is nobody's to send, and stays.
  if (before === 10)
    await changeAll(tx, (row) => {
      row.by = 'somebody';
      row.event.personId = '';
    });
  // What an earlier version kept was timed by the phone's clock alone.
  if (before === 10 || before === 20)
    await changeAll(tx, ({ event }) => {
      event.clock = { opening: 'before', uncertain: 0 };
      if (!isByItself(event)) event.said = event.at;
    });
};

const phone = openDB<OnPhone>('zymostat', VERSION, {
  upgrade: (db, before, _, tx) => void upgrade(db, before, tx).catch(() => tx.abort()),
});

/** All that is kept, in the order in which it was done. */
export const inOrder = async (): Promise<Kept[]> => (await phone).getAll('outbox');

/** Keeps one thing more: the phone gives it its place in the order. */
export const keepLast = async (row: Omit<Kept, 'order'>): Promise<void> =>
  void (await (await phone).add('outbox', row as Kept));

export const forget = async (order: number): Promise<void> => (await phone).delete('outbox', order);

/** Changes what is kept of the rows that fit; what has gone meanwhile stays gone. */
export const change = async (
  fits: (row: Kept) => boolean,
  changes: Partial<Kept>,
): Promise<void> => {
  const tx = (await phone).transaction('outbox', 'readwrite');
  for (let at = await tx.store.openCursor(); at; at = await at.continue())
    if (fits(at.value)) await at.update({ ...at.value, ...changes });
  await tx.done;
};

/** What is known of openings of the page: those of long ago time nothing that still waits. */
const OPENINGS_KEPT = 200;

export const openings = async (): Promise<KnownOpening[]> => (await phone).getAll('openings');

export const noteOpening = async (name: string, offset?: Offset): Promise<void> => {
  const { store, done } = (await phone).transaction('openings', 'readwrite');
  const known = await store.index('name').get(name);
  if (known && offset) await store.put({ ...known, offset });
  if (!known) await store.add({ name, ...(offset && { offset }) } as KnownOpening);
  const orders = await store.getAllKeys();
  for (const old of orders.slice(0, -OPENINGS_KEPT)) await store.delete(old);
  await done;
};
