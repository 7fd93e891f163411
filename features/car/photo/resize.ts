import { MOST_PHOTO_BYTES, PHOTO_PX } from '@/core/car/photos';

/** Each try weighs less than the one before. */
const TRIES = [
  { px: PHOTO_PX, quality: 0.82 },
  { px: PHOTO_PX, quality: 0.65 },
  { px: PHOTO_PX / 2, quality: 0.65 },
] as const;

/**
 * A picture from a camera or a file, upright, no larger than it is looked at, as a JPEG in base64.
 * @throws Error when it is no picture that this browser reads
 */
export async function jpegOf(file: Blob): Promise<string> {
  const picture = await createImageBitmap(file, { imageOrientation: 'from-image' });
  try {
    for (const { px, quality } of TRIES) {
      const scale = Math.min(1, px / Math.max(picture.width, picture.height));
      const canvas = document.createElement('canvas');
      canvas.width = Math.max(1, Math.round(picture.width * scale));
      canvas.height = Math.max(1, Math.round(picture.height * scale));
      canvas.getContext('2d')!.drawImage(picture, 0, 0, canvas.width, canvas.height);
      const jpeg = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', quality));
      if (jpeg && jpeg.size <= MOST_PHOTO_BYTES) return base64(jpeg);
    }
  } finally {
    picture.close();
  }
  throw new Error('It cannot be made small enough.');
}

async function base64(blob: Blob): Promise<string> {
  const url = await new Promise<string>((done, failed) => {
    const reader = new FileReader();
    reader.onload = () => done(String(reader.result));
    reader.onerror = () => failed(reader.error);
    reader.readAsDataURL(blob);
  });
  return url.slice(url.indexOf(',') + 1);
}
