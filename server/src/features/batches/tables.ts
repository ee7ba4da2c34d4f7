import type { BatchStatus } from '@zymostat/contract';
import type { Active, Purpose } from '@zymostat/core';
import { EntitySchema } from 'typeorm';

export interface BatchRecord {
  id: string;
  number?: string;
  stockId: string;
  active: Active;
  strength: number;
  purpose: Purpose;
  volume: number;
  stockVolume: number;
  waterVolume: number;
  madeAt: Date;
  madeBy: string;
  discardAfter: Date;
  status?: BatchStatus;
  measured?: number | null;
  weighed?: { stock: number; water: number } | null;
}
export const BatchEntity = new EntitySchema<BatchRecord>({
  name: 'batch',
  columns: {
    id: { type: 'uuid', primary: true },
    number: { type: 'bigint', generated: 'increment' },
    stockId: { type: 'uuid', name: 'stock_id' },
    active: { type: 'text' },
    strength: { type: 'float8' },
    purpose: { type: 'text' },
    volume: { type: 'float8' },
    stockVolume: { type: 'float8', name: 'stock_volume' },
    waterVolume: { type: 'float8', name: 'water_volume' },
    madeAt: { type: 'timestamptz', name: 'made_at' },
    madeBy: { type: 'uuid', name: 'made_by' },
    discardAfter: { type: 'timestamptz', name: 'discard_after' },
    status: { type: 'text' },
    measured: { type: 'float8', nullable: true },
    weighed: { type: 'jsonb', nullable: true },
  },
});
