'use client';

import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useState } from 'react';
import type { WorkRow } from '@/core/job/sheet';
import { isOver, LEFT_UNDONE, planOf, type Run } from '@/core/work/run';
import { Button, buttonClass } from '@/ui/Button';
import { TextField } from '@/ui/Field';
import { moment } from '@/ui/format';
import { Octagon } from '@/ui/Octagon';
import { Opens } from '@/ui/Opens';
import { useShop } from '../../shell/ShopContext';
import { useUnits } from '../../shell/useUnits';
import { useDesk } from '../desk/Desk';
import { slotWords } from './figureWords';

const PlanSheet = dynamic(() => import('./PlanSheet').then((module) => module.PlanSheet));

type Props = {
  work: WorkRow;
  run: Run;
  place: number;
  holds: number;
  together: boolean;
  onBedIn?: () => void;
};

/** One work in the order they are done: how far it is, its figure before and after, and the way into its run. */
export function WorkItem({ work, run, place, holds, together, onBedIn }: Props) {
  const { sheet, judgement, closed, tick } = useDesk();
  const shop = useShop();
  const units = useUnits();
  const [leaving, setLeaving] = useState(false);
  const after = work.measuredBy
    ? slotWords({ sheet, derived: judgement.derived, units }, work.measuredBy, 'after')
    : undefined;
  return (
    <li className="border-b border-rule py-3">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <span className="reading text-2xl font-semibold">{place}</span>
        <div className="min-w-0 flex-1">
          <p className="text-lg">
            <b className="font-bold">{work.title}</b> <State run={run} holds={holds} />
            {together && (
              <span className="ml-2 text-[0.9375rem] font-semibold text-bronze">
                done together with another
              </span>
            )}
          </p>
          <p className="text-soft">
            added {moment(work.addedAt, shop.timeZone, new Date(shop.now))}
            {run.current && run.state === 'under_way' && <> · now: {run.current.title}</>}
            {run.leftBecause && <> · {run.leftBecause}</>}
          </p>
          <p>
            Before: <b className="font-semibold">{work.before || 'no figure'}</b>
            {work.measuredBy && (
              <>
                {' '}
                · After: <b className="font-semibold">{after ?? 'not measured yet'}</b>
              </>
            )}
          </p>
        </div>
        {!closed && !isOver(run) && (
          <Link
            href={`/job/${sheet.job.id}/run/${work.id}`}
            className={`${buttonClass('primary')} min-h-14 px-8 text-lg`}
          >
            {run.state === 'waiting' ? 'Start' : 'Go on'}
          </Link>
        )}
        {isOver(run) && (
          <Link href={`/job/${sheet.job.id}/run/${work.id}`} className={buttonClass()}>
            What was done
          </Link>
        )}
      </div>
      <div className="mt-1 flex flex-wrap gap-2">
        {!closed && onBedIn && run.state === 'finished' && <Button onClick={onBedIn}>Now bed them in</Button>}
        {!closed && !isOver(run) && !leaving && (
          <Button look="quiet" onClick={() => setLeaving(true)}>
            Leave it undone
          </Button>
        )}
      </div>
      {leaving && !isOver(run) && (
        <LeaveForm
          onLeave={(why) => {
            tick(work.id, LEFT_UNDONE, true, { note: why });
            setLeaving(false);
          }}
          onStay={() => setLeaving(false)}
        />
      )}
      <Opens head={<span className="text-[0.9375rem] text-soft">Its plan</span>}>
        <PlanSheet plan={planOf(work)} title={work.title} />
      </Opens>
    </li>
  );
}

function State({ run, holds }: { run: Run; holds: number }) {
  if (run.state === 'left_undone') return <span className="text-soft">left undone</span>;
  if (run.state === 'waiting') return <span className="text-soft">waiting</span>;
  if (run.state === 'under_way')
    return (
      <span className="reading text-base font-semibold text-bronze">
        {run.done} of {run.steps.length}
      </span>
    );
  return holds > 0 ? (
    <span className="inline-flex items-center gap-1 font-semibold text-stop">
      <Octagon size={18} /> finished, proof missing
    </span>
  ) : (
    <span className="font-semibold text-go">done</span>
  );
}

function LeaveForm({ onLeave, onStay }: { onLeave: (why: string) => void; onStay: () => void }) {
  const [why, setWhy] = useState('');
  const [error, setError] = useState<string>();
  return (
    <form
      className="mt-2 flex flex-wrap items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (why.trim() === '') return setError('Say why');
        onLeave(why.trim());
      }}
    >
      <TextField
        label="Why it is left undone"
        maxLength={400}
        value={why}
        error={error}
        onChange={(event) => setWhy(event.target.value)}
        className="min-w-60 flex-1"
      />
      <Button type="submit">Leave it undone</Button>
      <Button look="quiet" onClick={onStay}>
        Keep it
      </Button>
    </form>
  );
}
