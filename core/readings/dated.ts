import type { Corner } from '../car/corner';

/** A reading on file, and the day it was taken, ISO. */
export type DatedReading = { kind: string; corner: Corner | ''; input: Record<string, unknown>; on: string };
