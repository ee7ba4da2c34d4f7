import type { Body, WeekVisitRow } from '@zymostat/contract';
import { EntitySchema } from 'typeorm';

/** A week of visits, called by its Monday. */
export interface WeekRecord {
  monday: string;
  visits: WeekVisitRow[];
  revision: number;
}
export const WeekEntity = new EntitySchema<WeekRecord>({
  name: 'week',
  columns: {
    monday: { type: 'date', primary: true },
    visits: { type: 'jsonb' },
    revision: { type: 'int' },
  },
});

/** When somebody works. */
export interface HoursRecord extends Body<'setHours'> {
  personId: string;
  revision: number;
}
export const HoursEntity = new EntitySchema<HoursRecord>({
  name: 'working_hours',
  columns: {
    personId: { type: 'uuid', primary: true, name: 'person_id' },
    hours: { type: 'jsonb' },
    most: { type: 'int' },
    skills: { type: 'jsonb' },
    revision: { type: 'int' },
  },
});

/** A road between two places, either way: `a` comes before `b` in the alphabet. */
export interface RoadRecord {
  a: string;
  b: string;
  seconds: number;
}
export const RoadEntity = new EntitySchema<RoadRecord>({
  name: 'road',
  columns: {
    a: { type: 'text', primary: true },
    b: { type: 'text', primary: true },
    seconds: { type: 'int' },
  },
});
