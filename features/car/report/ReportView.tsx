'use client';

import { daysInWords, dayWords } from '@/core/base/dates';
import { inSentence } from '@/core/base/sentence';
import { CORNER_WORDS } from '@/core/car/corner';
import { FLUID_CLASSES } from '@/core/car/fluidClasses';
import type { ReportPlace } from '@/core/planning/inspect/report';
import type { CarInspection } from '@/server/inspect/queries';
import { Button, buttonClass } from '@/ui/Button';
import { CornerPlan } from '@/ui/CornerPlan';
import { Link } from '@/ui/Link';
import { plainCorners } from '../../record/plan/plain';
import { useShop } from '../../shell/ShopContext';
import { useUnits } from '../../shell/useUnits';
import { OpenJobs } from './OpenJobs';
import { ReportTable } from './ReportTable';

/** A car's brakes as they stand, on a page worth handing over: to be printed, or kept as a PDF from the same window. */
export function ReportView({
  inspection: { car, report, measured, due, inBay, photos },
}: {
  inspection: CarInspection;
}) {
  const shop = useShop();
  const units = useUnits();
  const { open } = report;
  const holds = inBay.flatMap((job) => job.holds);
  const found = report.found + inBay.reduce((sum, job) => sum + job.wrong.length, 0);
  return (
    <main id="main" className="mx-auto max-w-5xl p-4 desk:p-6">
      <div className="mb-4 flex flex-wrap items-start gap-3">
        <div>
          <p className="text-lg font-semibold">{shop.name}</p>
          <h1 className="text-3xl">Brakes of {car.name}</h1>
          <p className="text-soft">
            As they stood on <span className="reading">{dayWords(shop.today, shop.dateOrder)}</span>
          </p>
        </div>
        <span className="ml-auto flex flex-wrap gap-2 print:hidden">
          <Link href={`/car/${car.id}`} className={buttonClass('quiet')}>
            The car
          </Link>
          <Link
            href={`/job/new?${new URLSearchParams({ car: car.id, says: 'Inspection' })}`}
            className={buttonClass()}
          >
            Open an inspection
          </Link>
          <Button look="primary" onClick={() => window.print()}>
            Print, or keep as PDF
          </Button>
        </span>
      </div>
      <section className="grid gap-4 border-y-2 border-ink bg-card px-4 py-3 sm:grid-cols-[9rem_1fr] print:grid-cols-[9rem_1fr]">
        <div className="blueplate p-1">
          <CornerPlan
            compact
            corners={plainCorners(car, measured)}
            driveSide={car.driveSide ?? 'left'}
            className="mx-auto w-full max-w-36"
          />
        </div>
        <div>
          {holds.length > 0 && (
            <p className="text-2xl font-bold text-stop">
              Car stays here: {holds.map(({ label }) => inSentence(label)).join(', ')}
            </p>
          )}
          {found > 0 && (
            <p className="text-2xl font-bold text-stop">
              {found === 1 ? '1 thing not as it should be' : `${found} things not as they should be`}
            </p>
          )}
          {holds.length === 0 && found === 0 && <Sound report={report} />}
          <p className="mt-1">
            {open > 0
              ? `${open} ${open === 1 ? 'reading' : 'readings'} of a plain inspection not taken yet, named below.`
              : 'Every reading of a plain inspection was taken.'}
          </p>
          <p className="mt-1 text-soft">
            {car.fluidClass ? FLUID_CLASSES[car.fluidClass].label : 'Fluid of a class nobody noted'}
            {car.fluidFilledOn && `, filled ${dayWords(car.fluidFilledOn, shop.dateOrder)}`}
            {car.torquesNm?.wheel ? ` · wheels ${units.full(car.torquesNm.wheel, 'N·m', 0)}` : ''}
          </p>
        </div>
      </section>
      {inBay.length > 0 && <OpenJobs jobs={inBay} />}
      {report.places.map((each) => (
        <Place key={each.place} at={each} />
      ))}
      <section aria-labelledby="report-due" className="mt-5 break-inside-avoid">
        <h2 id="report-due" className="border-b-2 border-ink text-xl">
          What is due, and when
        </h2>
        <ul>
          {due.map(({ key, what, why, dueOn }) => (
            <li key={key} className="flex justify-between gap-4 border-b border-rule py-1">
              <span>
                {what}
                {why !== '' && (
                  <span className="block text-small text-soft">
                    {units.words(daysInWords(why, shop.dateOrder))}
                  </span>
                )}
              </span>
              <span className="reading shrink-0">{dueOn ? dayWords(dueOn, shop.dateOrder) : 'no day'}</span>
            </li>
          ))}
          {due.length === 0 && <li className="py-1 text-soft">Nothing that is known of.</li>}
        </ul>
      </section>
      {photos.length > 0 && (
        <section aria-labelledby="report-photos" className="mt-5">
          <h2 id="report-photos" className="mb-2 border-b-2 border-ink text-xl">
            Photographs
          </h2>
          <ul className="grid grid-cols-2 gap-3 sm:grid-cols-3 print:grid-cols-3">
            {photos.slice(0, SHOWN_PHOTOS).map(({ id, caption, place, takenAt }) => (
              <li key={id} className="break-inside-avoid">
                {/* biome-ignore lint/performance/noImgElement: it is kept at the size it is looked at */}
                <img
                  src={`/api/photos/${id}`}
                  alt={caption || `Photograph ${place}`.trim()}
                  className="aspect-[4/3] w-full border border-ink object-cover"
                />
                <span className="text-small">
                  {[place, caption].filter(Boolean).join(': ')}{' '}
                  <span className="reading text-soft">{dayWords(takenAt.slice(0, 10), shop.dateOrder)}</span>
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
      <p className="mt-6 text-small text-soft">
        Limits are this car’s or its maker’s where those are on file, else the shop’s or common practice, as
        each line says. What the maker, or the law where it is driven, asks for comes first.
      </p>
      <div className="mt-12 hidden grid-cols-2 gap-8 print:grid">
        {['Inspected by', 'Received by'].map((who) => (
          <p key={who} className="border-t border-ink pt-1 text-small">
            {who}, date
          </p>
        ))}
      </div>
    </main>
  );
}

/** Said where nothing is wrong and nothing holds the car: only what was read can be good. */
function Sound({ report: { open, places } }: { report: CarInspection['report'] }) {
  if (open === 0) return <p className="text-2xl font-bold text-go">In order</p>;
  const wasRead = places.some(({ lines }) => lines.length > 0);
  if (!wasRead) return <p className="text-2xl font-bold">Nothing read yet</p>;
  return <p className="text-2xl font-bold text-go">Nothing found in what was read</p>;
}

/** As many as a sheet of paper holds. */
const SHOWN_PHOTOS = 9;

function Place({ at: { place, lines, open } }: { at: ReportPlace }) {
  const title = place === '' ? 'The whole car' : CORNER_WORDS[place];
  return (
    <section aria-label={title} className="mt-5 break-inside-avoid">
      <h2 className="border-b-2 border-ink text-xl first-letter:uppercase">{title}</h2>
      {lines.length > 0 && <ReportTable lines={lines} />}
      {open.length > 0 && <p className="py-1 text-soft">Not read: {open.map(inSentence).join(', ')}.</p>}
    </section>
  );
}
