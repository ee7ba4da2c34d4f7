import { IsNull, MoreThan } from 'typeorm';
import type { Context } from '../../platform/context.ts';
import {
  BathEntity,
  ClothEntity,
  JarEntity,
  type BathRecord,
  type ClothRecord,
  type JarRecord,
} from './tables.ts';

export type { BathBegun, JarMade } from './tables.ts';
export type { BathRecord, ClothRecord, JarRecord };

/** Those in use, and those that went since. */
export const jarsSince = ({ db }: Context, since: Date): Promise<JarRecord[]> =>
  db.find(JarEntity, {
    where: [{ endedAt: IsNull() }, { endedAt: MoreThan(since) }],
    order: { madeAt: 'DESC' },
  });

/** A jar, held for the rest of the transaction. */
export const holdJar = ({ db }: Context, id: string): Promise<JarRecord | null> =>
  db.findOne(JarEntity, { where: { id }, lock: { mode: 'pessimistic_write' } });
export const jarById = ({ db }: Context, id: string): Promise<JarRecord | null> =>
  db.findOneBy(JarEntity, { id });

export const addJar = async ({ db }: Context, jar: Omit<JarRecord, 'number'>): Promise<void> =>
  void (await db.insert(JarEntity, jar as never));
export const changeJar = async (
  { db }: Context,
  id: string,
  to: Pick<JarRecord, 'left' | 'endedAt'>,
): Promise<void> => void (await db.update(JarEntity, { id }, to));

export const bathsSince = ({ db }: Context, since: Date): Promise<BathRecord[]> =>
  db.find(BathEntity, {
    where: [{ endedAt: IsNull() }, { endedAt: MoreThan(since) }],
    order: { begunAt: 'DESC' },
  });
export const holdBath = ({ db }: Context, id: string): Promise<BathRecord | null> =>
  db.findOne(BathEntity, { where: { id }, lock: { mode: 'pessimistic_write' } });
export const addBath = async ({ db }: Context, bath: Omit<BathRecord, 'number'>): Promise<void> =>
  void (await db.insert(BathEntity, bath as never));
export const endBath = async (
  { db }: Context,
  id: string,
  to: Pick<BathRecord, 'endedAt' | 'endedBy' | 'came'>,
): Promise<void> => void (await db.update(BathEntity, { id }, to as never));

export const allCloths = ({ db }: Context): Promise<ClothRecord[]> => db.find(ClothEntity);
/** Clean cloths of a zone, held for the rest of the transaction; none before the first. */
export const holdCloths = async (
  { db }: Context,
  zone: ClothRecord['zone'],
): Promise<ClothRecord> => {
  await db
    .createQueryBuilder()
    .insert()
    .into(ClothEntity)
    .values({ zone, clean: 0 })
    .orIgnore()
    .execute();
  return db.findOneOrFail(ClothEntity, { where: { zone }, lock: { mode: 'pessimistic_write' } });
};
export const keepCloths = async ({ db }: Context, { zone, clean }: ClothRecord): Promise<void> =>
  void (await db.update(ClothEntity, { zone }, { clean }));
