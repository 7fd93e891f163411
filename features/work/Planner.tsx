'use client';

import { dayWords } from '@/core/base/dates';
import { inSentence } from '@/core/base/sentence';
import { CORNERS, type Corner } from '@/core/car/corner';
import { causeLabel } from '@/core/diagnosis/labels';
import { PROCEDURE_IDS, PROCEDURES, type ProcedureId } from '@/core/planning/library';
import { fitsCar } from '@/core/planning/procedure';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { SelectField } from '@/ui/Field';
import { Keys } from '@/ui/Keys';
import { useJob } from '../record/JobProvider';
import { useShop } from '../shell/ShopContext';
import { UnitKeys } from '../shell/UnitKeys';
import { BeforeField } from './BeforeField';
import { JobMinutes } from './JobMinutes';
import { OtherWorkFields } from './OtherWorkFields';
import { PlanSheet } from './PlanSheet';
import { PlanWays } from './PlanWays';
import { knownJob, type PlannerState, titleOf, usePlanner } from './usePlanner';
import { VisitField } from './VisitField';

/** What is done next: the job for the cause, where, measured by what, and the whole plan before it starts. */
export function Planner({ suggested, onCancel }: { suggested?: ProcedureId; onCancel?: () => void }) {
  const planner = usePlanner(suggested);
  const { id, chosen, procedure, plan, joins, figures, measuredBy, before, words } = planner;
  return (
    <section
      className="border-2 border-ink bg-card p-4 print:border-0 print:p-0"
      aria-label="Plan of the work"
    >
      <form
        className="grid gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          planner.start();
        }}
      >
        <PlannerHead planner={planner} onCancel={onCancel} />
        <div className="grid gap-3 print:hidden">
          <JobChoice planner={planner} />
          {id === 'other' && (
            <OtherWorkFields
              title={chosen.title}
              touches={chosen.options.touches ?? []}
              error={planner.error}
              onTitle={(title) => planner.change({ title })}
              onTouches={(touches) => planner.setOptions({ touches })}
            />
          )}
          <WhereKeys planner={planner} />
          {joins && (
            <VisitField joins={joins} apart={chosen.apart} onApart={(apart) => planner.change({ apart })} />
          )}
          <BeforeField
            figures={figures}
            measuredBy={measuredBy}
            before={before}
            words={words}
            onChange={planner.change}
          />
          <PlanWays planner={planner} />
          <UnitKeys kinds={['pressureUnit', 'lengthUnit', 'temperatureUnit']} />
        </div>
        <PlanSheet
          plan={plan}
          title={procedure.label}
          onLot={(lot) => planner.setOptions({ bleed: { ...chosen.options.bleed, lot } })}
        />
      </form>
    </section>
  );
}

/** What it is and what for, and the way to begin. */
function PlannerHead({ planner, onCancel }: { planner: PlannerState; onCancel?: () => void }) {
  const { sheet } = useJob();
  const { today, dateOrder } = useShop();
  const { id, cause, chosen, procedure, plan } = planner;
  return (
    <div className="flex flex-wrap items-start gap-3">
      <div className="min-w-0 flex-1 basis-full sm:basis-64">
        <p className="hidden text-lg print:block">
          <b className="font-semibold">{sheet.car.name}</b>,{' '}
          {sheet.job.complaint || `job ${sheet.job.number}`}, {dayWords(today, dateOrder)}
        </p>
        {cause && (
          <p className="text-soft">
            For {inSentence(causeLabel(cause.id))} {cause.corner}
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
  );
}

/** The jobs for the cause side by side, and the whole library behind them. */
function JobChoice({ planner: { id, jobs, pick } }: { planner: PlannerState }) {
  const { sheet } = useJob();
  const pickKnown = (value: string) => {
    const job = knownJob(value);
    if (job) pick(job);
  };
  return (
    <div className="flex flex-wrap items-end gap-3">
      {jobs.length > 1 && (
        <Choice
          label="The job"
          value={id}
          onChange={pickKnown}
          options={jobs.map((each) => ({
            value: each,
            label: each === 'other' ? 'Other work' : PROCEDURES[each].label,
          }))}
        />
      )}
      <SelectField label="Or another job" value="" onChange={(event) => pickKnown(event.target.value)}>
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
  );
}

function WhereKeys({ planner: { procedure, plan, change } }: { planner: PlannerState }) {
  if (procedure.scope === 'car') return null;
  return (
    <div>
      <p className="narrow text-small font-semibold">
        Where{' '}
        {procedure.scope === 'axle' && <span className="font-normal text-soft">in pairs on an axle</span>}
      </p>
      <div className="flex">
        <Keys
          keys={CORNERS.map((corner) => ({
            value: corner,
            label: corner,
            pressed: plan.corners.includes(corner),
          }))}
          onPress={(corner) => change({ corners: flipped(plan.corners, corner as Corner) })}
        />
      </div>
    </div>
  );
}

function flipped(corners: readonly Corner[], corner: Corner): Corner[] {
  return corners.includes(corner) ? corners.filter((each) => each !== corner) : [...corners, corner];
}
