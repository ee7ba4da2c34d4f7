import { MOST_PHOTO_BYTES } from '@zymostat/contract';
import sharp from 'sharp';
import { problems } from '../../platform/http/problems.ts';

/** Pixels at most, before and after: what the page sends has been made small already. */
const MOST_PIXELS = 25_000_000;
const LONGEST_SIDE = 1600;
const QUALITY = 82;

export interface Bare {
  image: Buffer;
  width: number;
  height: number;
}

const noPhoto = () => problems.badRequest([{ path: 'image', code: 'no-photo' }]);

/**
 * A picture as nothing but a picture: drawn anew, so that where and with what it was taken, and
 * whatever else a file can carry, stays behind. Throws a problem for what is no JPEG.
 */
export const bare = async (base64: string): Promise<Bare> => {
  const sent = Buffer.from(base64, 'base64');
  if (sent.length > MOST_PHOTO_BYTES)
    throw problems.badRequest([{ path: 'image', code: 'photo-too-large' }]);
  const picture = sharp(sent, { limitInputPixels: MOST_PIXELS, failOn: 'error' });
  try {
    const { format } = await picture.metadata();
    if (format !== 'jpeg') throw noPhoto();
    const { data, info } = await picture
      .rotate()
      .resize(LONGEST_SIDE, LONGEST_SIDE, { fit: 'inside', withoutEnlargement: true })
      .jpeg({ quality: QUALITY })
      .toBuffer({ resolveWithObject: true });
    return { image: data, width: info.width, height: info.height };
  } catch {
    throw noPhoto();
  }
};
