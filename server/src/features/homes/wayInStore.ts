import type { WayIn } from '@zymostat/contract';
import type { Context } from '../../platform/context.ts';
import { WayInEntity } from './tables.ts';

const nothing: WayIn = { address: null, door: null, contact: null, notes: null };

export const wayInOf = async ({ db }: Context, homeId: string): Promise<WayIn> => {
  const found = await db.getRepository(WayInEntity).findOneBy({ homeId });
  if (!found) return nothing;
  const { homeId: _, ...wayIn } = found;
  return wayIn;
};

export const keepWayIn = async ({ db }: Context, homeId: string, wayIn: WayIn): Promise<void> =>
  void (await db.getRepository(WayInEntity).upsert({ homeId, ...wayIn }, ['homeId']));
