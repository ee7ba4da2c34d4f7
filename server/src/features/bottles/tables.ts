import type { BottleMaterial } from '@zymostat/core';
import { EntitySchema } from 'typeorm';

export interface BottleRecord {
  id: string;
  number?: string;
  material: BottleMaterial;
  opaque: boolean;
  volume: number;
}
export const BottleEntity = new EntitySchema<BottleRecord>({
  name: 'bottle',
  columns: {
    id: { type: 'uuid', primary: true },
    number: { type: 'bigint', generated: 'increment' },
    material: { type: 'text' },
    opaque: { type: 'boolean' },
    volume: { type: 'float8' },
  },
});

export interface BottleEventRecord {
  id?: string;
  bottleId: string;
  at: Date;
  personId: string;
  did: 'filled' | 'washed';
  batchId: string | null;
}
export const BottleEventEntity = new EntitySchema<BottleEventRecord>({
  name: 'bottle_event',
  columns: {
    id: { type: 'bigint', primary: true, generated: 'increment' },
    bottleId: { type: 'uuid', name: 'bottle_id' },
    at: { type: 'timestamptz' },
    personId: { type: 'uuid', name: 'person_id' },
    did: { type: 'text' },
    batchId: { type: 'uuid', name: 'batch_id', nullable: true },
  },
});
