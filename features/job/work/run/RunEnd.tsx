'use client';

import Link from 'next/link';
import type { WorkRow } from '@/core/job/sheet';
import { isOver, planOf, type Run, runOf } from '@/core/work/run';
import { buttonClass } from '@/ui/Button';
import { moment } from '@/ui/format';
import { useShop } from '../../../shell/ShopContext';
import { useDesk } from '../../desk/Desk';
import { HoldsPanel } from '../../HoldsPanel';
import { FittedForm } from '../FittedForm';
import { recordWords } from '../recordWords';
import { UsedFluid } from './UsedFluid';

/** The end of a run: done, or finished with a proof still missing; what was written down; what comes next. */
export function RunEnd({ work, run }: { work: WorkRow; run: Run }) {
  const { sheet, judgement, closed } = useDesk();
  const shop = useShop();
  const holds = judgement.holds.filter((hold) => !hold.proof);
  const next = sheet.works.find((each) => each.id !== work.id && !isOver(runOf(each, sheet.ticks)));
  const plan = planOf(work);
  const written = run.steps.flatMap((step) => {
    const tick = run.last.get(step.id);
    const words = tick ? recordWords(step, tick.record, tick.note) : '';
    return words === '' ? [] : [{ step, words }];
  });
  return (
    <section aria-label="End of the work" className="max-w-3xl">
      {run.state === 'left_undone' ? (
        <h3 className="text-3xl">Left undone: {run.leftBecause}</h3>
      ) : holds.length > 0 ? (
        <>
          <h3 className="text-3xl text-stop">Finished, not done: a proof is missing</h3>
          <p className="mb-3 text-lg">The car stays here until each hold is proved.</p>
          <HoldsPanel />
        </>
      ) : (
        <h3 className="text-3xl text-go">Done</h3>
      )}
      {run.endedAt && <p className="text-soft">{moment(run.endedAt, shop.timeZone, new Date(shop.now))}</p>}
      {!closed && run.state === 'finished' && (
        <div className="my-4 flex flex-wrap gap-3">
          {next ? (
            <Link
              href={`/job/${sheet.job.id}/run/${next.id}`}
              className={`${buttonClass('primary')} min-h-16 px-8 text-xl`}
            >
              Next: {next.title}
            </Link>
          ) : (
            <Link
              href={`/job/${sheet.job.id}/proof`}
              className={`${buttonClass('primary')} min-h-16 px-8 text-xl`}
            >
              To the proof
            </Link>
          )}
          <Link href={`/job/${sheet.job.id}/work`} className={`${buttonClass()} min-h-16 px-6 text-lg`}>
            {plan.bedIn && plan.procedure !== 'bed_in' ? 'Add the bed-in' : 'Add work'}
          </Link>
        </div>
      )}
      {!closed && run.state === 'finished' && plan.bleed && (
        <UsedFluid workId={work.id} run={run} bleed={plan.bleed} />
      )}
      {written.length > 0 && (
        <>
          <h4 className="narrow mt-4 border-b border-ink text-lg font-semibold">Written down</h4>
          <ul>
            {written.map(({ step, words }) => (
              <li key={step.id} className="border-b border-rule py-1">
                {step.title}: <b className="font-semibold">{words}</b>
              </li>
            ))}
          </ul>
        </>
      )}
      {!closed && plan.needs.some((need) => need.kind !== 'fluid' && need.kind !== 'other') && (
        <FittedForm needs={plan.needs} corners={plan.corners} />
      )}
    </section>
  );
}
