'use client';

import { useState } from 'react';
import { inSentence } from '@/core/base/sentence';
import { visitOf, workAfter } from '@/core/planning/run/mates';
import type { WorkRow } from '@/core/planning/run/rows';
import { LEFT_UNDONE, planOf, type Run, wantsBedIn } from '@/core/planning/run/run';
import { troublesOf } from '@/core/planning/run/troubles';
import { Button, buttonClass } from '@/ui/Button';
import { TextField } from '@/ui/Field';
import { moment } from '@/ui/format';
import { Link } from '@/ui/Link';
import { HoldsPanel } from '../../checks/HoldsPanel';
import { useJob } from '../../record/JobProvider';
import { recordWords } from '../../record/recordWords';
import { later } from '../../shell/later';
import { useShop } from '../../shell/ShopContext';
import { useUnits } from '../../shell/useUnits';
import { CameOutWords } from './CameOutWords';
import { Minutes } from './Minutes';
import { UsedFluid } from './UsedFluid';

const FittedForm = later(() => import('../FittedForm').then((module) => module.FittedForm));

type Props = { work: WorkRow; run: Run; onReopen?: (why: string) => void };

/** The end of a run: done, or finished with a proof still missing; what was written down; what comes next. */
export function RunEnd({ work, run, onReopen }: Props) {
  const { sheet, judgement, closed, tick } = useJob();
  const shop = useShop();
  const units = useUnits();
  const holds = judgement.holds.filter((hold) => !hold.proof);
  const next = workAfter(work, sheet.works, sheet.ticks);
  // The rest of a visit: the car stays apart until its last work has closed it.
  const goesOn = next !== undefined && visitOf(work, sheet.works, sheet.ticks).includes(next);
  const plan = planOf(work);
  const troubles = troublesOf(run);
  const written = run.steps.flatMap((step) => {
    const tick = run.last.get(step.id);
    const words = tick ? recordWords(step, tick.record, tick.note, units) : '';
    return words === '' ? [] : [{ step, words }];
  });
  return (
    <section aria-label="End of the work" className="max-w-3xl">
      {run.state === 'left_undone' ? (
        <>
          <h3 className="text-3xl">Left undone: {run.leftBecause}</h3>
          {!closed && (
            <Button
              look="primary"
              className="my-3 min-h-16 px-8 text-xl"
              onClick={() => tick(work.id, LEFT_UNDONE, false, { note: 'taken up again' })}
            >
              Take it up again
            </Button>
          )}
        </>
      ) : holds.length > 0 ? (
        <>
          <h3 className="text-3xl text-stop">Finished, not done: a proof is missing</h3>
          <p className="mb-3 text-lg">The car stays here until each hold is proved.</p>
          <HoldsPanel />
        </>
      ) : (
        <h3 className={goesOn ? 'text-3xl' : 'text-3xl text-go'}>
          {goesOn ? 'This part is done; the car stays apart' : 'Done'}
        </h3>
      )}
      {run.endedAt && <p className="text-soft">{moment(run.endedAt, shop, new Date(shop.now))}</p>}
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
            {!goesOn && wantsBedIn(plan) ? 'Add the bed-in' : 'Add work'}
          </Link>
        </div>
      )}
      {run.state === 'finished' && <Minutes work={work} />}
      {!closed && run.state === 'finished' && plan.bleed && (
        <UsedFluid work={work} run={run} bleed={plan.bleed} />
      )}
      <CameOutWords run={run} />
      {troubles.length > 0 && (
        <>
          <h4 className="narrow mt-4 border-b border-ink text-lg font-semibold">
            What went wrong on the way
          </h4>
          <ul>
            {troubles.map(({ step, trouble, at, endedBy }) => (
              <li key={`${step.id} ${at}`} className="border-b border-rule py-1">
                {step.title}: <b className="font-semibold text-stop">{inSentence(trouble.label)}</b>
                {endedBy && (
                  <>
                    , then{' '}
                    {endedBy.done
                      ? recordWords(step, endedBy.record, endedBy.note, units)
                      : endedBy.note || 'again'}
                  </>
                )}
              </li>
            ))}
          </ul>
        </>
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
      {onReopen && run.state === 'finished' && <Reopen onReopen={onReopen} />}
      {!closed && plan.needs.some((need) => need.kind !== 'fluid' && need.kind !== 'other') && (
        <FittedForm needs={plan.needs} corners={plan.corners} />
      )}
    </section>
  );
}

/** Takes the last step up again, with the reason on record. */
function Reopen({ onReopen }: { onReopen: (why: string) => void }) {
  const [why, setWhy] = useState<string>();
  const [error, setError] = useState<string>();
  if (why === undefined)
    return (
      <Button look="quiet" className="mt-3" onClick={() => setWhy('')}>
        Open the last step again
      </Button>
    );
  return (
    <form
      className="mt-3 flex flex-wrap items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (why.trim() === '') return setError('Say why');
        onReopen(why.trim());
      }}
    >
      <TextField
        label="Why it is opened again"
        maxLength={400}
        value={why}
        error={error}
        onChange={(event) => setWhy(event.target.value)}
        className="min-w-60 flex-1"
      />
      <Button type="submit">Open it again</Button>
    </form>
  );
}
