'use client';

import type { WorkRow } from '@/core/job/sheet';
import { type Run, stepsAgain } from '@/core/work/run';
import type { Step, Trouble } from '@/core/work/step';
import { Button } from '@/ui/Button';
import { useDesk } from '../../desk/Desk';

/** What went wrong at a step and the way back; the run waits here until it is put right. */
export function TroubleBox({
  work,
  run,
  step,
  trouble,
}: {
  work: WorkRow;
  run: Run;
  step: Step;
  trouble: Trouble;
}) {
  const { tick, closed } = useDesk();
  const putRight = () => {
    const again = trouble.again ? stepsAgain(run.steps, trouble.again, step.id) : [step];
    // The step in hand last: it is the one that closes the trouble.
    for (const each of again) {
      if (each.id === step.id || run.last.get(each.id)?.done)
        tick(work.id, each.id, false, each.id === step.id ? { note: `${trouble.label}: put right` } : {});
    }
  };
  return (
    <section className="border-2 border-stop bg-stop-wash p-4" aria-label={trouble.label}>
      <h3 className="text-2xl text-stop">{trouble.label}</h3>
      <ol className="my-2 list-decimal pl-6 text-xl">
        {trouble.lines.map((line) => (
          <li key={line} className="py-0.5">
            {line}
          </li>
        ))}
      </ol>
      <Button look="primary" className="min-h-16 px-8 text-xl" disabled={closed} onClick={putRight}>
        {trouble.again ? 'Put right: from the first corner again' : 'Put right: this step again'}
      </Button>
    </section>
  );
}
