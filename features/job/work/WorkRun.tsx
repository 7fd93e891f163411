'use client';

import { Check } from 'lucide-react';
import { useState } from 'react';
import type { FlushPlan, Step } from '@/core/bleed/procedure';
import type { TickRow, WorkRow } from '@/core/job/sheet';
import { flushProgress, stepsOf, ticksOf } from '@/core/job/work';
import { Button } from '@/ui/Button';
import { cn } from '@/ui/cn';
import { TextField } from '@/ui/Field';
import { moment } from '@/ui/format';
import { Timer } from '@/ui/Timer';
import { useShop } from '../../shell/ShopContext';
import { useDesk } from '../desk/Desk';
import { BottleRule } from './BottleRule';

/** A work under way: the step in hand large, the rest in order, all ticked off as they are done. */
export function WorkRun({ work }: { work: WorkRow }) {
  const { sheet } = useDesk();
  const shop = useShop();
  const steps = stepsOf(work);
  const ticks = ticksOf(work.id, sheet.ticks);
  const { left, done, next } = flushProgress(work, sheet.ticks);
  const plan = work.kind === 'flush' ? (work.plan as FlushPlan) : undefined;
  const drawn = steps.filter((step) => step.ml && ticks.get(step.id)?.done).at(-1)?.ml?.total ?? 0;
  return (
    <section className="mb-6 border-t-2 border-ink pt-2" aria-label={work.title}>
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h3 className="text-xl">{work.title}</h3>
        <p className="text-soft">
          {left === 0 ? 'done' : `${done} of ${steps.length}`} · started{' '}
          {moment(work.startedAt, shop.timeZone, new Date(shop.now))}
        </p>
      </div>
      {work.before !== '' && (
        <p>
          Before: <b className="font-semibold">{work.before}</b>
        </p>
      )}
      {plan && <BottleRule drawnMl={drawn} totalMl={plan.plan.totalMl} bottleMl={plan.input.bottleMl} />}
      {next && <InHand work={work} step={next} />}
      <ol className="mt-3">
        {steps.map((step, index) => (
          <StepRow
            key={step.id}
            work={work}
            step={step}
            tick={ticks.get(step.id)}
            current={step.id === next?.id}
            part={step.part !== steps[index - 1]?.part ? step.part : undefined}
          />
        ))}
      </ol>
    </section>
  );
}

/** The step in hand, to be read from the floor. */
function InHand({ work, step }: { work: WorkRow; step: Step }) {
  const { tick, closed } = useDesk();
  const [note, setNote] = useState('');
  return (
    <div className="my-3 border-2 border-ink bg-card p-4">
      <p className="text-2xl font-bold leading-tight">{step.title}</p>
      {step.ml && (
        <p className="reading my-1 text-3xl font-semibold">
          {step.ml.here} ml <span className="text-lg font-medium text-soft">to {step.ml.total} in all</span>
        </p>
      )}
      <p className="mt-1 text-lg">{step.how}</p>
      {step.caution && <p className="mt-1 border-l-[6px] border-bronze pl-3 font-semibold">{step.caution}</p>}
      {step.timerS !== undefined && (
        <div className="mt-2">
          <Timer seconds={step.timerS} label="Start the clock" />
        </div>
      )}
      {!closed && (
        <div className="mt-3 flex flex-wrap items-end gap-3">
          <TextField
            label="Note (colour, bubbles, clear at)"
            maxLength={400}
            value={note}
            onChange={(event) => setNote(event.target.value)}
            className="min-w-56 flex-1"
          />
          <Button
            look="primary"
            className="min-h-14 px-8 text-lg"
            onClick={() => {
              tick(work.id, step.id, true, note.trim());
              setNote('');
            }}
          >
            <Check aria-hidden="true" size={22} /> Done, next
          </Button>
        </div>
      )}
    </div>
  );
}

type RowProps = { work: WorkRow; step: Step; tick?: TickRow; current: boolean; part?: string };

function StepRow({ work, step, tick, current, part }: RowProps) {
  const desk = useDesk();
  const done = tick?.done === true;
  return (
    <>
      {part && <li className="narrow mt-3 border-b border-ink font-semibold">{part}</li>}
      <li className={cn('border-b border-rule', current && 'bg-straw-wash')}>
        <label className="flex min-h-11 cursor-pointer items-center gap-3 py-1">
          <input
            type="checkbox"
            className="size-6 shrink-0 accent-(--ink)"
            checked={done}
            disabled={desk.closed}
            onChange={(event) => desk.tick(work.id, step.id, event.target.checked, tick?.note ?? '')}
          />
          <span className={cn('flex-1', done && 'text-soft')}>
            {step.title}
            {tick?.note && <span className="block text-[0.9375rem] text-soft">{tick.note}</span>}
          </span>
          {step.ml && <span className="reading shrink-0">{step.ml.here} ml</span>}
        </label>
      </li>
    </>
  );
}
