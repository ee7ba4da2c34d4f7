import type { PlaceRow } from '@zymostat/contract';
import type { ProductId } from '@zymostat/core';
import { EntitySchema } from 'typeorm';

type Belonging = PlaceRow['belongs'][number];

export interface PlaceRecord {
  id: string;
  position?: string;
  kind: 'shelf' | 'caddy';
  name: string;
  whose?: string | null;
  belongs?: Belonging[];
}
export const PlaceEntity = new EntitySchema<PlaceRecord>({
  name: 'place',
  columns: {
    id: { type: 'uuid', primary: true },
    position: { type: 'bigint', generated: 'increment' },
    kind: { type: 'text' },
    name: { type: 'text' },
    whose: { type: 'text', nullable: true },
    belongs: { type: 'jsonb', default: [] },
  },
});

export interface PlaceItemRecord {
  id: string;
  position?: string;
  placeId: string;
  stockId: string | null;
  bottleId: string | null;
  kind: ProductId | null;
}
export const PlaceItemEntity = new EntitySchema<PlaceItemRecord>({
  name: 'place_item',
  columns: {
    id: { type: 'uuid', primary: true },
    position: { type: 'bigint', generated: 'increment' },
    placeId: { type: 'uuid', name: 'place_id' },
    stockId: { type: 'uuid', name: 'stock_id', nullable: true },
    bottleId: { type: 'uuid', name: 'bottle_id', nullable: true },
    kind: { type: 'text', nullable: true },
  },
});
