'use client';

import { toItsEnd } from '@/core/base/sentence';
import { SHEET_NOTES, type SheetNote } from '@/core/car/ownSheet';
import type { PhotoRow } from '@/core/car/photos';
import { TORQUES } from '@/core/car/torques';
import { CAUTIONS } from '@/core/planning/cautions';
import type { WorkPlan } from '@/core/planning/plan';
import { jointsOf } from '@/core/planning/run/joints';
import { notesAt } from '@/core/planning/run/notesAt';
import type { Step } from '@/core/planning/run/step';
import { readingLabel } from '@/core/readings/measureOf';
import { MEASURES } from '@/core/readings/measures';
import { useJob } from '../record/JobProvider';
import { useUnits } from '../shell/useUnits';

/** Every step of a plan before it starts, with its cautions where they matter; what the printer gets. */
export function StepsWhole({ plan }: { plan: WorkPlan }) {
  const { photos, car } = useJob().sheet;
  const { torquesNm, ownSheet } = car;
  const units = useUnits();
  return (
    <ol className="list-none">
      {plan.steps.map((step, index) => {
        const { cautions = [] } = step;
        return (
          <li key={step.id} className="border-b border-rule py-1.5 break-inside-avoid">
            {step.part !== plan.steps[index - 1]?.part && (
              <p className="narrow mt-2 border-b border-ink font-semibold">{step.part}</p>
            )}
            <p className="flex gap-3">
              <Box />
              <span className="reading w-7 shrink-0 text-right text-soft">{index + 1}</span>
              <span className="flex-1">
                <b className="font-semibold">{toItsEnd(units.words(step.title))}</b> {units.words(step.how)}
                {step.pressureKPa && ` ${units.full(step.pressureKPa.working, 'kPa', 0)}.`}
                {step.timerS !== undefined && ` ${step.timerS} s by the clock.`}
                {!!step.slowdown?.coolS && ` Then ${step.slowdown.coolS} s to cool.`}
                {step.tool && <span className="text-soft"> Tool: {step.tool}.</span>}
                {notesAt(step).map(
                  (note) =>
                    ownSheet[note] !== undefined && (
                      <span key={note}>
                        {' '}
                        {SHEET_NOTES[note].label}: <b className="font-semibold">{ownSheet[note]}</b>.
                      </span>
                    ),
                )}
                {jointsOf(step).map((joint) => (
                  <span key={joint} className="text-soft">
                    {' '}
                    {TORQUES[joint]}:{' '}
                    {torquesNm[joint] === undefined
                      ? 'maker’s figure, not on file'
                      : units.full(torquesNm[joint], 'N·m', 0)}
                    .
                  </span>
                ))}
                {cautions.map((id) => (
                  <span key={id} className="block border-l-4 border-bronze pl-2">
                    {CAUTIONS[id]}
                  </span>
                ))}
              </span>
              {step.ml && <span className="reading shrink-0">{step.ml.here} ml</span>}
            </p>
            <StepPhotos photos={photos} notes={notesAt(step)} />
            <ToFill step={step} />
          </li>
        );
      })}
    </ol>
  );
}

/** What was photographed for the car's own sheet, on paper. */
function StepPhotos({ photos, notes }: { photos: readonly PhotoRow[]; notes: readonly SheetNote[] }) {
  const own = photos.filter(({ note }) => note !== null && notes.includes(note));
  return own.map((photo) => (
    // biome-ignore lint/performance/noImgElement: it is kept at the size it is looked at
    <img
      key={photo.id}
      src={`/api/photos/${photo.id}`}
      alt={photo.caption || 'Photograph'}
      className="mt-1 ml-16 hidden h-40 print:inline-block"
    />
  ));
}

/** A box to tick with a pen. */
function Box() {
  return (
    <span aria-hidden="true" className="mt-1 hidden size-4 shrink-0 border border-ink print:inline-block" />
  );
}

/** What is answered and written down at a step, to be done with a pen; and what is done where it is not as it should be. */
function ToFill({ step }: { step: Step }) {
  const units = useUnits();
  const figure = step.measure && readingLabel(MEASURES[step.measure.measure].kind);
  const fields = [
    ...(step.record ?? []).map((field) => ({
      label: field.label,
      unit: 'unit' in field ? field.unit : '',
      options: field.kind === 'choice' ? field.options.map((option) => option.label) : [],
    })),
    ...(figure ? [{ label: figure, unit: '', options: [] }] : []),
    ...jointsOf(step).map((joint) => ({
      label: TORQUES[joint],
      unit: units.unit('N·m'),
      options: [],
    })),
  ];
  if (fields.length === 0 && !step.ask && !step.troubles) return null;
  return (
    <div className="hidden pl-16 print:block">
      {step.ask && (
        <p className="flex flex-wrap gap-x-5">
          {step.ask.map((answer) => (
            <span key={answer.value} className="inline-flex gap-2">
              <Box /> {answer.label}
            </span>
          ))}
        </p>
      )}
      {fields.map(({ label, unit, options }) => (
        <p key={label} className="flex flex-wrap items-baseline gap-x-3">
          {label}
          {options.length === 0 && <span className="min-w-40 flex-none border-b border-ink">&nbsp;</span>}
          {unit}
          {options.map((option) => (
            <span key={option} className="inline-flex gap-2">
              <Box /> {option}
            </span>
          ))}
        </p>
      ))}
      {step.troubles?.map((trouble) => (
        <p key={trouble.id} className="text-soft">
          {trouble.label}: {trouble.lines.map((line) => units.words(line)).join(' ')}
        </p>
      ))}
    </div>
  );
}
