import type { DerivedFinding } from '../readings/merged';
import type { Trace } from '../readings/traces';

/** A finding that a reading on a job's sheet implies, with the reading and how it was worked out. */
export type Derived = DerivedFinding & { readingId: string; recordedAt: string; trace?: Trace };
