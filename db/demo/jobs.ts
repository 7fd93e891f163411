import { CLOSED_JOBS } from './closed';
import type { DemoJob } from './job';
import { MEASURED_JOBS } from './measured';
import { OPEN_JOBS } from './open';

/** Two seasons behind, and the day at hand. */
export const DEMO_JOBS: DemoJob[] = [...CLOSED_JOBS, ...MEASURED_JOBS, ...OPEN_JOBS];
