import type { MigrationInterface, QueryRunner } from 'typeorm';

export class FirstTables1767225600000 implements MigrationInterface {
  async up(q: QueryRunner): Promise<void> {
    await q.query(`
      CREATE TABLE company (
        id uuid PRIMARY KEY, name text NOT NULL, emergency_number text NOT NULL, poison_line text NOT NULL, house_rules jsonb NOT NULL);
      CREATE TABLE person (
        id uuid PRIMARY KEY, name text NOT NULL, login text NOT NULL UNIQUE, role text NOT NULL CHECK (role IN ('supervisor', 'cleaner')), password_hash text NOT NULL);
      CREATE TABLE session (
        token_hash text PRIMARY KEY, person_id uuid NOT NULL REFERENCES person ON DELETE CASCADE, expires_at timestamptz NOT NULL);
      CREATE TABLE sign_in_attempt (
        id bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY, login text NOT NULL, address text NOT NULL, at timestamptz NOT NULL);
      CREATE INDEX ON sign_in_attempt (login, at);
      CREATE INDEX ON sign_in_attempt (address, at);

      CREATE TABLE home (
        id uuid PRIMARY KEY, position bigint GENERATED ALWAYS AS IDENTITY, name text NOT NULL, place text NOT NULL, situations jsonb NOT NULL DEFAULT '[]');
      CREATE TABLE room (
        id uuid PRIMARY KEY, position bigint GENERATED ALWAYS AS IDENTITY, home_id uuid NOT NULL REFERENCES home ON DELETE CASCADE, name text NOT NULL,
        floor_area float8 NOT NULL CHECK (floor_area > 0), height float8 NOT NULL CHECK (height > 0),
        ventilation text NOT NULL CHECK (ventilation IN ('none', 'window', 'fan')), flame boolean NOT NULL);
      CREATE INDEX ON room (home_id);

      CREATE TABLE stock (
        id uuid PRIMARY KEY, code text NOT NULL UNIQUE, name text NOT NULL, active text NOT NULL,
        strength float8 NOT NULL CHECK (strength > 0 AND strength <= 1), volume float8 NOT NULL CHECK (volume >= 0), expires_at timestamptz NOT NULL);
      CREATE TABLE batch (
        id uuid PRIMARY KEY, number bigint GENERATED ALWAYS AS IDENTITY, stock_id uuid NOT NULL REFERENCES stock, active text NOT NULL,
        strength float8 NOT NULL CHECK (strength > 0 AND strength <= 1), purpose text NOT NULL CHECK (purpose IN ('clean', 'disinfect')),
        volume float8 NOT NULL CHECK (volume > 0), stock_volume float8 NOT NULL CHECK (stock_volume > 0), water_volume float8 NOT NULL CHECK (water_volume >= 0),
        made_at timestamptz NOT NULL, made_by uuid NOT NULL REFERENCES person, discard_after timestamptz NOT NULL CHECK (discard_after > made_at));

      CREATE TABLE surface (
        id uuid PRIMARY KEY, position bigint GENERATED ALWAYS AS IDENTITY, room_id uuid NOT NULL REFERENCES room ON DELETE CASCADE, name text NOT NULL,
        material text NOT NULL, level text NOT NULL, area float8 NOT NULL CHECK (area > 0), touched text NOT NULL, food boolean NOT NULL,
        goal text NOT NULL DEFAULT 'clean' CHECK (goal IN ('clean', 'disinfect')), against text NOT NULL DEFAULT 'everyday',
        stock_id uuid REFERENCES stock, strength float8 CHECK (strength > 0 AND strength <= 1), accepted text,
        CHECK ((stock_id IS NULL) = (strength IS NULL)));
      CREATE INDEX ON surface (room_id);

      CREATE TABLE protocol_version (
        id uuid PRIMARY KEY, home_id uuid NOT NULL REFERENCES home, number integer NOT NULL CHECK (number > 0), approved_at timestamptz NOT NULL,
        approved_by uuid NOT NULL REFERENCES person, protocol jsonb NOT NULL, UNIQUE (home_id, number));

      CREATE TABLE round (
        id uuid PRIMARY KEY, home_id uuid NOT NULL REFERENCES home, version_id uuid NOT NULL REFERENCES protocol_version,
        person_id uuid NOT NULL REFERENCES person, started_at timestamptz NOT NULL, finished_at timestamptz CHECK (finished_at >= started_at));
      CREATE INDEX ON round (home_id, started_at);

      CREATE TABLE ledger (
        seq bigint PRIMARY KEY CHECK (seq > 0), fact_id uuid NOT NULL UNIQUE, kind text NOT NULL, at timestamptz NOT NULL, recorded_at timestamptz NOT NULL,
        home_id uuid, home_name text, person_id uuid NOT NULL, person text NOT NULL, body jsonb NOT NULL, previous_hash text NOT NULL, hash text NOT NULL UNIQUE);
      CREATE INDEX ON ledger (home_id, seq);
      CREATE INDEX ON ledger (kind, seq);
      CREATE INDEX ON ledger (at);
      CREATE INDEX ON ledger ((body->>'roundId'), seq);

      CREATE FUNCTION refuse_change() RETURNS trigger LANGUAGE plpgsql AS $$
        BEGIN
          RAISE EXCEPTION '% of % is refused: found a row that is already written, and only new rows are allowed', TG_OP, TG_TABLE_NAME;
        END $$;
      CREATE TRIGGER ledger_append_only BEFORE UPDATE OR DELETE OR TRUNCATE ON ledger EXECUTE FUNCTION refuse_change();
      CREATE TRIGGER version_append_only BEFORE UPDATE OR DELETE OR TRUNCATE ON protocol_version EXECUTE FUNCTION refuse_change();

      CREATE FUNCTION tell_ledger() RETURNS trigger LANGUAGE plpgsql AS $$
        BEGIN
          PERFORM pg_notify('ledger', NEW.kind);
          RETURN NULL;
        END $$;
      CREATE TRIGGER ledger_tells AFTER INSERT ON ledger FOR EACH ROW EXECUTE FUNCTION tell_ledger();
    `);
  }

  async down(q: QueryRunner): Promise<void> {
    await q.query(`
      DROP TABLE ledger, round, protocol_version, surface, batch, stock, room, home, sign_in_attempt, session, person, company;
      DROP FUNCTION refuse_change, tell_ledger;
    `);
  }
}
