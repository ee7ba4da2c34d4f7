import { type BatchRow, type Body, type BottleRow, type FactBody } from '@zymostat/contract';
import { isUsedUp, forbidden, judgeBottle, verdictOf, type Reason } from '@zymostat/core';
import { within, type Context } from '../../platform/context.ts';
import { problems } from '../../platform/http/problems.ts';
import { batchById, batchesById, filledFrom } from '../batches/service.ts';
import { theBook } from '../book/service.ts';
import { personNames, type Person } from '../people/service.ts';
import { append, appendRefusal } from '../records/service.ts';
import * as store from './store.ts';

const bottleCode = (number: string | number): string => `F-${String(number).padStart(3, '0')}`;

/** Bottles with what happened to each, newest first. */
const withHistory = async (
  context: Context,
  records: store.BottleRecord[],
): Promise<BottleRow[]> => {
  const events = await store.eventsOf(
    context,
    records.map(({ id }) => id),
  );
  const batches = await batchesById(
    context,
    events.flatMap(({ batchId }) => batchId ?? []),
  );
  const names = await personNames(context);
  const batchOf = new Map(batches.map((batch) => [batch.id, batch]));
  return records.map(({ id, number, material, opaque, volume }) => {
    const own = events.filter(({ bottleId }) => bottleId === id);
    const held = own[0]?.did === 'filled' ? batchOf.get(own[0].batchId!) : undefined;
    return {
      id,
      code: bottleCode(number!),
      material,
      opaque,
      volume,
      heldSinceWash: held
        ? {
            active: held.active,
            strength: held.strength,
            groups: held.groups,
            batchId: held.id,
            batchCode: held.code,
          }
        : null,
      history: own.map(({ at, personId, did, batchId }) => ({
        at: at.getTime(),
        by: names.get(personId) ?? '',
        did,
        batchCode: batchId ? (batchOf.get(batchId)?.code ?? null) : null,
      })),
    };
  });
};

export const allBottles = async (context: Context): Promise<BottleRow[]> =>
  withHistory(context, await store.allBottles(context));

const bottleById = async (context: Context, id: string): Promise<BottleRow> => {
  const record = await store.bottleById(context, id);
  if (!record) throw problems.notFound('bottle');
  return (await withHistory(context, [record]))[0]!;
};

/** Holds a bottle for the rest of the transaction, so that two people cannot fill it at once. */
const take = async (inside: Context, id: string): Promise<BottleRow> => {
  await store.holdBottle(inside, id);
  return bottleById(inside, id);
};

/** Everything that speaks against filling a bottle from a batch now. */
const fillReasons = async (
  inside: Context,
  bottle: BottleRow,
  batch: BatchRow,
): Promise<Reason[]> => {
  const { status, discardAfter, volume, id } = batch;
  const reasons = [...judgeBottle(bottle, batch, await theBook(inside)).reasons];
  if (status === 'set-aside') reasons.push(forbidden('batch-set-aside', 'the check of this batch'));
  if (discardAfter <= inside.now())
    reasons.push(forbidden('batch-expired', 'the batch’s label', { discardAfter }));
  if (isUsedUp(volume, [await filledFrom(inside, id)]))
    reasons.push(forbidden('batch-used-up', 'the bench', { volume }));
  return reasons;
};

type BottleFact = Pick<FactBody<'bottle'>, 'did' | 'batchId' | 'batchCode' | 'active' | 'strength'>;

const empty = { batchId: null, batchCode: null, active: null, strength: null };

const tell = async (
  inside: Context,
  { id, code }: BottleRow,
  fact: BottleFact,
  person: Person,
): Promise<void> => {
  await append(inside, {
    kind: 'bottle',
    factId: inside.newId(),
    at: inside.now(),
    home: null,
    person,
    row: { table: 'bottle', id },
    body: { bottleId: id, bottleCode: code, ...fact, washedBy: null },
  });
};

/** Writes what was done with a bottle: to its own history and to the ledger. */
const recordBottle = async (
  inside: Context,
  bottle: BottleRow,
  fact: BottleFact & { did: 'filled' | 'washed' },
  person: Person,
): Promise<void> => {
  const { did, batchId } = fact;
  const at = new Date(inside.now());
  await store.addEvent(inside, { bottleId: bottle.id, at, personId: person.id, did, batchId });
  await tell(inside, bottle, fact, person);
};

export const addBottle = async (
  context: Context,
  fields: Body<'addBottle'>,
  person: Person,
): Promise<BottleRow> => {
  const id = context.newId();
  await within(context, async (inside) => {
    await store.addBottle(inside, { id, ...fields });
    await tell(inside, await bottleById(inside, id), { did: 'added', ...empty }, person);
  });
  return bottleById(context, id);
};

/**
 * Fills a bottle, or refuses: over what must not meet, over an old label, and with what may not be
 * used.
 */
export const fillBottle = async (
  context: Context,
  id: string,
  batchId: string,
  person: Person,
): Promise<BottleRow> => {
  const done = await within(context, async (inside) => {
    const bottle = await take(inside, id);
    const batch = await batchById(inside, batchId);
    const { outcome, reasons } = verdictOf(await fillReasons(inside, bottle, batch));
    const { code: batchCode, active, strength } = batch;
    if (outcome === 'never')
      return { reasons, refused: { is: 'filling' as const, bottleCode: bottle.code, batchCode } };
    const fact = { did: 'filled' as const, batchId, batchCode, active, strength };
    await recordBottle(inside, bottle, fact, person);
    return null;
  });
  if (!done) return bottleById(context, id);
  const { refused, reasons } = done;
  await appendRefusal(context, { what: 'bottle', refused, reasons }, { home: null, person });
  throw problems.refused(reasons);
};

const same = (a: string, b: string): boolean => a.trim().toLowerCase() === b.trim().toLowerCase();

/**
 * Takes the word of somebody by name that a bottle is washed and its label struck off: its code and
 * their own name, typed.
 */
export const washBottle = async (
  context: Context,
  id: string,
  { code, washedBy }: Body<'washBottle'>,
  person: Person,
): Promise<BottleRow> => {
  await within(context, async (inside) => {
    const bottle = await take(inside, id);
    if (!same(code, bottle.code))
      throw problems.badRequest([
        { path: 'code', code: 'wrong-code', figures: { found: code, code: bottle.code } },
      ]);
    if (!same(washedBy, person.name))
      throw problems.badRequest([
        { path: 'washedBy', code: 'wrong-name', figures: { found: washedBy, name: person.name } },
      ]);
    await recordBottle(inside, bottle, { did: 'washed', ...empty }, person);
  });
  return bottleById(context, id);
};
