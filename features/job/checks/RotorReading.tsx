'use client';

import { useRef, useState } from 'react';
import { axleOf, type Corner } from '@/core/car/corner';
import { headOf } from '@/core/job/standing';
import { readRotor } from '@/core/rotor/rotor';
import { parseMeasure } from '@/core/units/parse';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { PolarTrace } from '@/ui/PolarTrace';
import { useKept } from '../../shell/useKept';
import { useDesk } from '../desk/Desk';
import { RotorFacts } from './RotorFacts';

type Column = 'runout' | 'thickness';
type Typed = { stations: number; runout: string[]; thickness: string[] };

const STATION_COUNTS = [8, 12, 16, 24];
const blank = (stations: number): Typed => ({
  stations,
  runout: Array(stations).fill(''),
  thickness: Array(stations).fill(''),
});

/** Further out than this is a dial read in another unit, mm. */
const MOST_MM = 2;

/** Runout and thickness round the face, station by station; Enter goes on, the trace draws itself. */
export function RotorReading({ corner }: { corner: Corner }) {
  const { sheet, read, closed } = useDesk();
  const onFile = headOf(sheet.readings, 'before', (row) => row.kind === 'rotor' && row.corner === corner)
    ?.input as { runoutMm: number[]; thicknessMm?: number[] } | null | undefined;
  const [kept, keep] = useKept<Typed | null>(`rotor.${sheet.job.id}.${corner}`, null);
  const typed = kept ?? (onFile ? typedFrom(onFile) : blank(8));
  const [error, setError] = useState<string>();
  const cells = useRef(new Map<string, HTMLInputElement>());
  const axle = sheet.car[axleOf(corner)];

  const values = (column: Column) =>
    typed[column].map((text) => (text.trim() === '' ? null : (parseMeasure(text, 'mm') ?? Number.NaN)));
  const runout = values('runout');
  const thickness = values('thickness');
  const wrong = firstWrong(runout, thickness, typed, axle.rotorNewMm);
  const whole = runout.every((reading) => reading !== null) && wrong === undefined;
  const thick = thickness.every((reading) => reading !== null);
  const input = whole
    ? {
        runoutMm: runout as number[],
        ...(thick ? { thicknessMm: thickness as number[] } : {}),
        ...(axle.rotorNewMm === null ? {} : { newMm: axle.rotorNewMm }),
        ...(axle.rotorMinimumMm === null ? {} : { minimumMm: axle.rotorMinimumMm }),
      }
    : undefined;
  const result = input && readRotor(input);

  const set = (column: Column, station: number, text: string) =>
    keep({ ...typed, [column]: typed[column].map((each, index) => (index === station ? text : each)) });
  const goOn = (column: Column, station: number) => {
    const last = station === typed.stations - 1;
    const next = last ? (column === 'runout' ? 'thickness 0' : undefined) : `${column} ${station + 1}`;
    if (next) cells.current.get(next)?.select();
    if (last && column === 'thickness') save();
  };
  const save = () => {
    if (!input) return setError(wrong ?? 'Every station needs its runout first');
    setError(undefined);
    read('before', 'rotor', input, corner);
    keep(null);
  };

  return (
    <section
      aria-label={`Rotor ${corner}`}
      className="mt-2 grid gap-x-5 gap-y-3 sm:grid-cols-[minmax(0,20rem)_1fr]"
    >
      <PolarTrace
        readings={runout.map((reading) => (reading !== null && Number.isFinite(reading) ? reading : null))}
        wobble={result?.orders[0]}
        limitMm={0.05}
        className="w-full max-w-80"
      />
      <div>
        <Choice
          label={`Stations, ${corner}`}
          value={String(typed.stations)}
          disabled={closed}
          onChange={(value) => value !== '' && keep(resized(typed, Number(value)))}
          options={STATION_COUNTS.map((count) => ({ value: String(count), label: String(count) }))}
        />
        <table className="mt-2 w-full max-w-80">
          <thead>
            <tr className="narrow border-b-2 border-ink text-[0.9375rem]">
              <th scope="col" className="text-left font-semibold">
                Station
              </th>
              <th scope="col" className="text-right font-semibold">
                Runout mm
              </th>
              <th scope="col" className="text-right font-semibold">
                Thickness mm
              </th>
            </tr>
          </thead>
          <tbody>
            {typed.runout.map((_, station) => (
              <tr key={station} className="border-b border-rule">
                <th scope="row" className="reading whitespace-nowrap text-left font-normal">
                  {station + 1}{' '}
                  <span className="text-soft">{Math.round((360 * station) / typed.stations)}°</span>
                </th>
                {(['runout', 'thickness'] as const).map((column) => (
                  <td key={column} className="pl-2">
                    <input
                      ref={(element) => {
                        if (element) cells.current.set(`${column} ${station}`, element);
                      }}
                      aria-label={`${column === 'runout' ? 'Runout' : 'Thickness'} ${corner} station ${station + 1}`}
                      inputMode="decimal"
                      autoComplete="off"
                      disabled={closed}
                      value={typed[column][station]}
                      onChange={(event) => set(column, station, event.target.value)}
                      onKeyDown={(event) => {
                        if (event.key !== 'Enter') return;
                        event.preventDefault();
                        goOn(column, station);
                      }}
                      className="reading min-h-11 w-full bg-transparent px-1 text-right text-lg focus:bg-card"
                    />
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {(error ?? (wrong && wrong !== '')) && (
        <p role="alert" className="font-semibold text-stop sm:col-span-2">
          {wrong ?? error}
        </p>
      )}
      {result && (
        <div className="sm:col-span-2">
          <RotorFacts result={result} />
        </div>
      )}
      <div className="flex flex-wrap gap-3 sm:col-span-2">
        <Button onClick={save} disabled={closed}>
          {onFile ? `Correct the reading ${corner}` : `Take the reading ${corner}`}
        </Button>
        <p className="self-center text-[0.9375rem] text-soft">
          Dial 10 to 15 mm in from the edge. Limit 0.05 mm on the car, common practice; the maker’s figure
          comes first.
        </p>
      </div>
    </section>
  );
}

function typedFrom({ runoutMm, thicknessMm }: { runoutMm: number[]; thicknessMm?: number[] }): Typed {
  return {
    stations: runoutMm.length,
    runout: runoutMm.map(String),
    thickness: runoutMm.map((_, station) => (thicknessMm ? String(thicknessMm[station]) : '')),
  };
}

/** Another count of stations keeps what was read; more of them start empty. */
function resized(typed: Typed, stations: number): Typed {
  const sized = (column: string[]) => Array.from({ length: stations }, (_, station) => column[station] ?? '');
  return { stations, runout: sized(typed.runout), thickness: sized(typed.thickness) };
}

/** The first figure that cannot be right, in words. */
function firstWrong(
  runout: (number | null)[],
  thickness: (number | null)[],
  typed: Typed,
  newMm: number | null,
): string | undefined {
  for (const [station, reading] of runout.entries()) {
    if (reading === null) continue;
    if (!Number.isFinite(reading))
      return `Runout at station ${station + 1} is ${typed.runout[station]}: a number in mm is needed`;
    if (Math.abs(reading) > MOST_MM)
      return `Runout at station ${station + 1} is ${typed.runout[station]}: was ${reading / 100} meant? −${MOST_MM} to ${MOST_MM} mm is accepted`;
  }
  for (const [station, reading] of thickness.entries()) {
    if (reading === null) continue;
    if (!Number.isFinite(reading) || reading < 1 || reading > 80)
      return `Thickness at station ${station + 1} is ${typed.thickness[station]}: 1 to 80 mm is accepted`;
    if (newMm !== null && reading > newMm + 0.2)
      return `Thickness at station ${station + 1} is ${typed.thickness[station]}: not above new (${newMm} mm) by more than 0.2 mm; another rotor?`;
  }
  return undefined;
}
