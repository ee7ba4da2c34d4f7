import * as v from 'valibot';
import { newPhoto, photo } from '../messages/photos.ts';
import { routes, streamRoutes } from '../routes.ts';
import { byId, endpoint, stream } from './endpoint.ts';

const MOST_KB = 2100;
const added = { params: byId, body: newPhoto, answer: byId, mostKb: MOST_KB };

export const photosEndpoints = {
  photosOfHome: endpoint(
    routes.photosOfHome,
    'person',
    'Photos of a home: for supervisors, and for who is on a round there',
    { params: byId, answer: v.array(photo) },
  ),
  addPhotoOfHome: endpoint(
    routes.addPhotoOfHome,
    'supervisor',
    'Add a photo of a home; what it carries besides the picture is left off',
    added,
  ),
  photosOfStock: endpoint(routes.photosOfStock, 'person', 'Photos of a container’s label', {
    params: byId,
    answer: v.array(photo),
  }),
  addPhotoOfStock: endpoint(
    routes.addPhotoOfStock,
    'supervisor',
    'Add a photo of a container’s label',
    added,
  ),
  takeOutPhoto: endpoint(
    routes.takeOutPhoto,
    'supervisor',
    'Take a photo out: the picture goes, who took it out when is kept',
    { params: byId },
  ),
} as const;

export const photosStreams = {
  photo: stream(streamRoutes.photo, 'person', 'A photo, for who may see what it is of', {
    type: 'image/jpeg',
    params: byId,
  }),
} as const;
