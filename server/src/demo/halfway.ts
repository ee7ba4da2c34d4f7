import pg from 'pg';
import { ownerUrl } from '../platform/config.ts';

/** Stands while the demo data are being made: where it is found at a start, they are half made. */
const MARK = 'demo_being_made';

const asOwner = async <T>(work: (client: pg.Client) => Promise<T>): Promise<T> => {
  const client = new pg.Client({ connectionString: ownerUrl() });
  await client.connect();
  try {
    return await work(client);
  } finally {
    await client.end();
  }
};

/** Clears away what an interrupted making has left, and nothing else. */
export const clearHalf = (): Promise<void> =>
  asOwner(async (client) => {
    const found = await client.query<{ there: boolean }>(
      'SELECT to_regclass($1) IS NOT NULL AS there',
      [MARK],
    );
    if (!found.rows[0]?.there) return;
    await client.query('DROP SCHEMA public CASCADE');
    await client.query('CREATE SCHEMA public');
  });

/** Makes the demo data: whole, or anew the next time. */
export const wholly = async (make: () => Promise<void>): Promise<void> => {
  await asOwner((client) => client.query(`CREATE TABLE ${MARK} ()`));
  await make();
  await asOwner((client) => client.query(`DROP TABLE ${MARK}`));
};
