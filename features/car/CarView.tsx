import { inSentence } from '@/core/base/sentence';
import { FLUID_CLASSES } from '@/core/car/fluidClasses';
import type { PhotoRow } from '@/core/car/photos';
import { causeLabel } from '@/core/diagnosis/labels';
import { outcomeLabel } from '@/core/job/outcomes';
import type { WaterTrend } from '@/core/planning/due/water';
import type { FittedPart } from '@/core/planning/shelf/fitted';
import type { CarJob, CarJobs, CarReading } from '@/server/cars/queries';
import type { CarRow } from '@/server/cars/rows';
import type { DueLine } from '@/server/due/queries';
import type { CarFill } from '@/server/fills/queries';
import type { InBay } from '@/server/jobs/inBay';
import type { CarSetup } from '@/server/setups/queries';
import type { CarPast } from '@/server/wear/queries';
import { buttonClass } from '@/ui/Button';
import { CornerPlan } from '@/ui/CornerPlan';
import { cn } from '@/ui/cn';
import { type Calendar, figure, shortDate } from '@/ui/format';
import { Link } from '@/ui/Link';
import { HoldLine } from '../record/HoldLine';
import { plainCorners } from '../record/plan/plain';
import { IfMay } from '../shell/IfMay';
import { CarFigures } from './CarFigures';
import { DueLines } from './DueLines';
import { EventsPanel } from './EventsPanel';
import { FillsPanel } from './fill/FillsPanel';
import { LastReadings } from './LastReadings';
import { OwnSheet } from './OwnSheet';
import { PartsPanel } from './PartsPanel';
import { CarPhotos } from './photo/CarPhotos';
import { SetupsPanel } from './SetupsPanel';
import { WearPanel } from './WearPanel';

type Props = {
  shop: Calendar;
  car: CarRow;
  jobs: CarJobs;
  inBay: InBay[];
  readings: CarReading[];
  due: DueLine[];
  past: CarPast;
  parts: FittedPart[];
  fills: CarFill[];
  photos: PhotoRow[];
  setups: CarSetup[];
  water?: WaterTrend;
};

/** The benches that start from this car's own figures. */
const BENCHES = {
  fluid: 'Fluid bench',
  pedal: 'Pedal bench',
  balance: 'Balance bench',
  heat: 'Heat bench',
} as const;

