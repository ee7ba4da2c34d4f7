import type {
  Against,
  Flame,
  Goal,
  Level,
  MaterialId,
  ProductId,
  Situation,
  Touched,
  Ventilation,
} from '@zymostat/core';
import { EntitySchema } from 'typeorm';

export interface HomeRow {
  id: string;
  position?: string;
  name: string;
  place: string;
  situations: Situation[];
  clientKeeps: ProductId[];
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
  },
});

export interface SurfaceRow {
  id: string;
  position?: string;
  roomId: string;
  name: string;
  material: MaterialId;
  level: Level;
  area: number;
  touched: Touched;
  food: boolean;
  goal: Goal;
  against: Against;
  stockId: string | null;
  strength: number | null;
  accepted: string | null;
}
export const SurfaceEntity = new EntitySchema<SurfaceRow>({
  name: 'surface',
  columns: {
    id: { type: 'uuid', primary: true },
    position: { type: 'bigint', generated: 'increment' },
    roomId: { type: 'uuid', name: 'room_id' },
    name: { type: 'text' },
    material: { type: 'text' },
    level: { type: 'text' },
    area: { type: 'float8' },
    touched: { type: 'text' },
    food: { type: 'boolean' },
    goal: { type: 'text' },
    against: { type: 'text' },
    stockId: { type: 'uuid', name: 'stock_id', nullable: true },
    strength: { type: 'float8', nullable: true },
    accepted: { type: 'text', nullable: true },
  },
});
