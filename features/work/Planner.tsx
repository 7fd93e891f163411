'use client';

import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { dayWords } from '@/core/base/dates';
import { AXLES, axleOf, CORNERS, type Corner } from '@/core/car/corner';
import { causeLabel } from '@/core/diagnosis/labels';
import { beforeFigures } from '@/core/job/beforeFigures';
import { cornersOfCause } from '@/core/job/cornersFor';
import { knownOf } from '@/core/job/known';
import { PROCEDURE_IDS, PROCEDURES, type ProcedureId } from '@/core/planning/library';
import type { WorkOptions } from '@/core/planning/options';
import { planWork, procedureOf } from '@/core/planning/plan';
import { fitsCar } from '@/core/planning/procedure';
import { PROCEDURE_FOR } from '@/core/planning/procedureFor';
import type { FigureSlot } from '@/core/planning/run/rows';
import { isOver, runOf } from '@/core/planning/run/run';
import { visitToJoin } from '@/core/planning/visits';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { SelectField } from '@/ui/Field';
import { Keys } from '@/ui/Keys';
import { Opens } from '@/ui/Opens';
import { useJob } from '../record/JobProvider';
import { useShop } from '../shell/ShopContext';
import { UnitKeys } from '../shell/UnitKeys';
import { forgetKept, useKept } from '../shell/useKept';
import { figuresName } from '../shell/useKeptFigures';
import { useUnits } from '../shell/useUnits';
import { BedInFields, bedInAmbient } from './BedInFields';
import { BeforeField } from './BeforeField';
import { BleederScrews } from './BleederScrews';
import { BleedWaysFields, bleedFigures } from './BleedWaysFields';
import { slotLabel, slotWords } from './figureWords';
import { JobMinutes } from './JobMinutes';
import { OtherWorkFields } from './OtherWorkFields';
import { PadGaps } from './PadGaps';
import { PlanSheet } from './PlanSheet';
import { SpringFields, springFigures } from './SpringFields';
import { useCauseInHand } from './useCauseInHand';
import { VisitField } from './VisitField';
import { useWorkPlace } from './WorkPlace';

type Chosen = {
  procedure: ProcedureId | 'other' | null;
  corners: Corner[] | null;
  options: WorkOptions;
  title: string;
  before: string;
  measuredBy: FigureSlot | null;
  /** By itself, where it could be done in one visit with another. */
  apart: boolean;
};

const NOTHING: Chosen = {
  procedure: null,
  corners: null,
  options: {},
  title: '',
  before: '',
  measuredBy: null,
  apart: false,
};

/** Jobs that are weighed by the gap at the pads. */
const GAP_JOBS: readonly string[] = ['knockback_kit', 'upright', 'bearing'];

/** A job that the library has: what was kept may be of another version of it. */
function knownJob(id: string | null): ProcedureId | 'other' | undefined {
  return id === 'other' ? id : PROCEDURE_IDS.find((each) => each === id);
}

/** A work has no id before it is added. */
const NEW = '';

