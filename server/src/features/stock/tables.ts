import type { Active, ProductLabel } from '@zymostat/core';
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
  },
});
