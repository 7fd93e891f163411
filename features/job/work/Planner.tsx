'use client';

import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { AXLES, CORNERS, type Corner } from '@/core/car/corner';
import { causeLabel } from '@/core/diagnosis/vocabulary/labels';
import type { FigureSlot } from '@/core/job/sheet';
import { type BeforeFigure, beforeFigures } from '@/core/work/beforeFigures';
import { cornersOfCause } from '@/core/work/cornersFor';
import { knownOf } from '@/core/work/known';
import { PROCEDURE_IDS, PROCEDURES, type ProcedureId } from '@/core/work/library';
import type { WorkOptions } from '@/core/work/options';
import { plainPlan, planWork } from '@/core/work/plan';
import { PROCEDURE_FOR } from '@/core/work/procedureFor';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { SelectField, TextField } from '@/ui/Field';
import { Opens } from '@/ui/Opens';
import { useShop } from '../../shell/ShopContext';
import { forgetKept, useKept } from '../../shell/useKept';
import { useUnits } from '../../shell/useUnits';
import { useDesk } from '../desk/Desk';
import { BedInFields } from './BedInFields';
import { BleedWaysFields } from './BleedWaysFields';
import { slotLabel, slotWords } from './figureWords';
import { PlanSheet } from './PlanSheet';
import { SpringFields } from './SpringFields';
import { useCauseInHand } from './useCauseInHand';
import { useWorkPlace } from './WorkPlace';

type Chosen = {
  procedure: ProcedureId | 'other' | null;
  corners: Corner[] | null;
  options: WorkOptions;
  title: string;
  before: string;
  measuredBy: FigureSlot | null;
};

const NOTHING: Chosen = {
  procedure: null,
  corners: null,
  options: {},
  title: '',
  before: '',
  measuredBy: null,
};

