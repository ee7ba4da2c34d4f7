import type { ProvedTable } from '@zymostat/contract';
import type { Context } from '../../platform/context.ts';
import { BEFORE_ALL_IDS, prepared } from '../../platform/database/prepared.ts';
import { sha256 } from '../../platform/sha256.ts';

/**
 * What a table's rows are proved by: a view of the feature that has the table, giving each row's id
 * and one text of all that counts in it.
 */
const viewOf = (table: ProvedTable): string => `${table}_proof`;

const findOne = (table: ProvedTable) =>
  prepared<{ text: string }>(
    `proof of ${table}`,
    `SELECT text FROM ${viewOf(table)} WHERE id = $1`,
  );

/** The SHA-256 (hex) of a row as it now stands. */
export const proofOf = async ({ db }: Context, table: ProvedTable, id: string): Promise<string> => {
  const [row] = await findOne(table)(db, [id]);
  if (!row) throw new Error(`found no row ${id} in ${table}; a fact speaks of one that is there`);
  return sha256(row.text);
};

/** A number that the planner sees, so that it walks the key. */
const AT_ONCE = 2000;

/** Every row of a table with its hash, in order of ids, some at a time. */
export async function* proofsOf(
  { db }: Pick<Context, 'db'>,
  table: ProvedTable,
): AsyncGenerator<{ id: string; hash: string }[]> {
  const find = prepared<{ id: string; text: string }>(
    `proofs of ${table}`,
    `SELECT id, text FROM ${viewOf(table)} WHERE id > $1 ORDER BY id LIMIT ${AT_ONCE}`,
  );
  for (let after = BEFORE_ALL_IDS; ;) {
    const rows = await find(db, [after]);
    yield rows.map(({ id, text }) => ({ id, hash: sha256(text) }));
    if (rows.length < AT_ONCE) return;
    after = rows.at(-1)!.id;
  }
}
