import type { Answer, Body } from '@zymostat/contract';
import { api, call } from '../../api/api.ts';

/** What photos are of. */
export interface PhotosOf {
  what: 'home' | 'stock';
  id: string;
}

export const photosApi = api.injectEndpoints({
  endpoints: (build) => ({
    photos: build.query<Answer<'photosOfHome'>, PhotosOf>({
      query: ({ what, id }) => call(what === 'home' ? 'photosOfHome' : 'photosOfStock', { id }),
      providesTags: ['Photos'],
    }),
    addPhoto: build.mutation<{ id: string }, PhotosOf & { body: Body<'addPhotoOfHome'> }>({
      query: ({ what, id, body }) =>
        call(what === 'home' ? 'addPhotoOfHome' : 'addPhotoOfStock', { id, body }),
      invalidatesTags: ['Photos', 'Home'],
    }),
    takeOutPhoto: build.mutation<null, string>({
      query: (id) => call('takeOutPhoto', { id }),
      invalidatesTags: ['Photos', 'Home'],
    }),
  }),
});
export const { usePhotosQuery, useAddPhotoMutation, useTakeOutPhotoMutation } = photosApi;

/** Where the picture itself is. */
export const pictureOf = (id: string): string => `/api/photos/${id}/photo.jpg`;
