import type { Active, ProductLabel, Storage, WayOff } from '@zymostat/core';
import { EntitySchema } from 'typeorm';

export interface StockContainer {
  id: string;
  code: string;
  name: string;
  active: Active;
  strength: number;
  volume: number;
  expiresAt: Date;
  pricePerLitre: number | null;
  label?: ProductLabel | null;
  revision?: number;
  left: number;
  openedAt?: Date | null;
  goneAt?: Date | null;
  gone?: WayOff | null;
  lot?: string | null;
  supplier?: string | null;
  receivedAt?: Date;
  storage?: Storage[] | null;
}
export const StockEntity = new EntitySchema<StockContainer>({
  name: 'stock',
  columns: {
    id: { type: 'uuid', primary: true },
    code: { type: 'text' },
    name: { type: 'text' },
    active: { type: 'text' },
    strength: { type: 'float8' },
    volume: { type: 'float8' },
    expiresAt: { type: 'timestamptz', name: 'expires_at' },
    pricePerLitre: { type: 'float8', name: 'price_per_litre', nullable: true },
    label: { type: 'jsonb', nullable: true },
    revision: { type: 'integer' },
    left: { type: 'float8' },
    openedAt: { type: 'timestamptz', name: 'opened_at', nullable: true },
    goneAt: { type: 'timestamptz', name: 'gone_at', nullable: true },
    gone: { type: 'text', nullable: true },
    lot: { type: 'text', nullable: true },
    supplier: { type: 'text', nullable: true },
    storage: { type: 'jsonb', nullable: true },
    receivedAt: { type: 'timestamptz', name: 'received_at' },
  },
});
