import { MOST_PHOTO_BYTES } from '@zymostat/contract';

const LONGEST_SIDE = 1600;
const QUALITIES = [0.82, 0.7, 0.55, 0.4];

const blobOf = (canvas: HTMLCanvasElement, quality: number): Promise<Blob | null> =>
  new Promise((done) => canvas.toBlob(done, 'image/jpeg', quality));

const drawn = async (file: Blob): Promise<HTMLCanvasElement> => {
  const picture = await createImageBitmap(file, { imageOrientation: 'from-image' });
  const scale = Math.min(1, LONGEST_SIDE / Math.max(picture.width, picture.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(picture.width * scale));
  canvas.height = Math.max(1, Math.round(picture.height * scale));
  canvas.getContext('2d')!.drawImage(picture, 0, 0, canvas.width, canvas.height);
  picture.close();
  return canvas;
};

const asBase64 = (blob: Blob): Promise<string> =>
  new Promise((done, fail) => {
    const reader = new FileReader();
    reader.onload = () => done(String(reader.result));
    reader.onerror = () => fail(reader.error ?? new Error('unreadable'));
    reader.readAsDataURL(blob);
  });

/**
 * A picture drawn anew, small enough to be kept: what a camera writes beside it, the place above
 * all, does not come along. A data URL of a JPEG. Throws where the browser cannot read it.
 */
export const shrink = async (file: Blob): Promise<string> => {
  const canvas = await drawn(file);
  for (const quality of QUALITIES) {
    const blob = await blobOf(canvas, quality);
    if (blob && blob.size <= MOST_PHOTO_BYTES) return asBase64(blob);
  }
  throw new RangeError(`a picture of at most ${MOST_PHOTO_BYTES} bytes, found a larger one`);
};
