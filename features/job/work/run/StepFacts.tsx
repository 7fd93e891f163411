'use client';

import { headOf } from '@/core/job/standing';
import type { Step } from '@/core/planning/run/step';
import { reindex } from '@/core/readings/hub/reindex';
import type { ReindexInput } from '@/core/readings/hub/reindexSchema';
import { pedalRatio } from '@/core/readings/pedal/pedalRatio';
import type { PedalRatioInput } from '@/core/readings/pedal/pedalRatioSchema';
import { ReindexAnswer } from '../../../measure/hub/ReindexAnswer';
import { PedalAnswer } from '../../../measure/whole/PedalAnswer';
import { useDesk } from '../../desk/Desk';

const KIND = { pedal_ratio: 'pedal-ratio', reindex: 'reindex' } as const;

/** What was measured on this job, worked out for the step in hand: where the clevis goes, which stud to turn to. */
export function StepFacts({ step, facts }: { step: Step; facts: NonNullable<Step['facts']> }) {
  const { sheet } = useDesk();
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
