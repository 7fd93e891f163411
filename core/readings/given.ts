import type { Place } from '../car/corner';
import type { FindingId } from './vocabulary/findings';

/** A finding as it was answered: which, in what state, and where on the car (nowhere named: the car as a whole). */
export type GivenFinding = { id: FindingId; state: string; place?: Place };
