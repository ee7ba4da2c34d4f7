import * as v from 'valibot';
import { MOST_PHOTO_BYTES } from '../limits.ts';
import { id, instant, name, sentence } from '../parts/text.ts';

const BASE64_SHARE = 4 / 3;

/** A photo of something: what it shows, and how large it is in pixels. */
export const photo = v.strictObject({
  id,
  says: v.nullable(v.string()),
  at: instant,
  by: name,
  width: v.number(),
  height: v.number(),
});

/** A photo as it is sent: a JPEG in base64, already made small. */
export const newPhoto = v.strictObject({
  says: v.nullable(sentence),
  image: v.pipe(
    v.string(),
    v.maxLength(Math.ceil(MOST_PHOTO_BYTES * BASE64_SHARE) + 4, 'photo-too-large'),
    v.base64('no-photo'),
  ),
});

export type PhotoRow = v.InferOutput<typeof photo>;
