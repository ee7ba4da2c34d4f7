import type { Body, StockRow } from '@zymostat/contract';
import { receivedState, stockAfter, type StockState, type StockChange } from '@zymostat/core';
import { within, type Context } from '../../platform/context.ts';
import { problems } from '../../platform/http/problems.ts';
import type { Person } from '../people/service.ts';
import { append, turnToAppend } from '../records/service.ts';
import * as store from './store.ts';
import type { StockContainer } from './store.ts';

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
  await append(inside, {
    kind: 'stock-received',
    factId: inside.newId(),
    at: inside.now(),
    home: null,
    person,
    body: { stockId: id, code, ...said, expiresAt },
  });
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

const changeOf = ({ did, volume }: Body<'tellStock'>, at: number): StockChange => {
  if (did !== 'counted') return { did, at };
  if (volume === null) throw problems.badRequest([{ path: 'volume', code: 'write-something' }]);
  return { did, at, volume };
};

/** What somebody tells of a container: opened, counted, emptied or discarded. */
export const tellStock = async (
  context: Context,
  id: string,
  told: Body<'tellStock'>,
  person: Person,
): Promise<StockRow> => {
  await within(context, async (inside) => {
    await turnToAppend(inside);
    const found = await holdThere(inside, id);
    const before = stateOf(found);
    const change = changeOf(told, inside.now());
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
        volume: told.did === 'counted' ? told.volume : null,
        before: before.left,
        why: told.why,
      },
    });
  });
  return (await store.stockById(context, id))!;
};