/** What is done next: the job for the cause, where, measured by what, and the whole plan before it starts. */
export function Planner({ suggested, onCancel }: { suggested?: ProcedureId; onCancel?: () => void }) {
  const desk = useDesk();
  const { sheet, judgement } = desk;
  const { ways } = useWorkPlace();
  const units = useUnits();
  const router = useRouter();
  const { today } = useShop();
  const cause = useCauseInHand();
  const [chosen, keep, forget] = useKept<Chosen>(`plan.${sheet.job.id}`, NOTHING);
  const [error, setError] = useState<string>();
  const fitting = cause ? PROCEDURE_FOR[cause.id] : (['flush'] as const);
  const id = chosen.procedure ?? suggested ?? fitting[0];
  const procedure = id === 'other' ? undefined : PROCEDURES[id];
  const jobs = [...new Set<ProcedureId | 'other'>([...fitting, id])];
  const found = cornersOfCause(sheet, cause);
  const corners = chosen.corners ?? found;
  const plan = useMemo(
    () =>
      id === 'other'
        ? plainPlan(chosen.title.trim() || 'The work')
        : planWork(sheet.car, ways, knownOf(sheet), { procedure: id, corners, options: chosen.options }),
    [id, corners, chosen.options, chosen.title, sheet, ways],
  );
  const figures = beforeFigures(
    sheet,
    procedure?.measures ?? [],
    corners,
    (fitting as readonly string[]).includes(id) ? cause : undefined,
  );
  const told = { sheet, derived: judgement.derived, units };
  const first = figures[0];
  const measuredBy = chosen.measuredBy ?? first?.slot ?? null;
  const before = chosen.before !== '' ? chosen.before : measuredBy ? wordsOf(measuredBy, told) : '';

  /** Figures typed for another plan are not those of this one. */
  const forgetTyped = () =>
    forgetKept(`bleed-figures.${sheet.job.id}`, `bed-in-ambient.${sheet.job.id}`, `springs.${sheet.job.id}`);
  const pick = (procedure: ProcedureId) => {
    forgetTyped();
    keep({ ...NOTHING, procedure });
  };

  const start = () => {
    if (id === 'other' && chosen.title.trim() === '') return setError('Say what is to be done');
    const workId = desk.addWork(
      {
        procedure: id,
        cause: cause?.id ?? null,
        title: id === 'other' ? chosen.title.trim() : titleOf(PROCEDURES[id].label, plan.corners),
        before: before.slice(0, 400),
        measuredBy,
        corners: id === 'other' ? [] : plan.corners,
        options: chosen.options,
      },
      plan,
    );
    forgetTyped();
    forget();
    router.push(`/job/${sheet.job.id}/run/${workId}`);
  };
  const setOptions = (options: WorkOptions) => keep({ ...chosen, options });

  return (
    <section
      className="border-2 border-ink bg-card p-4 print:border-0 print:p-0"
      aria-label="Plan of the work"
    >
      <form
        className="grid gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          start();
        }}
      >
        <div className="flex flex-wrap items-start gap-3">
          <div className="min-w-0 flex-1 basis-full sm:basis-64">
            <p className="hidden text-lg print:block">
              <b className="font-semibold">{sheet.car.name}</b>,{' '}
              {sheet.job.complaint || `job ${sheet.job.number}`}, {today}
            </p>
            {cause && (
              <p className="text-soft">
                For {causeLabel(cause.id).toLowerCase()} {cause.corner}
              </p>
            )}
            <h3 className="text-2xl">
              {procedure ? titleOf(procedure.label, plan.corners) : chosen.title || 'Other work'}
            </h3>
            {procedure && (
              <p>
                {procedure.about}. <span className="text-soft">About {procedure.minutes} min.</span>
              </p>
            )}
          </div>
          <div className="flex gap-2 print:hidden">
            <Button look="primary" type="submit" className="min-h-14 px-8 text-lg">
              Start
            </Button>
            <Button className="min-h-14" onClick={() => window.print()}>
              Print the plan
            </Button>
            {onCancel && (
              <Button look="quiet" className="min-h-14" onClick={onCancel}>
                Leave it
              </Button>
            )}
          </div>
        </div>

        <div className="grid gap-3 print:hidden">
          <div className="flex flex-wrap items-end gap-3">
            {jobs.length > 1 && (
              <Choice
                label="The job"
                value={id}
                onChange={(next) => next !== '' && pick(next as ProcedureId)}
                options={jobs.map((each) => ({
                  value: each,
                  label: each === 'other' ? 'Other work' : PROCEDURES[each].label,
                }))}
              />
            )}
            <SelectField
              label="Or another job"
              value=""
              onChange={(event) => pick(event.target.value as ProcedureId)}
            >
              <option value="" disabled>
                The whole library
              </option>
              {PROCEDURE_IDS.map((each) => (
                <option key={each} value={each}>
                  {PROCEDURES[each].label}
                </option>
              ))}
              <option value="other">Other work, named by hand</option>
            </SelectField>
          </div>
          {id === 'other' && (
            <TextField
              label="What is done"
              maxLength={200}
              value={chosen.title}
              error={error}
              onChange={(event) => {
                setError(undefined);
                keep({ ...chosen, title: event.target.value });
              }}
            />
          )}
          {procedure && procedure.scope !== 'car' && (
            <div>
              <p className="narrow text-[0.9375rem] font-semibold">
                Where{' '}
                {procedure.scope === 'axle' && (
                  <span className="font-normal text-soft">in pairs on an axle</span>
                )}
              </p>
              <CornerChoice corners={plan.corners} onChange={(next) => keep({ ...chosen, corners: next })} />
            </div>
          )}
          <BeforeField
            figures={figures}
            measuredBy={measuredBy}
            before={before}
            words={(slot) => wordsOf(slot, told)}
            onChange={(changes) => keep({ ...chosen, ...changes })}
          />
          {plan.bleed && (
            <Opens
              head={
                <b className="font-semibold underline underline-offset-4">Bleed it another way this once</b>
              }
            >
              <BleedWaysFields
                key={`bleed ${id}`}
                jobId={sheet.job.id}
                chosen={chosen.options.bleed ?? {}}
                ceilingKPa={plan.bleed.plan.ceilingKPa}
                onChange={(bleed) => setOptions({ ...chosen.options, bleed })}
              />
            </Opens>
          )}
          {plan.springs && (
            <SpringFields
              jobId={sheet.job.id}
              chosen={chosen.options.springs ?? {}}
              onChange={(springs) => setOptions({ ...chosen.options, springs })}
            />
          )}
          {plan.bedIn && (
            <Opens
              startOpen={id === 'bed_in'}
              head={
                <b className="font-semibold underline underline-offset-4">
                  The bed-in: school, compound, axle
                </b>
              }
            >
              <BedInFields
                key={`bed-in ${id}`}
                jobId={sheet.job.id}
                chosen={chosen.options.bedIn ?? {}}
                ways={ways}
                axles={AXLES.filter((axle) => sheet.car[axle].brake === 'disc')}
                betterStops={plan.bedIn.plan.betterStops}
                onChange={(bedIn) => setOptions({ ...chosen.options, bedIn })}
              />
            </Opens>
          )}
        </div>
        <PlanSheet plan={plan} title={procedure?.label ?? chosen.title} />
      </form>
    </section>
  );
}

