import { In } from 'typeorm';
import type { Context } from '../../platform/context.ts';
import type { View } from '../../platform/database/views.ts';
import {
  BottleEntity,
  BottleEventEntity,
  type BottleEventRecord,
  type BottleRecord,
} from './tables.ts';

export type { BottleEventRecord, BottleRecord };

/** Each time that a bottle was filled from a batch: as much as the bottle holds, m³. */
export const fillingView: View = {
  name: 'filling',
  select: `SELECT batch_id, bottle.volume FROM bottle_event JOIN bottle ON bottle.id = bottle_id WHERE did = 'filled'`,
};

/** A bottle with all that was done with it. */
export const bottleProof: View = {
  name: 'bottle_proof',
  select: `SELECT id, jsonb_build_array(id, number, material, opaque, volume, (
    SELECT jsonb_agg(jsonb_build_array(event.id, (extract(epoch FROM at) * 1000000)::bigint, person_id, did, batch_id) ORDER BY event.id) FROM bottle_event event WHERE bottle_id = bottle.id))::text AS text FROM bottle`,
};

export const allBottles = ({ db }: Context): Promise<BottleRecord[]> =>
  db.getRepository(BottleEntity).find({ order: { number: 'ASC' } });

export const bottleById = ({ db }: Context, id: string): Promise<BottleRecord | null> =>
  db.findOneBy(BottleEntity, { id });

/** Holds a bottle for the rest of the transaction, so that two people cannot fill it at once. */
export const holdBottle = async ({ db }: Context, id: string): Promise<void> =>
  void (await db.findOne(BottleEntity, { where: { id }, lock: { mode: 'pessimistic_write' } }));

export const addBottle = async (
  { db }: Context,
  bottle: Omit<BottleRecord, 'number'>,
): Promise<void> => void (await db.insert(BottleEntity, bottle));

/** What happened to some bottles, newest first. */
export const eventsOf = ({ db }: Context, ids: string[]): Promise<BottleEventRecord[]> =>
  db.find(BottleEventEntity, { where: { bottleId: In(ids) }, order: { id: 'DESC' } });

export const addEvent = async (
  { db }: Context,
  event: Omit<BottleEventRecord, 'id'>,
): Promise<void> => void (await db.insert(BottleEventEntity, event));
