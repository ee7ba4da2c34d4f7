import type { RecordRow } from '@zymostat/contract';
import { EntitySchema } from 'typeorm';

export interface LedgerRow {
  seq: string;
  factId: string;
  kind: RecordRow['kind'];
  at: Date;
  recordedAt: Date;
  homeId: string | null;
  homeName: string | null;
  personId: string;
  /** A name in rows of before; those of now hold the id, and the name stands outside. */
  person: string | null;
  body: RecordRow['body'];
  previousHash: string;
  hash: string;
}

export const LedgerEntity = new EntitySchema<LedgerRow>({
  name: 'ledger',
  columns: {
    seq: { type: 'bigint', primary: true },
    factId: { type: 'uuid', name: 'fact_id' },
    kind: { type: 'text' },
    at: { type: 'timestamptz' },
    recordedAt: { type: 'timestamptz', name: 'recorded_at' },
    homeId: { type: 'uuid', name: 'home_id', nullable: true },
    homeName: { type: 'text', name: 'home_name', nullable: true },
    personId: { type: 'uuid', name: 'person_id' },
    person: { type: 'text', nullable: true },
    body: { type: 'json' },
    previousHash: { type: 'text', name: 'previous_hash' },
    hash: { type: 'text' },
  },
});
