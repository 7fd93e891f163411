'use client';

import { useMemo } from 'react';
import { CIRCUIT_KINDS, CIRCUITS } from '@/core/car/circuits';
import { CORNERS } from '@/core/car/corner';
import { CORNER_MODEL } from '@/core/readings/heat/corner';
import { heatSession } from '@/core/readings/heat/session';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { NumberField } from '@/ui/Field';
import { Opens } from '@/ui/Opens';
import { useUnits } from '../../../shell/useUnits';
import { FigureTable } from '../FigureTable';
import { BenchFrame } from '../frame/BenchFrame';
import type { BenchPlace } from '../frame/place';
import { useBench } from '../frame/useBench';
import { heatFigures } from './figures';
import { HeatSays } from './HeatSays';
import {
  EMPTY_PEAK,
  EMPTY_ZONE,
  type HeatStart,
  type HeatTyped,
  heatBase,
  heatReadings,
  heatStart,
  MODEL,
  readHeatBench,
  zonesOf,
} from './typed';
import { useSession } from './useSession';

const MOST_ZONES = 40;
const MOST_PEAKS = 20;

/** Heat on the bench: a session lap by lap, which lap stops the brakes, and which one change buys the most laps. */
export function HeatBench({ place, start = {} }: { place: BenchPlace; start?: HeatStart }) {
  const units = useUnits();
  const empty = heatStart(start, units);
  const work = useBench<HeatTyped>('heat', place, { empty, baseOf: heatBase, units });
  const { typed, keep } = work;
  const figuresOf = (each: HeatTyped) => {
    const { input: session } = readHeatBench(each, units);
    return session && heatFigures(heatSession(session), session, units);
  };
  const { input, wrong } = useMemo(() => readHeatBench(typed, units), [typed, units]);
  const { worked, giveUp } = useSession(input);
  const field = (
    name: Exclude<keyof HeatTyped, 'cooling' | 'zones' | 'peaks' | 'model' | 'at'>,
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
    <BenchFrame
      bench="heat"
      title="Heat"
      place={place}
      work={work}
      figuresOf={figuresOf}
      readings={input ? heatReadings(input, typed.at) : []}
      unitKinds={['lengthUnit', 'temperatureUnit']}
      given={
        <>
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
            {field('crack', 'Rotor cracks from', c)}
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
            <p className="mt-2 narrow text-small font-semibold print:hidden">
              Or an invented circuit by kind
            </p>
            <div className="flex flex-wrap gap-2">
              {CIRCUIT_KINDS.map((kind) => (
                <Button key={kind} onClick={() => keep({ ...typed, zones: zonesOf(kind, units) })}>
                  {CIRCUITS[kind].label}
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
              <Button
                className="mt-2"
                onClick={() => keep({ ...typed, peaks: [...typed.peaks, EMPTY_PEAK] })}
              >
                One more peak
              </Button>
            )}
            {place.job && (
              <div className="mt-2">
                <p className="narrow text-small font-semibold">
                  Read at <span className="font-normal text-soft">so that they count in the job</span>
                </p>
                <Choice
                  label="Corner of the peaks"
                  value={typed.at}
                  onChange={(at) => keep({ ...typed, at: at as HeatTyped['at'] })}
                  options={CORNERS.map((corner) => ({ value: corner, label: corner }))}
                />
              </div>
            )}
          </div>
          <Opens head={<span className="narrow font-semibold">The model’s own figures</span>}>
            <div className="grid grid-cols-2 gap-3 pb-2">
              {(Object.keys(MODEL) as (keyof typeof MODEL)[]).map((id) => (
                <NumberField
                  key={id}
                  label={MODEL[id].label}
                  unit={MODEL[id].unit}
                  value={typed.model[id]}
                  error={wrong[`model.${id}`]}
                  placeholder={String(CORNER_MODEL[id])}
                  onChange={(event) =>
                    keep({ ...typed, model: { ...typed.model, [id]: event.target.value } })
                  }
                />
              ))}
            </div>
          </Opens>
          <p className="text-small text-soft">
            One corner as two masses, rotor and caliper with its fluid, cooled by its speed: our model. It
            orders changes rightly; its degrees are this car’s only once it was fitted to measured peaks.
          </p>
        </>
      }
      said={
        <>
          {!input && <p className="text-lg text-stop">Not a session yet: look at the marked figures.</p>}
          {input && worked && <HeatSays worked={worked} input={input} onGiveUp={giveUp} />}
          {input && !worked && <p className="text-soft">Driving the laps …</p>}
        </>
      }
    />
  );
}
