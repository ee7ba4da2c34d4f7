import { strengthOf, type Body, type BottleRow } from '@zymostat/contract';
import { isUsedUp, judgeBottle, verdictOf, type Reason } from '@zymostat/core';
import { In } from 'typeorm';
import { within, type Context } from '../../context.ts';
import { problems } from '../../http/problems.ts';
import { batchById, batchesById } from '../bench/service.ts';
import { theBook } from '../keepApart/book.ts';
import { personNames, type Person } from '../people/service.ts';
import { append, appendAlone } from '../records/service.ts';
import { BottleEntity, BottleEventEntity, type BottleRecord } from './entities.ts';
import { filledFrom } from './filledFrom.ts';

const bottleCode = (number: string | number): string => `F-${String(number).padStart(3, '0')}`;

/** Bottles with what happened to each, newest first. */
const withHistory = async (context: Context, records: BottleRecord[]): Promise<BottleRow[]> => {
  const { db } = context;
  const events = await db.find(BottleEventEntity, {
    where: { bottleId: In(records.map(({ id }) => id)) },
    order: { id: 'DESC' },
  });
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
  withHistory(
    context,
    await context.db.getRepository(BottleEntity).find({ order: { number: 'ASC' } }),
  );

const bottleById = async (context: Context, id: string): Promise<BottleRow> => {
  const record = await context.db.findOneBy(BottleEntity, { id });
  if (!record) throw problems.notFound('that bottle');
  return (await withHistory(context, [record]))[0]!;
};

export const addBottle = async (
  context: Context,
  fields: Body<'addBottle'>,
): Promise<BottleRow> => {
  const id = context.newId();
  await context.db.insert(BottleEntity, { id, ...fields });
  return bottleById(context, id);
};

/** Holds a bottle for the rest of the transaction, so that two people cannot fill it at once. */
const take = async (inside: Context, id: string): Promise<BottleRow> => {
  await inside.db.findOne(BottleEntity, { where: { id }, lock: { mode: 'pessimistic_write' } });
  return bottleById(inside, id);
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
  const { now, newId } = context;
  const refused = await within(
    context,
    async (inside): Promise<{ bottle: BottleRow; reasons: Reason[]; detail: string } | null> => {
      const bottle = await take(inside, id);
      const batch = await batchById(inside, batchId);
      const reasons = [...judgeBottle(bottle, batch, await theBook(inside)).reasons];
      if (batch.status === 'set-aside')
        reasons.push({
          code: 'batch-set-aside',
          outcome: 'never',
          source: 'the check of this batch',
        });
      if (batch.discardAfter <= now())
        reasons.push({
          code: 'batch-expired',
          outcome: 'never',
          figures: { discardAfter: batch.discardAfter },
          source: 'the batch’s label',
        });
      if (isUsedUp(batch.volume, [await filledFrom(inside, batchId)]))
        reasons.push({
          code: 'batch-used-up',
          outcome: 'never',
          figures: { volume: batch.volume },
          source: 'the bench',
        });
      const verdict = verdictOf(reasons);
      if (verdict.outcome === 'never')
        return {
          bottle,
          reasons: verdict.reasons,
          detail: `bottle ${bottle.code} with ${batch.code}, ${strengthOf(batch.active, batch.strength)}`,
        };
      await inside.db.insert(BottleEventEntity, {
        bottleId: id,
        at: new Date(now()),
        personId: person.id,
        did: 'filled',
        batchId,
      });
      const body = {
        bottleId: id,
        bottleCode: bottle.code,
        did: 'filled' as const,
        batchId,
        batchCode: batch.code,
        active: batch.active,
        strength: batch.strength,
        washedBy: null,
      };
      await append(inside, {
        kind: 'bottle',
        factId: newId(),
        at: now(),
        home: null,
        person,
        body,
      });
      return null;
    },
  );
  if (!refused) return bottleById(context, id);
  await appendAlone(context, {
    kind: 'refusal',
    factId: newId(),
    at: now(),
    home: null,
    person,
    body: { what: 'bottle', detail: refused.detail, reasons: refused.reasons },
  });
  throw problems.refused(refused.reasons);
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
  const { now, newId } = context;
  await within(context, async (inside) => {
    const bottle = await take(inside, id);
    if (!same(code, bottle.code))
      throw problems.badRequest([
        {
          path: 'code',
          message: `Found “${code}”. Write the code on this bottle, ${bottle.code}.`,
        },
      ]);
    if (!same(washedBy, person.name))
      throw problems.badRequest([
        { path: 'washedBy', message: `Found “${washedBy}”. Write your own name, ${person.name}.` },
      ]);
    await inside.db.insert(BottleEventEntity, {
      bottleId: id,
      at: new Date(now()),
      personId: person.id,
      did: 'washed',
      batchId: null,
    });
    const body = {
      bottleId: id,
      bottleCode: bottle.code,
      did: 'washed' as const,
      batchId: null,
      batchCode: null,
      active: null,
      strength: null,
      washedBy: person.name,
    };
    await append(inside, { kind: 'bottle', factId: newId(), at: now(), home: null, person, body });
  });
  return bottleById(context, id);
};
