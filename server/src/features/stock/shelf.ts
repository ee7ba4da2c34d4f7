import type { Body, StockRow } from '@zymostat/contract';
import {
  receivedState,
  stockAfter,
  storages,
  type StockChange,
  type StockState,
  type Storage,
} from '@zymostat/core';
import { within, type Context } from '../../platform/context.ts';
import { problems } from '../../platform/http/problems.ts';
import type { Person } from '../people/service.ts';
import { append, turnToAppend } from '../records/service.ts';
import { tellReceived } from './received.ts';
import * as store from './store.ts';
import type { StockContainer } from './store.ts';

type Told = Body<'tellStock'>;
type Kept = Storage[] | null;

const codeOf = (n: number): string => `S-${String(n).padStart(4, '0')}`;

const stateOf = ({ left, openedAt, goneAt, gone }: StockContainer): StockState => ({
  left,
  openedAt: openedAt?.getTime() ?? null,
  goneAt: goneAt?.getTime() ?? null,
  gone: gone ?? null,
});

/** One container comes in: full and closed, under a code of its own. */
const receiveOne = async (
  inside: Context,
  { count: _, expiresAt, ...fields }: Body<'receiveStock'>,
  person: Person,
): Promise<string> => {
  const id = inside.newId();
  const code = codeOf((await store.lastNumber(inside)) + 1);
  const { left } = receivedState(fields.volume);
  const container = { id, code, ...fields, left, expiresAt: new Date(expiresAt) };
  const receivedAt = new Date(inside.now());
  await store.addStock(inside, { ...container, receivedAt });
  const { pricePerLitre: __, ...said } = fields;
  await tellReceived(inside, { stockId: id, code, ...said, expiresAt }, person);
  return id;
};

/** Writes down what has come in: as many containers as there are, each by itself. */
export const receiveStock = async (
  context: Context,
  asked: Body<'receiveStock'>,
  person: Person,
): Promise<StockRow[]> => {
  const ids = await within(context, async (inside) => {
    await turnToAppend(inside);
    const made: string[] = [];
    for (let i = 0; i < asked.count; i += 1) made.push(await receiveOne(inside, asked, person));
    return made;
  });
  return Promise.all(ids.map(async (id) => (await store.stockById(context, id))!));
};

/** A container that stands on the shelf, held; another is not poured from or told of. */
const holdThere = async (inside: Context, id: string): Promise<StockContainer> => {
  const found = await store.holdStock(inside, id);
  if (!found) throw problems.notFound('stock');
  if (found.gone) throw problems.conflict('stock-gone', { code: found.code });
  return found;
};

/** A batch takes from a container: by the record it is opened then, if it was not before. */
export const draw = async (
  inside: Context,
  { stockId, volume, at }: { stockId: string; volume: number; at: number },
): Promise<void> => {
  const found = await holdThere(inside, stockId);
  const change: StockChange = { did: 'poured', at, volume };
  await store.keepState(inside, stockId, stockAfter(stateOf(found), change));
};

const write = (path: string) => problems.badRequest([{ path, code: 'write-something' }]);

const changeOf = ({ did, volume }: Told, at: number): StockChange => {
  if (did !== 'counted' && did !== 'topped') return { did, at };
  if (volume === null) throw write('volume');
  return { did, at, volume };
};

/** A little more goes into a bottle than it says on it. */
const BRIM = 1.1;

/**
 * Another container of the same is poured into this one: which then is as old as the older. Throws
 * where it is not the same, or does not go in.
 */
const pourOver = async (
  inside: Context,
  into: StockContainer,
  { from, volume }: Told,
): Promise<StockContainer> => {
  if (!from || from === into.id) throw write('from');
  const source = await holdThere(inside, from);
  const same = source.active === into.active && source.strength === into.strength;
  if (!same || volume! > source.left || into.left + volume! > BRIM * into.volume)
    throw problems.conflict('not-topped', { code: into.code, from: source.code });
  const taken: StockChange = { did: 'poured', at: inside.now(), volume: volume! };
  await store.keepState(inside, source.id, stockAfter(stateOf(source), taken));
  const older = Math.min(source.expiresAt.getTime(), into.expiresAt.getTime());
  await store.keepKnown(inside, into.id, { expiresAt: new Date(older) });
  return source;
};

/** How it is kept from now on: once it was kept worse that counts for good. */
const keptNow = (before: Kept, said: Kept): Kept =>
  before && said ? storages.filter((one) => before.includes(one) || said.includes(one)) : said;

/** What else happens with what is told; what it was poured from, where it was. */
const besides = async (
  inside: Context,
  found: StockContainer,
  told: Told,
): Promise<StockContainer | null> => {
  if (told.did === 'topped') return pourOver(inside, found, told);
  if (told.did === 'moved' && told.storage) {
    const storage = keptNow(found.storage ?? null, told.storage);
    await store.keepKnown(inside, found.id, { storage });
  }
  return null;
};

/** What somebody tells of a container: opened, counted, topped up, moved, emptied or discarded. */
export const tellStock = async (
  context: Context,
  id: string,
  told: Told,
  person: Person,
): Promise<StockRow> => {
  await within(context, async (inside) => {
    await turnToAppend(inside);
    const found = await holdThere(inside, id);
    const before = stateOf(found);
    const change = changeOf(told, inside.now());
    const from = await besides(inside, found, told);
    await store.keepState(inside, id, stockAfter(before, change));
    await append(inside, {
      kind: 'stock-told',
      factId: inside.newId(),
      at: inside.now(),
      home: null,
      person,
      body: {
        stockId: id,
        code: found.code,
        did: told.did,
        volume: 'volume' in change ? change.volume : null,
        before: before.left,
        why: told.why,
        from: from && { stockId: from.id, code: from.code },
        storage: told.did === 'moved' ? (told.storage ?? null) : null,
      },
    });
  });
  return (await store.stockById(context, id))!;
};
