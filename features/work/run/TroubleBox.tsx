'use client';

import { useState } from 'react';
import { pastLimitAmong } from '@/core/job/pastLimit';
import type { WorkRow } from '@/core/planning/run/rows';
import { type Run, stepsAgain } from '@/core/planning/run/run';
import type { Step, Trouble } from '@/core/planning/run/step';
import { waysOn } from '@/core/planning/run/tickIssues';
import { findingOf } from '@/core/readings/vocabulary/findings';
import { stateInSentence } from '@/core/readings/vocabulary/words';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/Field';
import { TraceFigures } from '../../checks/TraceFigures';
import { useJob } from '../../record/JobProvider';
import { useGo } from '../../shell/useGo';
import { useKept } from '../../shell/useKept';
import { useUnits } from '../../shell/useUnits';

type Props = { work: WorkRow; run: Run; step: Step; trouble: Trouble };

/**
 * What went wrong at a step, and the ways on: put right and tried again; where the car stays safe, renewed, left with a
 * reason or handed to another job; or stopped here.
 */
export function TroubleBox({ work, run, step, trouble }: Props) {
  const units = useUnits();
  const { tick, closed, sheet, judgement } = useJob();
  const go = useGo();
  const [note, keepNote, forgetNote] = useKept(`trouble-note.${work.id}.${step.id}`, '');
  const [error, setError] = useState<string>();
  const { trouble: _, ...record } = run.last.get(step.id)?.record ?? {};
  const putRight = () => {
    const again = trouble.again ? stepsAgain(run.steps, trouble.again, step.id) : [step];
    const said = note.trim();
    // The step in hand last: it is the one that closes the trouble.
    const { moreMl } = trouble;
    // More fluid is counted in; what was written down at the step stays.
    const more =
      moreMl === undefined || !step.ml
        ? {}
        : { record: { ...record, ml: (typeof record.ml === 'number' ? record.ml : step.ml.here) + moreMl } };
    for (const each of again) {
      if (each.id === step.id || run.last.get(each.id)?.done)
        tick(work.id, each.id, false, each.id === step.id ? { note: said || 'put right', ...more } : {});
    }
    forgetNote();
  };
  const goOn = (way: ReturnType<typeof waysOn>[number]['id']) => {
    if (way === 'left' && note.trim() === '') return setError('Say why it is left so');
    tick(work.id, step.id, true, { note: note.trim(), record: { ...record, way } });
    forgetNote();
    if (way === 'other_job') go(`/job/${sheet.job.id}/work`);
  };
  const ways = step.ask || trouble.read ? waysOn(trouble) : [];
  const past = trouble.read ? pastLimitAmong(step, sheet.readings, judgement.derived) : [];
  return (
    <section className="border-2 border-stop bg-stop-wash p-4" aria-label={trouble.label}>
      <h3 className="text-2xl text-stop">{trouble.label}</h3>
      {past.length > 0 && (
        <ul className="my-2 text-xl">
          {past.map((each) => (
            <li key={`${each.id} ${each.state}`}>
              {findingOf(each.id).label}:{' '}
              <b className="font-semibold">{stateInSentence(each.id, each.state)}</b>
              {each.trace && <TraceFigures trace={each.trace} />}
            </li>
          ))}
        </ul>
      )}
      <ol className="my-2 list-decimal pl-6 text-xl">
        {trouble.lines.map((line) => (
          <li key={line} className="py-0.5">
            {units.words(line)}
          </li>
        ))}
      </ol>
      <TextField
        label="What was done about it"
        maxLength={400}
        value={note}
        error={error}
        disabled={closed}
        onChange={(event) => {
          setError(undefined);
          keepNote(event.target.value);
        }}
        className="mb-3 max-w-xl"
      />
      <div className="flex flex-wrap gap-3">
        <Button look="primary" className="min-h-16 px-8 text-xl" disabled={closed} onClick={putRight}>
          {trouble.read
            ? 'Put right: measure again'
            : trouble.again
              ? `Put right: from “${run.steps.find((each) => each.id === trouble.again)?.title ?? trouble.again}” again`
              : trouble.moreMl
                ? `Open again: ${trouble.moreMl} ml more`
                : 'Put right: this step again'}
        </Button>
        {ways.map(({ id, label }) => (
          <Button key={id} className="min-h-16 text-lg" disabled={closed} onClick={() => goOn(id)}>
            {label}
          </Button>
        ))}
        <Button className="min-h-16 text-lg" onClick={() => go(`/job/${sheet.job.id}/work#leave-${work.id}`)}>
          Stop here
        </Button>
      </div>
    </section>
  );
}
