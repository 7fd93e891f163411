import { randomUUID } from 'node:crypto';
import { fluidSoFar } from '../../core/planning/bleed/soFar';
import { passingRecord } from '../../core/planning/run/passing';
import { planOf, runOf } from '../../core/planning/run/run';
import { getSheet } from '../../server/jobs/queries';
import { addTick, addWork } from '../../server/jobs/work';
import { makeJob } from './shop';

/** A flush on a new job, and what it takes to do its steps: all of them, or up to the first bleeder. */
export async function bleedAtHand() {
  const { job } = await makeJob();
  const work = await addWork(job.id, {
    id: randomUUID(),
    procedure: 'flush',
    cause: null,
    title: 'Flush',
    before: '',
  });
  const { steps, bleed } = planOf(work);
  const run = async () => runOf(work, (await getSheet(job.id)).ticks);
  return {
    job,
    work,
    usedMl: async () => Math.round(fluidSoFar(await run(), bleed!).usedMl),
    doSteps: async (until: 'first bleeder' | 'end') => {
      for (const step of steps) {
        await addTick(work.id, {
          id: randomUUID(),
          step: step.id,
          done: true,
          note: '',
          record: passingRecord(step),
        });
        if (until === 'first bleeder' && step.ml) return;
      }
    },
  };
}