/** A car: its brakes on the plate and in figures, its jobs, its last readings, what is due. */
export function CarView({
  shop,
  car,
  jobs,
  inBay,
  readings,
  due,
  past,
  parts,
  fills,
  photos,
  setups,
  water,
}: Props) {
  const fluid = readings.find((reading) => reading.kind === 'fluid');
  const moisture = fluid?.input?.moisturePct as number | undefined;
  return (
    <main id="main" className="desk:grid desk:min-h-[calc(100dvh-2.75rem)] desk:grid-cols-[19rem_1fr]">
      <aside className="blueplate flex items-start justify-center p-3">
        <CornerPlan
          corners={plainCorners(car, past.measured)}
          driveSide={car.driveSide ?? 'left'}
          centre={{
            top: car.fluidClass ? FLUID_CLASSES[car.fluidClass].label : 'Fluid',
            reading: moisture === undefined ? '—' : `${figure(moisture, 1)} %`,
            under: moisture === undefined ? 'not read yet' : shortDate(fluid!.recordedAt, shop),
          }}
          className="aspect-[1/2] h-80 desk:sticky desk:top-3 desk:h-[36rem]"
        />
      </aside>
      <div className="p-4 desk:p-6">
        <div className="mb-4 flex flex-wrap items-center gap-3">
          <h1 className="text-3xl">{car.name}</h1>
          <span className="text-soft">{car.note}</span>
          <span className="flex flex-wrap gap-2 desk:ml-auto desk:justify-end">
            {(['fluid', 'pedal', 'balance', 'heat'] as const).map((bench) => (
              <Link key={bench} href={`/bench/${bench}?car=${car.id}`} className={buttonClass('quiet')}>
                {BENCHES[bench]}
              </Link>
            ))}
            <Link href={`/car/${car.id}/report`} className={buttonClass('quiet')}>
              Report
            </Link>
            <Link href={`/car/${car.id}/season`} className={buttonClass('quiet')}>
              Season
            </Link>
            <IfMay right="read">
              <a href={`/api/cars/${car.id}/file`} className={buttonClass('quiet')} download>
                As one file
              </a>
            </IfMay>
            <IfMay right="work">
              <Link href={`/labels?pick=car:${car.id}`} className={buttonClass('quiet')}>
                Label
              </Link>
              <Link href={`/car/${car.id}/edit`} className={buttonClass()}>
                Edit
              </Link>
            </IfMay>
            <IfMay right="tell">
              <Link href={`/job/new?car=${car.id}`} className={buttonClass('primary')}>
                New complaint
              </Link>
            </IfMay>
          </span>
        </div>
        <div className="grid gap-6 xl:grid-cols-[1fr_1fr]">
          <section aria-labelledby="jobs">
            <h2 id="jobs" className="border-b-2 border-ink pb-1 text-xl">
              Jobs
            </h2>
            <ul>
              {jobs.list.map((job) => (
                <JobLine
                  key={job.id}
                  job={job}
                  holds={inBay.find(({ id }) => id === job.id)?.holds ?? []}
                  shop={shop}
                />
              ))}
              {jobs.list.length === 0 && <li className="py-2 text-soft">None yet.</li>}
            </ul>
            {jobs.closed > jobs.list.filter(({ closedAt }) => closedAt).length && (
              <IfMay right="read">
                <Link href={`/ledger?car=${car.id}`} className={cn(buttonClass('quiet'), 'mt-1')}>
                  All {jobs.closed} closed jobs in the ledger
                </Link>
              </IfMay>
            )}
            <h2 className="mt-6 border-b-2 border-ink pb-1 text-xl">Due</h2>
            {due.length > 0 ? (
              <DueLines carId={car.id} lines={due} />
            ) : (
              <p className="border-b border-rule py-2 text-soft">Nothing that the calendar reaches.</p>
            )}
            <FillsPanel car={car} fills={fills} water={water} />
            <EventsPanel carId={car.id} events={past.events} />
            <h2 className="mt-6 border-b-2 border-ink pb-1 text-xl">Last readings</h2>
            <LastReadings readings={readings} />
          </section>
          <div>
            <CarFigures car={car} />
            <OwnSheet car={car} />
            <WearPanel car={car} wear={past.wear} events={past.events} />
            <PartsPanel carId={car.id} parts={parts} events={past.events} />
            <SetupsPanel carId={car.id} setups={setups} />
            <CarPhotos carId={car.id} photos={photos} />
          </div>
        </div>
      </div>
    </main>
  );
}

function JobLine({ job, holds, shop }: { job: CarJob; holds: InBay['holds']; shop: Calendar }) {
  return (
    <li className="border-b border-rule">
      <Link
        href={job.closedAt ? `/ledger/${job.id}` : `/job/${job.id}`}
        className="block py-2 hover:bg-straw-wash"
      >
        <span className="flex justify-between gap-3">
          <b className="font-semibold">{job.complaint || `Job ${job.number}`}</b>
          <span className="reading shrink-0 text-soft">{shortDate(job.openedAt, shop)}</span>
        </span>
        <span className="text-small text-soft">
          {job.outcome
            ? `${outcomeLabel(job.outcome as never)}: ${job.confirmed.map((cause) => inSentence(causeLabel(cause))).join(', ') || 'no cause confirmed'}`
            : 'In the bay'}
        </span>
        {holds.map((hold) => (
          <HoldLine key={hold.id} hold={hold} />
        ))}
      </Link>
    </li>
  );
}
