import type { Corner } from './corner';
import type { SheetNote } from './ownSheet';

/** A photograph of a car, as a list of them knows it. */
export type PhotoRow = {
  id: string;
  /** The job it was taken at. */
  jobId: string | null;
  /** The corner it shows; '' for the car. */
  place: Corner | '';
  /** The note of the car's own sheet that it belongs to. */
  note: SheetNote | null;
  caption: string;
  takenAt: string;
  version: number;
};

/** The longest side a photograph is kept at, pixels, and the most it may weigh, bytes. */
export const PHOTO_PX = 1400;
export const MOST_PHOTO_BYTES = 600_000;

/** Whether bytes are those of a JPEG: its start, and its end. */
export function isJpeg(bytes: Uint8Array): boolean {
  const { length } = bytes;
  return (
    length >= 100 &&
    bytes[0] === 0xff &&
    bytes[1] === 0xd8 &&
    bytes[2] === 0xff &&
    bytes[length - 2] === 0xff &&
    bytes[length - 1] === 0xd9
  );
}
