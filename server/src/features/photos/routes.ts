import { endpoints, streams } from '@zymostat/contract';
import { serve, serveFile, type Serving } from '../../platform/http/serve.ts';
import * as photos from './service.ts';

export const photoRoutes = (on: Serving): void => {
  serve(on, endpoints.photosOfHome, ({ context, params, person }) =>
    photos.photosOfHome(context, params.id, person),
  );
  serve(on, endpoints.addPhotoOfHome, ({ context, params, body, person }) =>
    photos.addPhotoOfHome(context, params.id, body, person),
  );
  serve(on, endpoints.photosOfStock, ({ context, params }) =>
    photos.photosOfStock(context, params.id),
  );
  serve(on, endpoints.addPhotoOfStock, ({ context, params, body, person }) =>
    photos.addPhotoOfStock(context, params.id, body, person),
  );
  serve(on, endpoints.takeOutPhoto, ({ context, params, person }) =>
    photos.takeOutPhoto(context, params.id, person),
  );
  serveFile(on, streams.photo, async ({ context, params, person }) => ({
    name: `${params.id}.jpg`,
    bytes: await photos.pictureById(context, params.id, person),
  }));
};
