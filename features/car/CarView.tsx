'use client';

import Link from 'next/link';
import { daysInWords, dayWords } from '@/core/base/dates';
import type { BaseUnit } from '@/core/base/units/display';
import { DRIVES } from '@/core/car/drives';
import { FLUID_CLASSES } from '@/core/car/fluidClasses';
import { ORIGINS } from '@/core/car/origins';
import { SHEET_NOTE_IDS, SHEET_NOTES } from '@/core/car/ownSheet';
import type { PhotoRow } from '@/core/car/photos';
import type { CarSpec } from '@/core/car/spec';
import { causeLabel } from '@/core/diagnosis/labels';
import { outcomeLabel } from '@/core/job/outcomes';
import type { WaterTrend } from '@/core/planning/due/water';
import type { FittedPart } from '@/core/planning/shelf/fitted';
import type { CarJob, CarReading, FollowUp } from '@/server/cars/queries';
import type { CarRow } from '@/server/cars/rows';
import type { CarFill } from '@/server/fills/queries';
import type { CarSetup } from '@/server/setups/queries';
import type { CarPast } from '@/server/wear/queries';
import { buttonClass } from '@/ui/Button';
import { CornerPlan } from '@/ui/CornerPlan';
import { figure, shortDate } from '@/ui/format';
import { FillsPanel } from '../fill/FillsPanel';
import { readingLabel } from '../measure/readingLabel';
import { readingWords } from '../measure/readingWords';
import { CarPhotos } from '../photo/CarPhotos';
import { plainCorners } from '../plan/corners';
import { useShop } from '../shell/ShopContext';
import { useUnits } from '../shell/useUnits';
import { EventsPanel } from './EventsPanel';
import { PartsPanel } from './PartsPanel';
import { SetupsPanel } from './SetupsPanel';
import { WearPanel } from './WearPanel';

type Props = {
  car: CarRow;
  jobs: CarJob[];
  readings: CarReading[];
  due: FollowUp[];
  past: CarPast;
  parts: FittedPart[];
  fills: CarFill[];
  photos: PhotoRow[];
  setups: CarSetup[];
  water?: WaterTrend;
};

/** The benches that start from this car's own figures. */
const BENCHES = { pedal: 'Pedal bench', balance: 'Balance bench', heat: 'Heat bench' } as const;

/** A car: its brakes on the plate and in figures, its jobs, its last readings, what is due. */
export function CarView({ car, jobs, readings, due, past, parts, fills, photos, setups, water }: Props) {
  const shop = useShop();
  const units = useUnits();
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
          <span className="ml-auto flex flex-wrap justify-end gap-2">
            {(['pedal', 'balance', 'heat'] as const).map((bench) => (
              <Link key={bench} href={`/bench/${bench}?car=${car.id}`} className={buttonClass('quiet')}>
                {BENCHES[bench]}
              </Link>
            ))}
            <Link href={`/car/${car.id}/edit`} className={buttonClass()}>
              Edit
            </Link>
            <Link href={`/job/new?car=${car.id}`} className={buttonClass('primary')}>
              New complaint
            </Link>
          </span>
        </div>
        <div className="grid gap-6 xl:grid-cols-[1fr_1fr]">
          <section aria-labelledby="jobs">
            <h2 id="jobs" className="border-b-2 border-ink pb-1 text-xl">
              Jobs
            </h2>
            <ul>
              {jobs.map((job) => (
                <JobLine key={job.id} job={job} />
              ))}
              {jobs.length === 0 && <li className="py-2 text-soft">None yet.</li>}
            </ul>
            <h2 className="mt-6 border-b-2 border-ink pb-1 text-xl">Due</h2>
            <ul>
              {due.map((line) => (
                <li key={line.id} className="flex justify-between gap-3 border-b border-rule py-2">
                  <span>
                    {line.what}
                    {line.why && (
                      <span className="block text-[0.9375rem] text-soft">
                        {units.words(daysInWords(line.why, shop.dateOrder))}
                      </span>
                    )}
                  </span>
                  <span className="reading shrink-0">
                    {line.dueOn ? dayWords(line.dueOn, shop.dateOrder) : 'no date'}
                  </span>
                </li>
              ))}
              {due.length === 0 && <li className="py-2 text-soft">Nothing noted.</li>}
            </ul>
            <FillsPanel car={car} fills={fills} water={water} />
            <EventsPanel carId={car.id} events={past.events} />
            <h2 className="mt-6 border-b-2 border-ink pb-1 text-xl">Last readings</h2>
            <ul>
              {readings.map((reading) => (
                <li
                  key={`${reading.kind} ${reading.corner}`}
                  className="flex justify-between gap-3 border-b border-rule py-2"
                >
                  <span>
                    {readingLabel(reading.kind)} {reading.corner}{' '}
                    <span className="reading font-semibold">{readingWords(reading, units)}</span>
                  </span>
                  <Link href={`/job/${reading.jobId}`} className="shrink-0 underline underline-offset-4">
                    {shortDate(reading.recordedAt, shop)}
                  </Link>
                </li>
              ))}
              {readings.length === 0 && <li className="py-2 text-soft">None yet.</li>}
            </ul>
          </section>
          <div>
            <Figures car={car} />
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

function JobLine({ job }: { job: CarJob }) {
  const shop = useShop();
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
        <span className="text-[0.9375rem] text-soft">
          {job.outcome
            ? `${outcomeLabel(job.outcome as never)}: ${job.confirmed.map(causeLabel).join(', ').toLowerCase() || 'no cause confirmed'}`
            : 'In the bay'}
        </span>
      </Link>
    </li>
  );
}