/** A job with where it is done. */
function titleOf(label: string, corners: readonly Corner[]): string {
  return corners.length === 0 || corners.length === 4 ? label : `${label} ${corners.join(' ')}`;
}

function wordsOf(slot: FigureSlot, told: Parameters<typeof slotWords>[0]): string {
  const words = slotWords(told, slot, 'before');
  return words === undefined ? '' : `${slotLabel(slot)}: ${words}`;
}

function CornerChoice({ corners, onChange }: { corners: Corner[]; onChange: (corners: Corner[]) => void }) {
  return (
    <div className="flex">
      {CORNERS.map((corner) => {
        const on = corners.includes(corner);
        return (
          <button
            key={corner}
            type="button"
            aria-pressed={on}
            onClick={() => onChange(on ? corners.filter((each) => each !== corner) : [...corners, corner])}
            className="-ml-px min-h-11 min-w-14 border border-ink bg-card px-3 font-semibold first:ml-0 hover:bg-straw-wash aria-pressed:bg-ink aria-pressed:text-sheet"
          >
            {corner}
          </button>
        );
      })}
    </div>
  );
}

type BeforeProps = {
  figures: BeforeFigure[];
  measuredBy: FigureSlot | null;
  before: string;
  words: (slot: FigureSlot) => string;
  onChange: (changes: { measuredBy: FigureSlot | null; before: string }) => void;
};

/** The figure before: one of those on the sheet by a press, or typed. */
function BeforeField({ figures, measuredBy, before, words, onChange }: BeforeProps) {
  const pressed = JSON.stringify(measuredBy);
  return (
    <div>
      {figures.length > 1 && (
        <fieldset className="mb-1 flex flex-wrap gap-2" aria-label="Measured by">
          {figures.map(({ slot }) => (
            <button
              key={JSON.stringify(slot)}
              type="button"
              aria-pressed={JSON.stringify(slot) === pressed}
              onClick={() => onChange({ measuredBy: slot, before: '' })}
              className="min-h-11 border border-ink bg-card px-3 text-left text-[0.9375rem] hover:bg-straw-wash aria-pressed:bg-ink aria-pressed:text-sheet"
            >
              {words(slot)}
            </button>
          ))}
        </fieldset>
      )}
      <TextField
        label="Figure before"
        hint={
          before === ''
            ? 'None on the sheet yet: without one nobody will know what cured it'
            : 'What proof will be held against'
        }
        maxLength={400}
        value={before}
        onChange={(event) => onChange({ measuredBy, before: event.target.value })}
      />
    </div>
  );
}
