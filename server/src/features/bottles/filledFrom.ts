import type { Context } from '../../context.ts';

/** m³ of a batch that stand in bottles already: each was filled up, as far as the batch went. */
export const filledFrom = async ({ db }: Context, batchId: string): Promise<number> => {
  const [row] = (await db.query(
    'SELECT coalesce(sum(bottle.volume), 0)::float8 AS volume FROM bottle_event JOIN bottle ON bottle.id = bottle_id WHERE batch_id = $1 AND did = $2',
    [batchId, 'filled'],
  )) as { volume: number }[];
  return row!.volume;
};
