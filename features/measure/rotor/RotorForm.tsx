'use client';

import { useState } from 'react';
import type { Corner } from '@/core/car/corner';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { cn } from '@/ui/cn';
import { NumberField } from '@/ui/Field';
import { PolarTrace } from '@/ui/PolarTrace';
import { Trouble } from '@/ui/Trouble';
import { useUnits } from '../../shell/useUnits';
import { MeasureCell } from '../MeasureCell';
import { OnFile } from '../OnFile';
import type { OnDone } from '../useReading';
import { RotorFacts } from './RotorFacts';
import { RotorRemarks } from './RotorRemarks';
import { StationCell } from './StationCell';
import { LEAST_STATIONS, MOST_STATIONS, STATION_COUNTS } from './typed';
import { type RotorSheet, useRotorSheet } from './useRotorSheet';

/** Runout and thickness round the face, station by station; Enter goes on, the trace draws itself. */
export function RotorForm({ corner, onDone }: { corner: Corner; onDone?: OnDone }) {
  const rotor = useRotorSheet(corner, undefined, onDone);
  const { typed, read, result, slot } = rotor;
  const isTraceBeside = hasRoomBeside(rotor);
  const wrong = read.wrong
    ? `${nameOf(read.wrong.name)} is ${read.wrong.text}: ${read.wrong.why}`
    : rotor.error;
  return (
    <section
      aria-label={`Rotor ${corner}`}
      className={cn(
        'mt-2 grid gap-x-3 gap-y-3 sm:grid-cols-[minmax(0,20rem)_1fr] sm:gap-x-5',
        isTraceBeside && 'xs:grid-cols-[8.5rem_minmax(0,1fr)]',
      )}
    >
      {/* On a phone the trace stays in sight while the figures go by, where there is room for it beside them. */}
      <div className={cn('self-start sm:static', isTraceBeside && 'xs:sticky xs:top-2')}>
        <PolarTrace
          readings={result?.readMm ?? read.runout.map((each) => (Number.isFinite(each) ? each : null))}
          wobble={result?.orders[0]}
          limitMm={rotor.limit.value}
          studs={rotor.axle.studs ?? undefined}
          outlier={result?.outlier?.station}
          className="w-full max-w-80"
        />
      </div>
      {result && (
        <div
          className={cn(
            'col-span-full row-start-3 sm:col-span-1 sm:col-start-1 sm:row-start-2',
            isTraceBeside && 'xs:row-start-2',
          )}
        >
          <RotorFacts result={result} />
        </div>
      )}
      <div
        className={cn(
          'row-start-2 sm:col-start-2 sm:row-span-2 sm:row-start-1',
          isTraceBeside && 'xs:col-start-2 xs:row-start-1',
        )}
      >
        <Stations rotor={rotor} />
        <RotorTable rotor={rotor} />
      </div>
      <Trouble className="col-span-full">{wrong}</Trouble>
      {result && (
        <div className="col-span-full">
          <RotorRemarks rotor={rotor} />
        </div>
      )}
      <div className="col-span-full flex flex-wrap items-center gap-3">
        <Button onClick={() => rotor.save()} disabled={slot.closed}>
          {slot.head ? `Correct the reading ${corner}` : `Take the reading ${corner}`}
        </Button>
        <Button look="quiet" onClick={rotor.addRound} disabled={slot.closed || typed.repeats.length >= 5}>
          One more round
        </Button>
        {typed.repeats.length > 0 && (
          <Button look="quiet" onClick={rotor.dropRound} disabled={slot.closed}>
            Drop the last round
          </Button>
        )}
      </div>
      <div className="col-span-full">
        <OnFile head={slot.head} earlier={slot.earlier} />
      </div>
    </section>
  );
}

/** Whether the trace has room beside the table on a phone: more rounds take its whole width. */
const hasRoomBeside = ({ typed }: RotorSheet): boolean => typed.repeats.length === 0;

/** "Runout at station 3" of `runout.2`. */
function nameOf(name: string): string {
  const [column, first, second] = name.split('.');
  if (column === 'closing') return 'Station 1 again';
  if (column === 'outer') return 'Near the rim';
  if (column === 'inner') return 'Near the hat';
  const station = Number(column === 'repeat' ? second : first) + 1;
  return `${column === 'thickness' ? 'Thickness' : 'Runout'} at station ${station}`;
}