const WORDS: Record<string, string> = {
  vacuum: 'vacuum booster',
  hydraulic: 'hydraulic',
  none: 'none',
  in_caliper: 'in the caliper',
  drum_in_hat: 'drum in the hat',
  lever_only: 'lever and shoes',
  one_piece: 'one piece',
  two_piece: 'two piece, floating',
  fast_road: 'fast road',
};

/** The specification, every figure with its unit. */
function Figures({ car }: { car: CarSpec }) {
  const shop = useShop();
  const { full, show, unit, asTyped } = useUnits();
  // As it is on file; in another unit as finely as a gauge reads.
  const one = (value: number, base: BaseUnit) =>
    unit(base) === base ? asTyped(value, base) : show(value, base, base === '°C' ? 0 : 2);
  const oneMm = (value: number) => one(value, 'mm');
  const pair = (left: number | null, right: number | null, base: BaseUnit) => {
    const either = (value: number | null) => orDash(value, (known) => one(known, base));
    return left === null && right === null ? '—' : `${either(left)} / ${either(right)}`;
  };
  const word = (value: string | null) => (value === null ? '—' : (WORDS[value] ?? value));
  /** Where the figures at these paths come from, said behind them. */
  const from = (...paths: string[]) => {
    const origins = new Set(paths.flatMap((path) => car.origins[path] ?? []));
    return [...origins].map((origin) => ORIGINS[origin]).join(', ');
  };
  const rows: [label: string, value: string, paths?: string[]][] = [
    ['Driven from the', word(car.driveSide)],
    ['Mass', orDash(car.massKg, (kg) => full(kg, 'kg', 0)), ['massKg']],
    ['Tyre rolling radius', orDash(car.tyreRadiusM, (m) => full(m, 'm', 3)), ['tyreRadiusM']],
    ['Master bore', orDash(car.masterBoreMm, (mm) => full(mm, 'mm', 2)), ['masterBoreMm']],
    ['Pedal ratio', figure(car.pedalRatio, 2), ['pedalRatio']],
    ['Assist', word(car.assist), ['assist']],
    ['ABS', said(car.abs), ['abs']],
    ['Stability control', said(car.stabilityControl), ['stabilityControl']],
    [
      'Parking brake',
      `${word(car.parkingBrake)}${car.electricParkingBrake ? ', set by a motor' : ''}`,
      ['parkingBrake'],
    ],
    ['Brakes by wire', said(car.brakeByWire)],
    ['Driven by', car.drive === null ? '—' : DRIVES[car.drive].toLowerCase()],
    ['Fluid', car.fluidClass ? FLUID_CLASSES[car.fluidClass].label : '—', ['fluidClass']],
    [
      'Boils dry / wet',
      car.fluidDryC === null
        ? 'class minimum'
        : `${show(car.fluidDryC, '°C', 0)} / ${full(car.fluidWetC, '°C', 0)}`,
    ],
    ['Filled', car.fluidFilledOn === null ? '—' : dayWords(car.fluidFilledOn, shop.dateOrder)],
    [
      'Front share of the braking',
      car.frontShare === null ? '—' : `${figure(car.frontShare * 100, 0)} %`,
      ['frontShare'],
    ],
    ...(car.regenShare === null ? [] : [motorTakes(car.regenShare)]),
    ['Bleed order', car.makerOrder === null ? 'computed' : `maker: ${car.makerOrder.join(' ')}`],
  ];
  const axle = ({ front, rear }: CarSpec, show: (each: CarSpec['front']) => string): [string, string] => [
    show(front),
    show(rear),
  ];
  const axles: [label: string, values: [string, string], fields?: string[]][] = [
    ['Brake', axle(car, (each) => each.brake)],
    ['Caliper', axle(car, (each) => (each.brake === 'drum' ? '—' : word(each.caliper))), ['caliper']],
    [`Pistons ${unit('mm')}`, axle(car, (each) => each.pistonsMm.map(oneMm).join(' ') || '—'), ['pistonsMm']],
    ['Bleeders', axle(car, (each) => String(each.bleeders))],
    ['Rotor', axle(car, (each) => (each.brake === 'drum' ? '—' : word(each.rotor))), ['rotor']],
    [
      `Rotor new / min ${unit('mm')}`,
      axle(car, (each) => pair(each.rotorNewMm, each.rotorMinimumMm, 'mm')),
      ['rotorNewMm', 'rotorMinimumMm'],
    ],
    [
      `Pad new / min ${unit('mm')}`,
      axle(car, (each) => pair(each.padNewMm, each.padMinimumMm, 'mm')),
      ['padNewMm', 'padMinimumMm'],
    ],
    [
      `Line left / right ${unit('m')}`,
      axle(car, (each) => pair(each.lineLeftM, each.lineRightM, 'm')),
      ['lineLeftM', 'lineRightM'],
    ],
    ['Compound', axle(car, (each) => word(each.padCompound)), ['padCompound']],
    [
      `Beds in ${unit('°C')}`,
      axle(car, (each) => pair(each.bedLowC, each.bedHighC, '°C')),
      ['bedLowC', 'bedHighC'],
    ],
    [`Rotor weighs ${unit('kg')}`, axle(car, (each) => show(each.rotorMassKg, 'kg', 1)), ['rotorMassKg']],
  ];
  return (
    <section aria-labelledby="figures">
      <h2 id="figures" className="border-b-2 border-ink pb-1 text-xl">
        Figures
      </h2>
      <dl>
        {rows.map(([label, value, paths = []]) => (
          <div key={label} className="flex justify-between gap-3 border-b border-rule py-1.5">
            <dt className="text-soft">{label}</dt>
            <dd className="text-right">
              <span className="reading">{value}</span>
              <From words={from(...paths)} />
            </dd>
          </div>
        ))}
      </dl>
      <table className="mt-4 w-full">
        <thead>
          <tr className="narrow border-b-2 border-ink text-[0.9375rem]">
            <td />
            <th scope="col" className="py-1 text-right font-semibold">
              Front
            </th>
            <th scope="col" className="text-right font-semibold">
              Rear
            </th>
          </tr>
        </thead>
        <tbody>
          {axles.map(([label, [front, rear], fields = []]) => (
            <tr key={label} className="border-b border-rule">
              <th scope="row" className="py-1.5 text-left font-normal text-soft">
                {label}
              </th>
              {(
                [
                  ['front', front],
                  ['rear', rear],
                ] as const
              ).map(([name, value]) => (
                <td key={name} className="text-right">
                  <span className="reading">{value}</span>
                  <From words={from(...fields.map((field) => `${name}.${field}`))} />
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

function motorTakes(share: number): [label: string, value: string, paths: string[]] {
  return ['Motor takes', `${figure(share * 100, 0)} %`, ['regenShare']];
}

/** What the car has of its own at the work, where somebody noted it. */
function OwnSheet({ car: { ownSheet } }: { car: CarSpec }) {
  const noted = SHEET_NOTE_IDS.filter((id) => ownSheet[id] !== undefined);
  if (noted.length === 0) return null;
  return (
    <section aria-labelledby="own-sheet">
      <h2 id="own-sheet" className="mt-6 border-b-2 border-ink pb-1 text-xl">
        Its own sheet
      </h2>
      <dl>
        {noted.map((id) => (
          <div key={id} className="flex justify-between gap-3 border-b border-rule py-1.5">
            <dt className="text-soft">{SHEET_NOTES[id].label}</dt>
            <dd className="text-right font-semibold">{ownSheet[id]}</dd>
          </div>
        ))}
      </dl>
    </section>
  );
}

/** Where a figure comes from, under it; nothing for what was typed. */
function From({ words }: { words: string }) {
  return words === '' ? null : <span className="block text-[0.8125rem] text-soft">{words}</span>;
}

function orDash(value: number | null, show: (value: number) => string): string {
  return value === null ? '—' : show(value);
}

function said(value: boolean | null): string {
  if (value === null) return '—';
  return value ? 'yes' : 'no';
}
