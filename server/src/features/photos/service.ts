import { MOST_PHOTOS, type Body, type PhotoRow } from '@zymostat/contract';
import { within, type Context } from '../../platform/context.ts';
import { problems } from '../../platform/http/problems.ts';
import { homeById, noteChanged } from '../homes/service.ts';
import { personNames, type Person } from '../people/service.ts';
import { worksThere } from '../rounds/service.ts';
import { stockById } from '../stock/service.ts';
import { bare } from './bare.ts';
import * as store from './store.ts';

/** A home is shown to supervisors, and to who is on a round there while they are. */
const refuseStranger = async (
  context: Context,
  homeId: string,
  { id, role }: Person,
): Promise<void> => {
  if (role !== 'supervisor' && !(await worksThere(context, homeId, id)))
    throw problems.notFound('home');
};

const listOf = async (context: Context, of: store.Of): Promise<PhotoRow[]> => {
  const [photos, names] = await Promise.all([store.photosOf(context, of), personNames(context)]);
  return photos.map(({ id, says, at, width, height, personId }) => ({
    id,
    says,
    at: at.getTime(),
    by: names.get(personId) ?? '',
    width,
    height,
  }));
};

export const photosOfHome = async (
  context: Context,
  homeId: string,
  person: Person,
): Promise<PhotoRow[]> => {
  await refuseStranger(context, homeId, person);
  return listOf(context, { homeId });
};

export const photosOfStock = (context: Context, stockId: string): Promise<PhotoRow[]> =>
  listOf(context, { stockId });

const add = async (
  context: Context,
  of: store.Of,
  { says, image }: Body<'addPhotoOfHome'>,
  person: Person,
): Promise<{ id: string }> => {
  const picture = await bare(image);
  const id = context.newId();
  await within(context, async (inside) => {
    if ('homeId' in of) await noteChanged(inside, of.homeId, 'photos', person);
    const there = await store.photosOf(inside, of);
    if (there.length >= MOST_PHOTOS) throw problems.conflict('most-photos', { most: MOST_PHOTOS });
    await store.keepPhoto(inside, {
      id,
      homeId: null,
      stockId: null,
      ...of,
      says,
      ...picture,
      at: new Date(inside.now()),
      personId: person.id,
      outAt: null,
      outBy: null,
    });
  });
  return { id };
};

export const addPhotoOfHome = async (
  context: Context,
  homeId: string,
  photo: Body<'addPhotoOfHome'>,
  person: Person,
): Promise<{ id: string }> => {
  if (!(await homeById(context, homeId))) throw problems.notFound('home');
  return add(context, { homeId }, photo, person);
};

export const addPhotoOfStock = async (
  context: Context,
  stockId: string,
  photo: Body<'addPhotoOfStock'>,
  person: Person,
): Promise<{ id: string }> => {
  if (!(await stockById(context, stockId))) throw problems.notFound('stock');
  return add(context, { stockId }, photo, person);
};

/** Takes a photo out: the picture goes; that it was there, and who took it out, stays. */
export const takeOutPhoto = (context: Context, id: string, person: Person): Promise<null> =>
  within(context, async (inside) => {
    const photo = await store.photoById(inside, id);
    if (!photo) throw problems.notFound('photo');
    if (photo.homeId) await noteChanged(inside, photo.homeId, 'photos', person);
    const by = { outAt: new Date(inside.now()), outBy: person.id };
    if (!(await store.dropPicture(inside, id, by))) throw problems.notFound('photo');
    return null;
  });

/** The picture itself, for who may see what it is of. */
export const pictureById = async (
  context: Context,
  id: string,
  person: Person,
): Promise<Buffer> => {
  const photo = await store.photoById(context, id);
  if (!photo?.image) throw problems.notFound('photo');
  if (photo.homeId) await refuseStranger(context, photo.homeId, person);
  return photo.image;
};
