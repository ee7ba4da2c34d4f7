import type { Context } from '../context.ts';

/** Whether the database answers. Throws where it does not. */
export const isThere = async ({ db }: Pick<Context, 'db'>): Promise<boolean> => {
  await db.query('SELECT 1');
  return true;
};
