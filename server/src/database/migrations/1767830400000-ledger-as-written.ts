import type { MigrationInterface, QueryRunner } from 'typeorm';

const CHUNK = 1000;

/** Keys in order, no spaces: the text that was hashed when the row was written. */
const canonical = (value: unknown): string => {
  if (Array.isArray(value)) return `[${value.map(canonical).join(',')}]`;
  if (value === null || typeof value !== 'object') return JSON.stringify(value);
  const entries = Object.entries(value).sort(([a], [b]) => (a < b ? -1 : 1));
  return `{${entries.map(([key, one]) => `${JSON.stringify(key)}:${canonical(one)}`).join(',')}}`;
};

/** Brings the bodies of before into the text that was hashed; no hash changes by it. */
const rewriteBodies = async (q: QueryRunner): Promise<void> => {
  for (let after = 0; ;) {
    const rows = (await q.query(
      'SELECT seq::float8 AS seq, body::text AS body FROM ledger WHERE seq > $1 ORDER BY ledger.seq LIMIT $2',
      [after, CHUNK],
    )) as { seq: number; body: string }[];
    if (rows.length === 0) return;
    await q.query(
      'UPDATE ledger SET body = as_written.body::json FROM unnest($1::bigint[], $2::text[]) AS as_written (seq, body) WHERE ledger.seq = as_written.seq',
      [rows.map(({ seq }) => seq), rows.map(({ body }) => canonical(JSON.parse(body)))],
    );
    after = rows.at(-1)!.seq;
  }
};

/**
 * The ledger holds each body as the very text that is hashed. Names stand outside it. Whoever
 * appends takes the turn and the last row in one question; many rows are told in one notice.
 */
export class LedgerAsWritten1767830400000 implements MigrationInterface {
  async up(q: QueryRunner): Promise<void> {
    await q.query(`
      ALTER TABLE ledger DISABLE TRIGGER ledger_append_only;
      DROP INDEX ledger_expr_seq_idx;
      ALTER TABLE ledger ALTER body TYPE json USING body::text::json;`);
    await rewriteBodies(q);
    await q.query(`
      ALTER TABLE ledger ENABLE TRIGGER ledger_append_only;
      CREATE INDEX ledger_round ON ledger ((body->>'roundId'), seq) WHERE kind IN ('round-started', 'surface-event', 'wet-time', 'late-event', 'round-finished');
      ALTER TABLE ledger ALTER person DROP NOT NULL, DROP CONSTRAINT ledger_hash_key;
      DROP INDEX ledger_at_idx;
      CREATE INDEX ledger_at ON ledger USING brin (at) WITH (pages_per_range = 16);

      DROP TRIGGER ledger_tells ON ledger;
      CREATE OR REPLACE FUNCTION tell_ledger() RETURNS trigger LANGUAGE plpgsql AS $$
        BEGIN
          PERFORM pg_notify('ledger', (SELECT max(seq) || ' ' || string_agg(DISTINCT kind, ' ') FROM added));
          RETURN NULL;
        END $$;
      CREATE TRIGGER ledger_tells AFTER INSERT ON ledger REFERENCING NEW TABLE AS added FOR EACH STATEMENT EXECUTE FUNCTION tell_ledger();

      CREATE FUNCTION take_turn() RETURNS TABLE (seq bigint, hash text) LANGUAGE plpgsql AS $$
        BEGIN
          PERFORM pg_advisory_xact_lock(7122026);
          RETURN QUERY SELECT last.seq, last.hash FROM ledger last ORDER BY last.seq DESC LIMIT 1;
        END $$;

      ALTER TABLE person
        ADD salt text NOT NULL DEFAULT replace(gen_random_uuid()::text, '-', ''), ADD left_at timestamptz, ADD revision integer NOT NULL DEFAULT 0;
    `);
  }

  async down(q: QueryRunner): Promise<void> {
    await q.query(`
      ALTER TABLE person DROP salt, DROP left_at, DROP revision;
      DROP FUNCTION take_turn;
      DROP TRIGGER ledger_tells ON ledger;
      CREATE OR REPLACE FUNCTION tell_ledger() RETURNS trigger LANGUAGE plpgsql AS $$
        BEGIN
          PERFORM pg_notify('ledger', NEW.kind);
          RETURN NULL;
        END $$;
      CREATE TRIGGER ledger_tells AFTER INSERT ON ledger FOR EACH ROW EXECUTE FUNCTION tell_ledger();
      DROP INDEX ledger_at, ledger_round;
      CREATE INDEX ledger_at_idx ON ledger (at);
      ALTER TABLE ledger ADD CONSTRAINT ledger_hash_key UNIQUE (hash), ALTER body TYPE jsonb USING body::text::jsonb;
      CREATE INDEX ledger_expr_seq_idx ON ledger ((body->>'roundId'), seq);
    `);
  }
}
