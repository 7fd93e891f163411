'use client';

import { GripVertical } from 'lucide-react';
import { useEffect, useState } from 'react';
import { inSentence, listed } from '@/core/base/sentence';
import { LEFT_QUESTIONS, leavingIssues } from '@/core/planning/run/leftUndone';
import { firstInVisit, visitOf } from '@/core/planning/run/mates';
import type { WorkRow } from '@/core/planning/run/rows';
import { isOver, LEFT_UNDONE, planOf, type Run, runOf } from '@/core/planning/run/run';
import { Button, buttonClass } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { TextField } from '@/ui/Field';
import { moment } from '@/ui/format';
import { Link } from '@/ui/Link';
import { Octagon } from '@/ui/Octagon';
import { Opens } from '@/ui/Opens';
import type { TickRecord } from '../record/commands/works';
import { useJob } from '../record/JobProvider';
import { later } from '../shell/later';
import { useShop } from '../shell/ShopContext';
import { useHash } from '../shell/useHash';
import { useUnits } from '../shell/useUnits';
import { slotWords } from './figureWords';
import type { Held } from './SortableWorks';

const PlanSheet = later(() => import('./PlanSheet').then((module) => module.PlanSheet));

type Props = {
  work: WorkRow;
  run: Run;
  place: number;
  holds: number;
  together: boolean;
  onBedIn?: () => void;
  /** Where it can be moved among others. */
  held?: Held;
};

/** One work in the order they are done: how far it is, its figure before and after, and the way into its run. */
export function WorkItem({ work, run, place, holds, together, onBedIn, held }: Props) {
  const { sheet, judgement, closed, tick } = useJob();
  const shop = useShop();
  const units = useUnits();
  const [leaving, setLeaving] = useState(false);
  // Come to from its run, to be left there.
  const asked = useHash() === `leave-${work.id}`;
  useEffect(() => {
    if (asked) setLeaving(true);
  }, [asked]);
  const mates = visitOf(work, sheet.works, sheet.ticks).filter((mate) => mate.id !== work.id);
  const first = firstInVisit(work, sheet.works, sheet.ticks);
  const after = work.measuredBy
    ? slotWords({ sheet, judgement, units }, work.measuredBy, 'after')
    : undefined;
  return (
    <li ref={held?.rowRef} style={held?.style} className="border-b border-rule bg-sheet py-3">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
        {held ? (
          <button
            type="button"
            {...held.handle}
            aria-label={`Move ${work.title}, place ${place}`}
            className="reading flex min-h-11 min-w-11 cursor-grab touch-none items-center gap-1 text-2xl font-semibold"
          >
            <GripVertical aria-hidden="true" size={20} className="text-soft" />
            {place}
          </button>
        ) : (
          <span className="reading text-2xl font-semibold">{place}</span>
        )}
        <div className="min-w-0 flex-1">
          <p className="text-lg">
            <b className="font-bold">{work.title}</b> <State run={run} holds={holds} />
            {mates.length > 0 && (
              <span className="ml-2 text-small font-semibold">
                one visit with{' '}
                {listed(mates.map((mate) => sheet.works.findIndex(({ id }) => id === mate.id) + 1))}
              </span>
            )}
            {together && mates.length === 0 && (
              <span className="ml-2 text-small font-semibold text-bronze">done together with another</span>
            )}
          </p>
          <p className="text-soft">
            added {moment(work.addedAt, shop, new Date(shop.now))}
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
        {!closed && !isOver(run) && first && (
          <span className="text-soft">after {inSentence(first.title)}</span>
        )}
        {!closed && !isOver(run) && !first && (
          <Link
            href={`/job/${sheet.job.id}/run/${work.id}`}
            className={`${buttonClass('primary')} min-h-14 px-8 text-lg`}
          >
            {run.state === 'waiting' && !mates.some((mate) => isOver(runOf(mate, sheet.ticks)))
              ? 'Start'
              : 'Go on'}
          </Link>
        )}
        {!closed && run.state === 'left_undone' && (
          <Button
            className="min-h-14"
            onClick={() => tick(work.id, LEFT_UNDONE, false, { note: 'taken up again' })}
          >
            Take it up again
          </Button>
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
      {leaving && !closed && !isOver(run) && (
        <LeaveForm
          begun={run.state === 'under_way'}
          onLeave={(why, record) => {
            tick(work.id, LEFT_UNDONE, true, { note: why, record });
            setLeaving(false);
          }}
          onStay={() => setLeaving(false)}
        />
      )}
      <Opens head={<span className="text-small text-soft">Its plan</span>}>
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

type LeaveProps = {
  begun: boolean;
  onLeave: (why: string, record: TickRecord) => void;
  onStay: () => void;
};

/** Why a work is left, and how the car stands if it was begun: apart, it stays where it is. */
function LeaveForm({ begun, onLeave, onStay }: LeaveProps) {
  const [why, setWhy] = useState('');
  const [stands, setStands] = useState<Record<string, string>>({});
  const [error, setError] = useState<string>();
  const leave = () => {
    const issues = leavingIssues(begun, { note: why, record: stands });
    if (issues.some(({ path }) => path === 'note')) return setError('Say why');
    if (issues.length > 0) return setError('Say how the car stands');
    onLeave(why.trim(), stands);
  };
  return (
    <form
      className="mt-2 grid gap-3 border-l-[6px] border-straw bg-straw-wash p-3"
      onSubmit={(event) => {
        event.preventDefault();
        leave();
      }}
    >
      <TextField
        label="Why it is left undone"
        maxLength={400}
        value={why}
        error={error}
        onChange={(event) => {
          setError(undefined);
          setWhy(event.target.value);
        }}
        className="max-w-2xl"
      />
      {begun && (
        <div className="flex flex-wrap gap-x-6 gap-y-2">
          {LEFT_QUESTIONS.map(({ id, label, options }) => (
            <div key={id}>
              <p className="narrow text-small font-semibold">{label}</p>
              <Choice
                label={label}
                value={stands[id] ?? ''}
                onChange={(value) => {
                  setError(undefined);
                  setStands({ ...stands, [id]: value });
                }}
                options={options.map((option, at) => ({ ...option, tone: at === 0 ? 'plain' : 'stop' }))}
              />
            </div>
          ))}
        </div>
      )}
      <div className="flex flex-wrap gap-3">
        <Button type="submit">Leave it undone</Button>
        <Button look="quiet" onClick={onStay}>
          Keep it
        </Button>
      </div>
    </form>
  );
}
