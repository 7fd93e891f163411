import type { KeptBench } from '@/server/benches/queries';
import type { CarLine } from '@/server/cars/queries';

/** Where a bench stands: which cars it could be of, which it is of, what was kept of it there, and what was opened by its link. */
export type BenchPlace = {
  cars: CarLine[];
  car?: { id: string; name: string };
  kept: KeptBench[];
  opened?: KeptBench;
  /** The job it was opened from, while that is open, and the readings that stand there, by kind. */
  job?: { id: string; number: number; standing: Record<string, string> };
};
