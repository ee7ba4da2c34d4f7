import { within, type Context } from '../../platform/context.ts';
import { canonical, FIRST_HASH, hashOf } from './chain.ts';
import { addRows, turnToAppend, type AddedRow, type Head } from './chainStore.ts';

const AT_ONCE = 2000;

type ExportedRow = Omit<AddedRow, 'body'> & { body: object; person: string | null };

/** A line of an export that holds a row; the others are its head and its end. */
const rowIn = (line: string): ExportedRow | null =>
  line.startsWith('{"seq":') || line.includes('"factId":')
    ? (JSON.parse(line.replace(/,\s*$/, '')) as ExportedRow)
    : null;

/** The row as it was written; throws where it does not follow from the one before. */
const follows = (row: ExportedRow, head: Head): AddedRow => {
  const body = canonical(row.body);
  if (row.seq !== head.seq + 1 || row.previousHash !== head.hash)
    throw new Error(`found row ${row.seq} after row ${head.seq}: an export of all rows is allowed`);
  const hash = hashOf({ ...row, body });
  if (hash !== row.hash)
    throw new Error(`row ${row.seq}: found hash ${row.hash}, expected ${hash} of what it holds`);
  if (row.person !== null)
    throw new Error(`row ${row.seq} is of a version before, and holds a name: restore a backup`);
  const { seq, factId, kind, at, recordedAt, homeId, homeName, personId, previousHash } = row;
  const what = { seq, factId, kind, at, recordedAt, homeId, homeName, personId };
  return { ...what, body, previousHash, hash };
};

/**
 * Imports an export of the whole record into an empty ledger, all or nothing: the same rows, the
 * same chain. Throws where the ledger holds rows already, or a row is not as it was written.
 */
export const importLedger = (
  context: Context,
  lines: () => AsyncIterable<string>,
): Promise<{ rows: number; head: Head }> =>
  within(context, async (inside) => {
    let head = await turnToAppend(inside);
    if (head.hash !== FIRST_HASH)
      throw new Error(`found ${head.seq} rows in the ledger: an empty one is allowed`);
    let waiting: AddedRow[] = [];
    for await (const line of lines()) {
      const found = rowIn(line);
      if (!found) continue;
      const row = follows(found, head);
      head = { seq: row.seq, hash: row.hash };
      waiting.push(row);
      if (waiting.length < AT_ONCE) continue;
      await addRows(inside, waiting);
      waiting = [];
    }
    if (waiting.length > 0) await addRows(inside, waiting);
    return { rows: head.seq, head };
  });
