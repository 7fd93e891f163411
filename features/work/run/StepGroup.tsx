'use client';

import { Check } from 'lucide-react';
import { notesAt } from '@/core/planning/run/notesAt';
import type { WorkRow } from '@/core/planning/run/rows';
import { PRESS, planOf } from '@/core/planning/run/run';
import type { Step } from '@/core/planning/run/step';
import { Button } from '@/ui/Button';
import { useJob } from '../../record/JobProvider';
import { newId } from '../../shell/newId';
import { useUnits } from '../../shell/useUnits';
import { NoteLine } from './NoteLine';
import { StepWords } from './StepWords';
import { LookIns, StepFacts } from './stepParts';
import { useFinds } from './useFinds';

/** Steps of one chapter that are only done and ticked: one by one for who has not done it, in one press for who has. */
export function StepGroup({ work, steps }: { work: WorkRow; steps: Step[] }) {
  const units = useUnits();
  const { tick, closed } = useJob();
  const finds = useFinds();
  const done = (step: Step, press?: string) => {
    finds.implied(step.finds);
    tick(work.id, step.id, true, press ? { record: { [PRESS]: press } } : {});
  };
  return (
    <section aria-label={steps[0]!.part}>
      <p className="narrow text-lg text-soft">{steps[0]!.part}</p>
      <ol>
        {steps.map((step) => (
          <li key={step.id} className="border-b border-rule py-2">
            <div className="flex items-start gap-4">
              <Button
                aria-label={`Done: ${step.title}`}
                className="mt-1 size-14 shrink-0"
                disabled={closed}
                onClick={() => done(step)}
              >
                <span className="size-6" aria-hidden="true" />
              </Button>
              <div className="min-w-0 flex-1">
                <h3 className="text-2xl">{units.words(step.title)}</h3>
                <StepWords step={step} />
                {notesAt(step).map((note) => (
                  <NoteLine key={note} id={note} />
                ))}
                {step.lookIn && <LookIns corners={step.lookIn} />}
                {step.facts && <StepFacts step={step} facts={step.facts} corners={planOf(work).corners} />}
              </div>
            </div>
          </li>
        ))}
      </ol>
      <div className="sticky bottom-0 -mx-4 mt-4 border-t border-rule bg-sheet px-4 py-2 desk:-bottom-6 desk:-mx-6 desk:px-6">
        <Button
          data-run="next"
          look="primary"
          className="min-h-16 w-full px-10 text-xl desk:w-auto"
          disabled={closed}
          onClick={() => {
            const press = newId();
            for (const step of steps) done(step, press);
          }}
        >
          <Check aria-hidden="true" size={26} /> All {steps.length} done, next
        </Button>
      </div>
    </section>
  );
}
