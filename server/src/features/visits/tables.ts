import type { RoomSetting } from '@zymostat/contract';
import type { PlanStep, VisitProblem } from '@zymostat/core';
import { EntitySchema } from 'typeorm';

/** A visit's plan as it was given out. The newest of a home counts; none is ever changed. */
export interface VisitRecord {
  id: string;
  homeId: string;
  versionId: string;
  startsAt: Date;
  problem: VisitProblem;
  /** How the rooms were set for it; nothing of what was given before this was kept. */
  setting: RoomSetting | null;
  steps: PlanStep[];
  done: number;
  lowerBound: number;
  /** How often the home's plan of that day was given before. */
  sequence: number;
  /** In which round it was planned anew. */
  roundId: string | null;
  givenBy: string;
  givenAt: Date;
}
export const VisitEntity = new EntitySchema<VisitRecord>({
  name: 'visit',
  columns: {
    id: { type: 'uuid', primary: true },
    homeId: { type: 'uuid', name: 'home_id' },
    versionId: { type: 'uuid', name: 'version_id' },
    startsAt: { type: 'timestamptz', name: 'starts_at' },
    problem: { type: 'jsonb' },
    setting: { type: 'jsonb', nullable: true },
    steps: { type: 'jsonb' },
    done: { type: 'int' },
    lowerBound: { type: 'int', name: 'lower_bound' },
    sequence: { type: 'int' },
    roundId: { type: 'uuid', name: 'round_id', nullable: true },
    givenBy: { type: 'uuid', name: 'given_by' },
    givenAt: { type: 'timestamptz', name: 'given_at' },
  },
});
