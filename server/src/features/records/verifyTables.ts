import { provedTables, type About, type ProvedTable } from '@zymostat/contract';
import type { Context } from '../../platform/context.ts';
import { proofsOf } from './proofsStore.ts';

/** A row of a table that is not as the ledger says of it. */
export interface TableBreak {
  code: 'row-changed' | 'row-missing' | 'row-unspoken';
  table: ProvedTable;
  id: string;
  /** The fact that spoke of it last, and what it was then. */
  seq?: number;
  found?: string;
  expected?: string;
}

/** What the ledger said last of each row, gathered while it is walked. */
export class Spoken {
  private readonly last = new Map<string, { seq: number; hash: string }>();

  /** Keys are in order, so a body that speaks of a row begins with it. */
  see({ seq, body }: { seq: number; body: string }): void {
    if (!body.startsWith('{"about":')) return;
    const { about } = JSON.parse(body) as { about: About };
    this.last.set(`${about.table} ${about.id}`, { seq, hash: about.hash });
  }

  private judge(table: ProvedTable, id: string, found: string): TableBreak[] {
    const key = `${table} ${id}`;
    const said = this.last.get(key);
    this.last.delete(key);
    if (!said) return [{ code: 'row-unspoken', table, id, found }];
    const { seq, hash: expected } = said;
    return found === expected ? [] : [{ code: 'row-changed', table, id, seq, found, expected }];
  }

  /** Compares every row of every table that facts speak of, and what is spoken of and not there. */
  async compare(context: Pick<Context, 'db'>, broken: (found: TableBreak) => void): Promise<void> {
    for (const table of provedTables)
      for await (const rows of proofsOf(context, table))
        for (const { id, hash } of rows) this.judge(table, id, hash).forEach(broken);
    for (const [key, { seq, hash: expected }] of this.last) {
      const [table, id] = key.split(' ') as [ProvedTable, string];
      broken({ code: 'row-missing', table, id, seq, expected });
    }
  }
}
