import {
  kindOfSurfaceField,
  surfaceFieldNames,
  type FieldKind,
  type SurfaceField,
  type SurfaceFields,
  type WayIn,
} from '@zymostat/contract';
import type {
  Application,
  Against,
  Flame,
  Goal,
  ProductId,
  Situation,
  Ventilation,
} from '@zymostat/core';
import { EntitySchema, type ColumnType, type EntitySchemaColumnOptions } from 'typeorm';

export interface HomeRow {
  id: string;
  position?: string;
  name: string;
  place: string;
  situations: Situation[];
  clientKeeps: ProductId[];
  archivedAt?: Date | null;
}

export const HomeEntity = new EntitySchema<HomeRow>({
  name: 'home',
  columns: {
    id: { type: 'uuid', primary: true },
    position: { type: 'bigint', generated: 'increment' },
    name: { type: 'text' },
    place: { type: 'text' },
    situations: { type: 'jsonb' },
    clientKeeps: { type: 'jsonb', name: 'client_keeps' },
    archivedAt: { type: 'timestamptz', name: 'archived_at', nullable: true },
  },
});

/** How somebody gets in: for who is on a round there, and for supervisors. */
export interface WayInRow extends WayIn {
  homeId: string;
}
export const WayInEntity = new EntitySchema<WayInRow>({
  name: 'home_way_in',
  columns: {
    homeId: { type: 'uuid', primary: true, name: 'home_id' },
    address: { type: 'text', nullable: true },
    door: { type: 'text', nullable: true },
    contact: { type: 'text', nullable: true },
    hours: { type: 'text', nullable: true },
    often: { type: 'text', nullable: true },
    notes: { type: 'text', nullable: true },
  },
});

export interface RoomRow {
  id: string;
  position?: string;
  homeId: string;
  name: string;
  floorArea: number;
  height: number;
  ventilation: Ventilation;
  flame: Flame;
  drying?: Partial<Record<Application, number>>;
}
export const RoomEntity = new EntitySchema<RoomRow>({
  name: 'room',
  columns: {
    id: { type: 'uuid', primary: true },
    position: { type: 'bigint', generated: 'increment' },
    homeId: { type: 'uuid', name: 'home_id' },
    name: { type: 'text' },
    floorArea: { type: 'float8', name: 'floor_area' },
    height: { type: 'float8' },
    ventilation: { type: 'text' },
    flame: { type: 'text' },
    drying: { type: 'jsonb', default: {} },
  },
});

export interface SurfaceRow extends SurfaceFields {
  id: string;
  position?: string;
  roomId: string;
  goal: Goal;
  against: Against;
  stockId: string | null;
  strength: number | null;
  accepted: string | null;
}

const typeOfColumn: Record<FieldKind, ColumnType> = {
  text: 'text',
  number: 'float8',
  'yes-no': 'boolean',
  choice: 'text',
};
/** The column that a field of a surface is kept in. */
export const columnOf = (field: SurfaceField): string =>
  field.replace(/[A-Z]/g, (letter) => `_${letter.toLowerCase()}`);
const fieldColumns = Object.fromEntries(
  surfaceFieldNames.map((field) => [
    field,
    { type: typeOfColumn[kindOfSurfaceField(field)], name: columnOf(field) },
  ]),
) as Record<SurfaceField, EntitySchemaColumnOptions>;

export const SurfaceEntity = new EntitySchema<SurfaceRow>({
  name: 'surface',
  columns: {
    id: { type: 'uuid', primary: true },
    position: { type: 'bigint', generated: 'increment' },
    roomId: { type: 'uuid', name: 'room_id' },
    ...fieldColumns,
    goal: { type: 'text' },
    against: { type: 'text' },
    stockId: { type: 'uuid', name: 'stock_id', nullable: true },
    strength: { type: 'float8', nullable: true },
    accepted: { type: 'text', nullable: true },
  },
});
