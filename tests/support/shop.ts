import { randomUUID } from 'node:crypto';
import { startingSet } from '../../core/car/startingSets';
import { judge } from '../../core/job/judgement';
import type { JobSheet } from '../../core/job/sheet';
import { findingOf } from '../../core/readings/vocabulary/findings';
import { addCar } from '../../server/cars/actions';
import type { CarRow } from '../../server/cars/rows';
import { addAnswer } from '../../server/jobs/append';
import { openJob } from '../../server/jobs/open';
import { comeBack, sendOut } from '../../server/jobs/proofDrive';
import { getSheet } from '../../server/jobs/queries';

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

/** What a person at the car says first, as it is sent. */
export const SOFT_PEDAL = {
  phase: 'before',
  finding: 'pedal_spongy',
  place: '',
  state: 'yes',
  replaces: null,
  why: '',
};

/** Writes an answer down, with what is usual filled in. */
export function answer(
  jobId: string,
  { phase = 'before', place = '', replaces = null, id = randomUUID(), ...rest }: Answer,
) {
  return addAnswer(jobId, { id, phase, place, replaces, why: '', ...rest });
}

/** Out on proof and back, with nothing left of what was complained of. */
export async function drivenFor(jobId: string): Promise<void> {
  const drive = { driver: 'Mira', conditions: 'As in the complaint', dueOn: '2199-01-01' };
  const { id } = await sendOut(jobId, { id: randomUUID(), ...drive });
  await comeBack(id, { id: randomUUID(), laps: 5, airC: null, note: '' });
  const { proof } = judge(await getSheet(jobId));
  for (const { finding, place, out } of proof)
    if (out)
      await answer(jobId, {
        phase: 'after',
        finding,
        place: place ?? '',
        state: findingOf(finding).states[0],
      });
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
