'use client';

import dynamic from 'next/dynamic';
import { useState } from 'react';
import type { ProcedureId } from '@/core/planning/library';
import type { WorkRow } from '@/core/planning/run/rows';
import { isOver, planOf, runOf, wantsBedIn } from '@/core/planning/run/run';
import { doneTogether } from '@/core/planning/run/spans';
import { Button } from '@/ui/Button';
import { HoldsPanel } from '../checks/HoldsPanel';
import { useJob } from '../record/JobProvider';
import { ahead } from '../shell/ahead';
import { untilThere, wakesAfter } from '../shell/later';
import type { Held } from './SortableWorks';
import { WorkItem } from './WorkItem';

// Only where there is an order to change. It is awake with the page: whoever comes by keys takes hold of it at once.
const SortableWorks = dynamic(() =>
  untilThere(() => import('./SortableWorks').then((module) => module.SortableWorks)),
);
ahead(() => import('./SortableWorks'));

// The procedure library comes with it, a quarter of what the page weighs: nobody waits for that who only looks at the list.
const Planner = wakesAfter(() => import('./Planner').then((module) => module.Planner), {
  loading: () => <div className="min-h-96" />,
});

/** What is done about it, in order: one change at a time, each with its figure before. */
export function WorkStage() {
  const { sheet, judgement, closed, changeJob } = useJob();
  const [adding, setAdding] = useState<ProcedureId | true | null>(null);
  const first = sheet.works.length === 0;
  const runs = sheet.works.map((work) => runOf(work, sheet.ticks));
  const together = doneTogether(sheet.works, sheet.ticks);
  const open = runs.filter((run) => !isOver(run)).length;
  const holds = judgement.holds.filter((hold) => !hold.proof);
  const item = (work: WorkRow, index: number, held?: Held) => (
    <WorkItem
      key={work.id}
      work={work}
      run={runs[index]!}
      place={index + 1}
      holds={holds.length}
      together={together.has(work.id)}
      onBedIn={wantsBedIn(planOf(work)) && !sheet.works.some(isBedIn) ? () => setAdding('bed_in') : undefined}
      held={held}
    />
  );
  return (
    <>
      <h2 className="mb-3 text-2xl print:hidden">
        Work{' '}
        <span className="ml-1 text-base font-medium text-soft">
          one change at a time, or nobody will know what cured it
        </span>
      </h2>
      {!first && (
        <ol className="mb-4 border-t-2 border-ink print:hidden">
          {sheet.works.length > 1 && !closed ? (
            <SortableWorks
              works={sheet.works}
              onOrder={(ids) => changeJob('workOrder', ids, 'Order of the works')}
            >
              {(work, index, held) => item(work, index, held)}
            </SortableWorks>
          ) : (
            sheet.works.map((work, index) => item(work, index))
          )}
        </ol>
      )}
      {!first && open === 0 && holds.length > 0 && <HoldsPanel />}
      {(first || adding) && !closed && (
        <>
          {open > 0 && (
            <p className="mb-2 border-l-[6px] border-straw bg-straw-wash px-3 py-2 print:hidden">
              {open === 1 ? 'A work is' : `${open} works are`} not finished. Begun before it is, the two are
              marked as done together: what cured it cannot be told apart then.
            </p>
          )}
          <Planner
            key={String(adding)}
            suggested={typeof adding === 'string' ? adding : undefined}
            onCancel={first ? undefined : () => setAdding(null)}
          />
        </>
      )}
      {!first && !adding && !closed && <Button onClick={() => setAdding(true)}>Add work</Button>}
      {first && closed && <p>No work was recorded.</p>}
    </>
  );
}

function isBedIn(work: { procedure: string }): boolean {
  return work.procedure === 'bed_in';
}