/** What is done next: the job for the cause, where, measured by what, and the whole plan before it starts. */
export function Planner({ suggested, onCancel }: { suggested?: ProcedureId; onCancel?: () => void }) {
  const desk = useJob();
  const { sheet, judgement } = desk;
  const { ways } = useWorkPlace();
  const units = useUnits();
  const router = useRouter();
  const { today, dateOrder } = useShop();
  const cause = useCauseInHand();
  const [chosen, keep, forget] = useKept<Chosen>(`plan.${sheet.job.id}`, NOTHING);
  const [error, setError] = useState<{ field: 'title' | 'touches'; message: string }>();
  const possible = cause ? PROCEDURE_FOR[cause.id] : (['flush'] as const);
  // A job for what this car does not have is no job for it.
  const onThisCar = possible.filter((each) => fitsCar(PROCEDURES[each], sheet.car));
  const fitting = onThisCar.length > 0 ? onThisCar : possible;
  const id = knownJob(chosen.procedure) ?? suggested ?? fitting[0];
  const { options } = chosen;
  const title = chosen.title.trim() || 'The work';
  const procedure = procedureOf({ procedure: id, title, options });
  const jobs = [...new Set<ProcedureId | 'other'>([...fitting, id])];
  const found = cornersOfCause(sheet, cause);
  const corners = chosen.corners ?? found;
  const alone = useMemo(
    () => planWork(sheet.car, ways, knownOf(sheet), { procedure: id, title, corners, options }),
    [id, title, corners, options, sheet, ways],
  );
  const joins = useMemo(
    () =>
      visitToJoin(sheet.works, sheet.ticks, {
        ...{ id: NEW, procedure: id, plan: alone },
        addedAt: new Date().toISOString(),
      }),
    [sheet.works, sheet.ticks, id, alone],
  );
  const joined = chosen.apart ? undefined : joins;
  const plan = joined?.runs.find((run) => run.id === NEW)?.plan ?? alone;
  const figures = beforeFigures(
    sheet,
    procedure.measures,
    corners,
    (fitting as readonly string[]).includes(id) ? cause : undefined,
  );
  const told = { sheet, derived: judgement.derived, units };
  const first = figures[0];
  const measuredBy = chosen.measuredBy ?? first?.slot ?? null;
  const before = chosen.before !== '' ? chosen.before : measuredBy ? wordsOf(measuredBy, told) : '';

  /** Figures typed for another plan are not those of this one. */
  const forgetTyped = () =>
    forgetKept(...[bleedFigures, bedInAmbient, springFigures].map((name) => figuresName(name(sheet.job.id))));
  const pick = (procedure: ProcedureId | 'other') => {
    forgetTyped();
    keep({ ...NOTHING, procedure });
  };

  const start = () => {
    if (id === 'other' && chosen.title.trim() === '')
      return setError({ field: 'title', message: 'Say what is to be done' });
    if (id === 'other' && chosen.options.touches === undefined)
      return setError({ field: 'touches', message: 'Say what it touches: the plan goes by it' });
    const workId = desk.addWork(
      {
        procedure: id,
        cause: cause?.id ?? null,
        title: titleOf(procedure.label, plan.corners),
        before: before.slice(0, 400),
        measuredBy,
        corners: plan.corners,
        options: chosen.options,
        visit: joined?.visit.id ?? null,
      },
      alone,
      joined?.runs,
    );
    forgetTyped();
    forget();
    // In a visit it begins with whichever comes first.
    const first = joined?.runs.find(
      ({ id: each }) => !sheet.works.some((work) => work.id === each && isOver(runOf(work, sheet.ticks))),
    );
    router.push(`/job/${sheet.job.id}/run/${first?.id || workId}`);
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
              {sheet.job.complaint || `job ${sheet.job.number}`}, {dayWords(today, dateOrder)}
            </p>
            {cause && (
              <p className="text-soft">
                For {causeLabel(cause.id).toLowerCase()} {cause.corner}
              </p>
            )}
            <h3 className="text-2xl">
              {id === 'other' && chosen.title === '' ? 'Other work' : titleOf(procedure.label, plan.corners)}
            </h3>
            <p>
              {procedure.about}. {id !== 'other' && <JobMinutes id={id} procedure={procedure} />}
            </p>
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
              onChange={(event) => {
                const job = knownJob(event.target.value);
                if (job) pick(job);
              }}
            >
              <option value="" disabled>
                The whole library
              </option>
              {PROCEDURE_IDS.filter((each) => fitsCar(PROCEDURES[each], sheet.car)).map((each) => (
                <option key={each} value={each}>
                  {PROCEDURES[each].label}
                </option>
              ))}
              <option value="other">Other work, named by hand</option>
            </SelectField>
          </div>
          {id === 'other' && (
            <OtherWorkFields
              title={chosen.title}
              touches={chosen.options.touches ?? []}
              error={error}
              onTitle={(next) => {
                setError(undefined);
                keep({ ...chosen, title: next });
              }}
              onTouches={(touches) => {
                setError(undefined);
                setOptions({ ...chosen.options, touches });
              }}
            />
          )}
          {procedure.scope !== 'car' && (
            <div>
              <p className="narrow text-small font-semibold">
                Where{' '}
                {procedure.scope === 'axle' && (
                  <span className="font-normal text-soft">in pairs on an axle</span>
                )}
              </p>
              <div className="flex">
                <Keys
                  keys={CORNERS.map((corner) => ({
                    value: corner,
                    label: corner,
                    pressed: plan.corners.includes(corner),
                  }))}
                  onPress={(corner) => keep({ ...chosen, corners: flipped(plan.corners, corner as Corner) })}
                />
              </div>
            </div>
          )}
          {joins && (
            <VisitField joins={joins} apart={chosen.apart} onApart={(apart) => keep({ ...chosen, apart })} />
          )}
          <BeforeField
            figures={figures}
            measuredBy={measuredBy}
            before={before}
            words={(slot) => wordsOf(slot, told)}
            onChange={(changes) => keep({ ...chosen, ...changes })}
          />
          {plan.bleed && <BleederScrews corners={plan.bleed.plan.order.map(({ corner }) => corner)} />}
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
          {GAP_JOBS.includes(id) && <PadGaps corners={plan.corners} springs={plan.springs !== undefined} />}
          {plan.springs && (
            <SpringFields
              jobId={sheet.job.id}
              axle={axleOf(plan.corners[0]!)}
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
                axle={plan.bedIn.input.axle ?? 'front'}
                betterStops={plan.bedIn.plan.betterStops}
                onChange={(bedIn) => setOptions({ ...chosen.options, bedIn })}
              />
            </Opens>
          )}
          <UnitKeys kinds={['pressureUnit', 'lengthUnit', 'temperatureUnit']} />
        </div>
        <PlanSheet
          plan={plan}
          title={procedure.label}
          onLot={(lot) => setOptions({ ...chosen.options, bleed: { ...chosen.options.bleed, lot } })}
        />
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

function flipped(corners: readonly Corner[], corner: Corner): Corner[] {
  return corners.includes(corner) ? corners.filter((each) => each !== corner) : [...corners, corner];
}
