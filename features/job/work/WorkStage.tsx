'use client';

import { useState } from 'react';
import { causeLabel } from '@/core/diagnosis/vocabulary/labels';
import { flushPlanOf } from '@/core/job/flush';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/Field';
import { useKept } from '../../shell/useKept';
import { useDesk } from '../desk/Desk';
import { PlanSummary } from './PlanSummary';
import { useSchools } from './SchoolsContext';
import { WorkRun } from './WorkRun';

/** Causes whose cure is, or ends with, a flush and bleed. */
const FLUSHED = [
  'air_in_lines',
  'air_in_abs_unit',
  'fluid_boiled_wet',
  'fluid_boiled_heat',
  'fluid_low',
  'fluid_wrong',
  'bleeder_not_at_top',
  'external_leak',
  'master_bypass',
  'hose_expansion',
  'hose_restricted',
];

/** What is done about it: one change at a time, each with its figure before. */
export function WorkStage() {
  const { sheet, closed } = useDesk();
  const [adding, setAdding] = useState(false);
  const open = adding || (sheet.works.length === 0 && !closed);
  return (
    <>
      <h2 className="mb-3 text-2xl">
        Work{' '}
        <span className="ml-1 text-base font-medium text-soft">
          one change at a time, or nobody will know what cured it
        </span>
      </h2>
      {sheet.works.map((work) => (
        <WorkRun key={work.id} work={work} />
      ))}
      {open ? (
        <Start onStarted={() => setAdding(false)} />
      ) : (
        !closed && <Button onClick={() => setAdding(true)}>Add more work</Button>
      )}
      {sheet.works.length === 0 && closed && <p>No work was recorded.</p>}
    </>
  );
}

function Start({ onStarted }: { onStarted: () => void }) {
  const { sheet, judgement, startWork } = useDesk();
  const schools = useSchools();
  const cause =
    sheet.verdicts.at(-1)?.decided ??
    judgement.verdict.causes.find((each) => each.evidence.length > 0)?.id ??
    null;
  const [kind, setKind] = useState<'flush' | 'other'>(
    cause === null || FLUSHED.includes(cause) ? 'flush' : 'other',
  );
  const [before, keepBefore, forgetBefore] = useKept(`work-before.${sheet.job.id}`, '');
  const [title, keepTitle, forgetTitle] = useKept(`work-title.${sheet.job.id}`, '');
  const [error, setError] = useState<string>();
  const plan = flushPlanOf(sheet, schools);
  const start = () => {
    if (kind === 'other' && title.trim() === '') return setError('Say what is to be done');
    startWork({
      kind,
      cause,
      title: kind === 'flush' ? 'Flush and bleed' : title.trim(),
      before: before.trim(),
    });
    forgetBefore();
    forgetTitle();
    onStarted();
  };
  return (
    <section className="border-2 border-ink bg-card p-4">
      {cause && (
        <p className="mb-3">
          For: <b className="font-semibold">{causeLabel(cause)}</b>
        </p>
      )}
      <div className="mb-3 flex flex-wrap gap-2">
        <Button
          look={kind === 'flush' ? 'primary' : 'plain'}
          aria-pressed={kind === 'flush'}
          onClick={() => setKind('flush')}
        >
          Flush and bleed
        </Button>
        <Button
          look={kind === 'other' ? 'primary' : 'plain'}
          aria-pressed={kind === 'other'}
          onClick={() => setKind('other')}
        >
          Other work
        </Button>
      </div>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          start();
        }}
        className="grid gap-3"
      >
        {kind === 'other' && (
          <TextField
            label="What is done"
            maxLength={200}
            value={title}
            onChange={(event) => keepTitle(event.target.value)}
            error={error}
            placeholder="New hoses, front pair"
          />
        )}
        <TextField
          label="Figure before"
          hint="What proof will be held against: pedal travel, water, runout"
          maxLength={400}
          value={before}
          onChange={(event) => keepBefore(event.target.value)}
          placeholder="3.4 % water"
        />
        {kind === 'flush' && <PlanSummary plan={plan} />}
        <div className="flex flex-wrap gap-3">
          <Button look="primary" type="submit">
            Start
          </Button>
          {kind === 'flush' && <Button onClick={() => window.print()}>Print the plan</Button>}
        </div>
      </form>
    </section>
  );
}
