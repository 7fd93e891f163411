'use client';

import { useMemo } from 'react';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { NumberField } from '@/ui/Field';
import { useKeptFigures } from '../../shell/useKeptFigures';
import { useUnits } from '../../shell/useUnits';
import { FigureTable } from '../FigureTable';
import { HeatSays } from './HeatSays';
import {
  EMPTY_PEAK,
  EMPTY_ZONE,
  type HeatStart,
  type HeatTyped,
  heatBase,
  heatStart,
  LAPS,
  type LapKind,
  readHeatBench,
  zonesOf,
} from './typed';
import { useSession } from './useSession';

/** What the bench starts from: a car's own figures, where it was opened from one. */
export type HeatOf = { id: string; name: string; start: HeatStart };

const MOST_ZONES = 40;
const MOST_PEAKS = 20;

/** Heat on the bench: a session lap by lap, which lap stops the brakes, and which one change buys the most laps. */
export function HeatBench({ car }: { car?: HeatOf }) {
  const units = useUnits();
  const empty = heatStart(car?.start ?? {}, units);
  const [typed, keep] = useKeptFigures<HeatTyped>(`bench.heat.${car?.id ?? 'any'}`, empty, heatBase);
  const { input, wrong } = useMemo(() => readHeatBench(typed, units), [typed, units]);
  const worked = useSession(input);
  const field = (
    name: Exclude<keyof HeatTyped, 'cooling' | 'zones' | 'peaks'>,
    label: string,
    unit: string,
  ) => (
    <NumberField
      label={label}
      unit={unit}
      value={typed[name]}
      error={wrong[name]}
      onChange={(event) => keep({ ...typed, [name]: event.target.value })}
    />
  );
  const c = units.unit('°C');
  return (
    <main id="main" className="grid gap-6 p-4 desk:grid-cols-[26rem_1fr] desk:p-6">
      <section aria-labelledby="given" className="grid content-start gap-4">
        <h1 id="given" className="text-3xl">
          Heat{car && <span className="narrow ml-3 text-lg font-normal text-soft">{car.name}</span>}
        </h1>
        <div className="grid grid-cols-3 gap-3">
          {field('mass', 'Mass', units.unit('kg'))}
          {field('share', 'At this axle', '%')}
          {field('regen', 'Motor takes', '%')}
          {field('rotor', 'Rotor weighs', units.unit('kg'))}
          {field('worn', 'Pads worn', '%')}
          {field('ambient', 'Outside', c)}
          {field('laps', 'Laps', '')}
          {field('pad', 'Pads good to', c)}
          {field('fluid', 'Fluid boils', c)}
        </div>
        <Choice
          label="Air to the rotor"
          value={typed.cooling}
          onChange={(cooling) =>
            cooling !== '' && keep({ ...typed, cooling: cooling as HeatTyped['cooling'] })
          }
          options={[
            { value: 'none', label: 'No duct' },
            { value: 'face', label: 'At one face', tone: 'watch' },
            { value: 'core', label: 'To the core' },
          ]}
        />
        <div>
          <FigureTable
            caption="A lap: where it brakes"
            columns={[
              { id: 'from', label: 'From', unit: units.unit('km/h') },
              { id: 'to', label: 'To', unit: units.unit('km/h') },
              { id: 'away', label: 'To the next', unit: 's' },
            ]}
            rows={typed.zones}
            wrong={wrong}
            onChange={(zones) => keep({ ...typed, zones })}
          />
          <div className="mt-2 flex flex-wrap gap-2">
            {typed.zones.length < MOST_ZONES && (
              <Button onClick={() => keep({ ...typed, zones: [...typed.zones, EMPTY_ZONE] })}>
                One more zone
              </Button>
            )}
            {typed.zones.length > 1 && (
              <Button onClick={() => keep({ ...typed, zones: typed.zones.slice(0, -1) })}>
                Last one off
              </Button>
            )}
          </div>
          <p className="mt-2 narrow text-[0.9375rem] font-semibold">Or an invented circuit by kind</p>
          <div className="flex flex-wrap gap-2">
            {(Object.keys(LAPS) as LapKind[]).map((kind) => (
              <Button key={kind} onClick={() => keep({ ...typed, zones: zonesOf(kind, units) })}>
                {LAPS[kind].label}
              </Button>
            ))}
          </div>
        </div>
        <div className="grid grid-cols-2 gap-3">
          {field('coolS', 'Cool-down', 's')}
          {field('coolKmh', 'at', units.unit('km/h'))}
        </div>
        <div>
          <FigureTable
            caption="Measured peaks, to fit the model to this car"
            columns={[
              { id: 'lap', label: 'Lap' },
              { id: 'rotorC', label: 'Rotor, paint', unit: c },
              { id: 'caliperC', label: 'Caliper, strip', unit: c },
            ]}
            rows={typed.peaks}
            wrong={wrong}
            onChange={(peaks) => keep({ ...typed, peaks })}
          />
          {typed.peaks.length < MOST_PEAKS && (
            <Button className="mt-2" onClick={() => keep({ ...typed, peaks: [...typed.peaks, EMPTY_PEAK] })}>
              One more peak
            </Button>
          )}
        </div>
        <p className="text-[0.9375rem] text-soft">
          One corner as two masses, rotor and caliper with its fluid, cooled by its speed: our model. It
          orders changes rightly; its degrees are this car’s only once it was fitted to measured peaks.
        </p>
        <Button onClick={() => keep(empty)}>Start afresh</Button>
      </section>
      <section aria-labelledby="said" className="grid content-start gap-6">
        <h2 id="said" className="sr-only">
          What it means
        </h2>
        {!input && <p className="text-lg text-stop">Not a session yet: look at the marked figures.</p>}
        {input && worked && <HeatSays worked={worked} input={input} />}
        {input && !worked && <p className="text-soft">Driving the laps …</p>}
      </section>
    </main>
  );
}
