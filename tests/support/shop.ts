import { randomUUID } from 'node:crypto';
import { startingSet } from '../../core/car/startingSets';
import type { JobSheet } from '../../core/job/sheet';
import { addCar } from '../../server/cars/actions';
import type { CarRow } from '../../server/cars/rows';
import { addAnswer } from '../../server/jobs/append';
import { openJob } from '../../server/jobs/open';

/** A saloon with a name. */
export async function makeCar(name = 'Test saloon'): Promise<CarRow> {
  return addCar({ id: randomUUID(), ...startingSet('saloon'), name, driveSide: 'left' });
}

/** A job on a new car. */
export async function makeJob(complaint = 'Spongy'): Promise<JobSheet> {
  const car = await makeCar();
  return openJob({ id: randomUUID(), carId: car.id, complaint, neededAt: null });
}

type Answer = {
  phase?: string;
  finding: string;
  place?: string;
  state: string | null;
  replaces?: string | null;
  id?: string;
};

/** Writes an answer down, with what is usual filled in. */
export function answer(
  jobId: string,
  { phase = 'before', place = '', replaces = null, id = randomUUID(), ...rest }: Answer,
) {
  return addAnswer(jobId, { id, phase, place, replaces, why: '', ...rest });
}

/** The failure a promise ends in; a promise that succeeds is an error of the test. */
export async function failureOf(promise: Promise<unknown>): Promise<{
  code: string;
  message: string;
  detail: { issues?: { path: string; value: string; accepted: string }[]; current?: never };
}> {
  try {
    await promise;
  } catch (error) {
    return error as never;
  }
  throw new Error('it was taken');
}
