import type { Protocol } from '@zymostat/contract';
import { EntitySchema } from 'typeorm';

export interface VersionRow {
  id: string;
  homeId: string;
  number: number;
  approvedAt: Date;
  approvedBy: string;
  protocol: Protocol;
}
export const VersionEntity = new EntitySchema<VersionRow>({
  name: 'protocol_version',
  columns: {
    id: { type: 'uuid', primary: true },
    homeId: { type: 'uuid', name: 'home_id' },
    number: { type: 'integer' },
    approvedAt: { type: 'timestamptz', name: 'approved_at' },
    approvedBy: { type: 'uuid', name: 'approved_by' },
    protocol: { type: 'jsonb' },
  },
});
