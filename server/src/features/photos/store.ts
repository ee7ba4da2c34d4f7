import { IsNull } from 'typeorm';
import type { Context } from '../../platform/context.ts';
import { PhotoEntity, type PhotoRecord } from './tables.ts';

/** What a photo is of: one of the two. */
export type Of = { homeId: string } | { stockId: string };
type Head = Omit<PhotoRecord, 'image'>;

/** All but the picture, which may be large. */
const heads = {
  id: true,
  homeId: true,
  stockId: true,
  says: true,
  width: true,
  height: true,
  at: true,
  personId: true,
} as const;

const photos = ({ db }: Context) => db.getRepository(PhotoEntity);

/** Those that are there, the first first, without the pictures. */
export const photosOf = (context: Context, of: Of): Promise<Head[]> =>
  photos(context).find({
    where: { ...of, outAt: IsNull() },
    select: heads,
    order: { at: 'ASC' },
  });

/** A photo that is there, with its picture. */
export const photoById = (context: Context, id: string): Promise<PhotoRecord | null> =>
  photos(context).findOneBy({ id, outAt: IsNull() });

export const keepPhoto = async (context: Context, photo: PhotoRecord): Promise<void> =>
  void (await photos(context).insert(photo));

/** Lets the picture go; whether it was there. */
export const dropPicture = async (
  context: Context,
  id: string,
  by: { outAt: Date; outBy: string },
): Promise<boolean> =>
  (await photos(context).update({ id, outAt: IsNull() }, { ...by, image: null })).affected === 1;
