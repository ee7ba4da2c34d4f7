import type { CoatHolds } from '@zymostat/core';
import { EntitySchema } from 'typeorm';

export interface RoundRecord {
  id: string;
  homeId: string;
  versionId: string;
  personId: string;
  startedAt: Date;
  finishedAt: Date | null;
  /** For how long a coat is known to hold on each surface, s; rounds of before do not know. */
  holds: CoatHolds | null;
}
export const RoundEntity = new EntitySchema<RoundRecord>({
  name: 'round',
  columns: {
    id: { type: 'uuid', primary: true },
    homeId: { type: 'uuid', name: 'home_id' },
    versionId: { type: 'uuid', name: 'version_id' },
    personId: { type: 'uuid', name: 'person_id' },
    startedAt: { type: 'timestamptz', name: 'started_at' },
    finishedAt: { type: 'timestamptz', name: 'finished_at', nullable: true },
    holds: { type: 'jsonb', nullable: true },
  },
});
