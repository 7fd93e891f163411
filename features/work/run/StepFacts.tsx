'use client';

import { axleOf, CORNERS, type Corner } from '@/core/car/corner';
import { headOf } from '@/core/job/standing';
import type { Step } from '@/core/planning/run/step';
import { reindex } from '@/core/readings/hub/reindex';
import type { ReindexInput } from '@/core/readings/hub/reindexSchema';
import { pedalRatio } from '@/core/readings/pedal/pedalRatio';
import type { PedalRatioInput } from '@/core/readings/pedal/pedalRatioSchema';
import { readRotor } from '@/core/readings/rotor/rotor';
import type { RotorInput } from '@/core/readings/rotor/schema';
import { cn } from '@/ui/cn';
import { ReindexAnswer } from '../../measure/hub/ReindexAnswer';
import { PedalAnswer } from '../../measure/whole/PedalAnswer';
import { useJob } from '../../record/JobProvider';
import { useUnits } from '../../shell/useUnits';
import { PadGaps } from '../PadGaps';

/** What is worked out from one reading of the job. */
const KIND = { pedal_ratio: 'pedal-ratio', reindex: 'reindex' } as const;

type Props = { step: Step; facts: NonNullable<Step['facts']>; corners: readonly Corner[] };

/** What was measured on this job, worked out for the step in hand: where the clevis goes, which stud to turn to, what metal is left, what gap is to be sprung. */
export function StepFacts({ step, facts, corners }: Props) {
  if (facts === 'metal_left') return <MetalLeft />;
  if (facts === 'gaps') return <PadGaps corners={corners} springs />;
  return <WorkedOut step={step} facts={facts} />;
}

/** Every rotor measured on this job against its discard thickness: what may still be cut away. */
function MetalLeft() {
  const { sheet } = useJob();
  const { full } = useUnits();
  const rows = CORNERS.flatMap((corner) => {
    const same = (row: { kind: string; corner: string }) => row.kind === 'rotor' && row.corner === corner;
    const input = headOf(sheet.readings, 'before', same)?.input as RotorInput | null | undefined;
    const lowestMm = input ? readRotor(input).lowestMm : undefined;
    return lowestMm === undefined
      ? []
      : [{ corner, lowestMm, leastMm: sheet.car[axleOf(corner)].rotorMinimumMm }];
  });
  if (rows.length === 0)
    return <p className="my-2 text-lg text-soft">No thickness measured on this job: measure it first.</p>;
  return (
    <ul className="my-2 text-lg" aria-label="Metal left">
      {rows.map(({ corner, lowestMm, leastMm }) => (
        <li key={corner}>
          {corner}: lowest <b className="reading font-semibold">{full(lowestMm, 'mm', 2)}</b>
          {leastMm === null ? (
            ', discard thickness not on file'
          ) : (
            <>
              , discard {full(leastMm, 'mm', 2)}:{' '}
              <b className={cn('reading font-semibold', lowestMm <= leastMm && 'text-stop')}>
                {full(Math.max(0, lowestMm - leastMm), 'mm', 2)}
              </b>{' '}
              to take off both faces together
            </>
          )}
        </li>
      ))}
    </ul>
  );
}

function WorkedOut({ step, facts }: { step: Step; facts: keyof typeof KIND }) {
  const { sheet } = useJob();
  const at = facts === 'reindex' ? (step.corner ?? '') : '';
  const same = (row: { kind: string; corner: string }) => row.kind === KIND[facts] && row.corner === at;
  const input = headOf(sheet.readings, 'after', same)?.input ?? headOf(sheet.readings, 'before', same)?.input;
  if (!input)
    return <p className="my-2 text-lg text-soft">Not measured on this job: the figure is missing here.</p>;
  if (facts === 'reindex') {
    const own = input as ReindexInput;
    return <ReindexAnswer result={reindex(own)} studs={own.studs} />;
  }
  const own = input as PedalRatioInput;
  return pedalRatio(own).bForTargetMm === undefined ? (
    <p className="my-2 text-lg text-soft">No wanted ratio was typed with A and B.</p>
  ) : (
    <PedalAnswer input={own} />
  );
}
