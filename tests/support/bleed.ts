import { randomUUID } from 'node:crypto';
import { fluidSoFar } from '../../core/planning/bleed/soFar';
import { passingRecord } from '../../core/planning/run/passing';
import type { WorkRow } from '../../core/planning/run/rows';
import { planOf, runOf } from '../../core/planning/run/run';
import { getSheet } from '../../server/jobs/queries';
import { addTick, addWork } from '../../server/jobs/work';
import { makeJob } from './shop';

/** Does the steps of a work, each as it passes: all of them, or up to the first bleeder. */
export async function doSteps(work: WorkRow, until: 'first bleeder' | 'end' = 'end'): Promise<void> {
  for (const step of planOf(work).steps) {
    await addTick(work.id, {
      id: randomUUID(),
      step: step.id,
      done: true,
      note: '',
      record: passingRecord(step),
    });
    if (until === 'first bleeder' && step.ml) return;
  }
}

/** A flush on a new job. */
export async function bleedAtHand() {
  const { job } = await makeJob();
  const work = { id: randomUUID(), procedure: 'flush', cause: null, title: 'Flush', before: '' };
  return { job, work: await addWork(job.id, work) };
}

/** What a bleed has used so far, whole millilitres. */
export async function usedMl(jobId: string, work: WorkRow): Promise<number> {
  const { ticks } = await getSheet(jobId);
  return Math.round(fluidSoFar(runOf(work, ticks), planOf(work).bleed!).usedMl);
}
