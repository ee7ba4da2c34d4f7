import type { BathRow, JarRow } from '@zymostat/contract';
import type { Zone } from '@zymostat/core';
import { EntitySchema } from 'typeorm';

/** What of a jar does not change once it is made. */
export type JarMade = Omit<JarRow, 'id' | 'code' | 'madeAt' | 'madeBy' | 'left' | 'endedAt'>;
export interface JarRecord {
  id: string;
  number?: string;
  madeAt: Date;
  madeBy: string;
  made: JarMade;
  left: number;
  endedAt: Date | null;
}
export const JarEntity = new EntitySchema<JarRecord>({
  name: 'jar',
  columns: {
    id: { type: 'uuid', primary: true },
    number: { type: 'bigint', generated: 'increment' },
    madeAt: { type: 'timestamptz', name: 'made_at' },
    madeBy: { type: 'uuid', name: 'made_by' },
    made: { type: 'jsonb' },
    left: { type: 'int', name: 'cloths_left' },
    endedAt: { type: 'timestamptz', name: 'ended_at', nullable: true },
  },
});

/** What of a bath does not change once something lies in it. */
export type BathBegun = Omit<BathRow, 'id' | 'code' | 'begunAt' | 'begunBy' | 'ended'>;
type Ended = NonNullable<BathRow['ended']>;
export interface BathRecord {
  id: string;
  number?: string;
  begunAt: Date;
  begunBy: string;
  begun: BathBegun;
  endedAt: Date | null;
  endedBy: string | null;
  came: Pick<Ended, 'seconds' | 'outcome' | 'claim'> | null;
}
export const BathEntity = new EntitySchema<BathRecord>({
  name: 'bath',
  columns: {
    id: { type: 'uuid', primary: true },
    number: { type: 'bigint', generated: 'increment' },
    begunAt: { type: 'timestamptz', name: 'begun_at' },
    begunBy: { type: 'uuid', name: 'begun_by' },
    begun: { type: 'jsonb' },
    endedAt: { type: 'timestamptz', name: 'ended_at', nullable: true },
    endedBy: { type: 'uuid', name: 'ended_by', nullable: true },
    came: { type: 'jsonb', nullable: true },
  },
});

export interface ClothRecord {
  zone: Zone;
  clean: number;
}
export const ClothEntity = new EntitySchema<ClothRecord>({
  name: 'clean_cloth',
  columns: { zone: { type: 'text', primary: true }, clean: { type: 'int' } },
});
