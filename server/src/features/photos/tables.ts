import { EntitySchema } from 'typeorm';

/** A photo of a home or of a container: exactly one of the two. */
export interface PhotoRecord {
  id: string;
  homeId: string | null;
  stockId: string | null;
  says: string | null;
  /** Nothing once it was taken out. */
  image: Buffer | null;
  width: number;
  height: number;
  at: Date;
  personId: string;
  outAt: Date | null;
  outBy: string | null;
}
export const PhotoEntity = new EntitySchema<PhotoRecord>({
  name: 'photo',
  columns: {
    id: { type: 'uuid', primary: true },
    homeId: { type: 'uuid', name: 'home_id', nullable: true },
    stockId: { type: 'uuid', name: 'stock_id', nullable: true },
    says: { type: 'text', nullable: true },
    image: { type: 'bytea', nullable: true },
    width: { type: 'integer' },
    height: { type: 'integer' },
    at: { type: 'timestamptz' },
    personId: { type: 'uuid', name: 'person_id' },
    outAt: { type: 'timestamptz', name: 'out_at', nullable: true },
    outBy: { type: 'uuid', name: 'out_by', nullable: true },
  },
});