function Stations({ rotor }: { rotor: RotorSheet }) {
  const { typed, slot, corner } = rotor;
  const listed = STATION_COUNTS.includes(typed.stations);
  const [own, setOwn] = useState(false);
  const [count, setCount] = useState(String(typed.stations));
  const wanted = Number(count);
  const fits = Number.isInteger(wanted) && wanted >= LEAST_STATIONS && wanted <= MOST_STATIONS;
  return (
    <div className="flex flex-wrap items-start gap-3">
      <Choice
        label={`Stations, ${corner}`}
        value={own || !listed ? 'own' : String(typed.stations)}
        disabled={slot.closed}
        onChange={(value) => {
          setOwn(value === 'own');
          if (value !== '' && value !== 'own') rotor.resize(Number(value));
        }}
        options={[
          ...STATION_COUNTS.map((each) => ({ value: String(each), label: String(each) })),
          { value: 'own', label: 'Own' },
        ]}
      />
      {(own || !listed) && (
        <NumberField
          label="How many"
          className="w-28"
          value={count}
          disabled={slot.closed}
          error={fits ? undefined : `${count}: ${LEAST_STATIONS} to ${MOST_STATIONS} stations`}
          onChange={(event) => {
            setCount(event.target.value);
            const next = Number(event.target.value);
            if (Number.isInteger(next) && next >= LEAST_STATIONS && next <= MOST_STATIONS) rotor.resize(next);
          }}
        />
      )}
    </div>
  );
}

/** The figures themselves: a row a station, station 1 again to close the round. */
function RotorTable({ rotor }: { rotor: RotorSheet }) {
  const units = useUnits();
  const { typed, corner } = rotor;
  const unit = units.unit('mm');
  const isTraceBeside = hasRoomBeside(rotor);
  const beside = cn('text-soft', isTraceBeside && 'xs:hidden sm:inline');
  const angle = (station: number) => (360 * station) / typed.stations;
  const cell = (name: string, label: string, point: 'rotor_face' | 'rotor_thickness', station: number) => (
    <StationCell {...{ rotor, name, label, point, station }} />
  );
  return (
    <>
      <table className="mt-2 w-full max-w-96 table-fixed">
        <thead>
          <tr className="narrow border-b-2 border-ink text-small">
            <th
              scope="col"
              className={cn('w-16 text-left font-semibold sm:w-20', isTraceBeside && 'xs:w-7 sm:w-20')}
            >
              <span className="reading font-normal">{unit}</span>
            </th>
            <th scope="col" className="text-right font-semibold">
              Runout
            </th>
            {typed.repeats.map((_, set) => (
              <th key={set} scope="col" className="text-right font-semibold">
                Round {set + 2}
              </th>
            ))}
            <th scope="col" className="text-right font-semibold">
              Thick<span className="hidden sm:inline">ness</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {typed.runout.map((_, station) => (
            <tr key={station} className="border-b border-rule">
              <th scope="row" className="reading whitespace-nowrap text-left font-normal">
                {station + 1} <span className={beside}>{Math.round(angle(station))}°</span>
              </th>
              <td className="pl-2">
                {cell(`runout.${station}`, `Runout ${corner} station ${station + 1}`, 'rotor_face', station)}
              </td>
              {typed.repeats.map((_, set) => (
                <td key={set} className="pl-2">
                  {cell(
                    `repeat.${set}.${station}`,
                    `Round ${set + 2} ${corner} station ${station + 1}`,
                    'rotor_face',
                    station,
                  )}
                </td>
              ))}
              <td className="pl-2">
                {cell(
                  `thickness.${station}`,
                  `Thickness ${corner} station ${station + 1}`,
                  'rotor_thickness',
                  station,
                )}
              </td>
            </tr>
          ))}
          <tr className="border-b border-rule">
            <th scope="row" className="reading whitespace-nowrap text-left font-normal">
              1 <span className={beside}>again</span>
            </th>
            <td className="pl-2">{cell('closing', `Station 1 again ${corner}`, 'rotor_face', 0)}</td>
            <td colSpan={typed.repeats.length + 1} className="pl-2 text-right text-small text-soft">
              closes the round
            </td>
          </tr>
        </tbody>
      </table>
      <div className="mt-2 flex max-w-96 gap-3">
        {(
          [
            ['outer', 'Near the rim'],
            ['inner', 'Near the hat'],
          ] as const
        ).map(([name, label]) => (
          <label key={name} htmlFor={rotor.cellId(name)} className="narrow flex-1 text-small">
            {label}
            <MeasureCell
              id={rotor.cellId(name)}
              label={`${label} ${corner}`}
              base="mm"
              quantity="thickness"
              pose={{ point: 'rotor_thickness', corner, angleDeg: 0 }}
              value={rotor.figure(name)}
              disabled={rotor.slot.closed}
              onChange={(text) => rotor.change(name, text)}
              onNext={() => rotor.save()}
              className="border-ink"
            />
          </label>
        ))}
      </div>
    </>
  );
}
