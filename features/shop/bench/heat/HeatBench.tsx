'use client';

import { useMemo } from 'react';
import { heatSession } from '@/core/readings/heat/session';
import { useUnits } from '../../../shell/useUnits';
import { BenchFrame } from '../frame/BenchFrame';
import type { BenchPlace } from '../frame/place';
import { useBench } from '../frame/useBench';
import { heatFigures } from './figures';
import { CarFields, LapFields, ModelFields, PeakFields } from './HeatFields';
import { HeatSays } from './HeatSays';
import { type HeatStart, type HeatTyped, heatBase, heatReadings, heatStart, readHeatBench } from './typed';
import { useSession } from './useSession';

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
  const fields = { typed, wrong, keep };
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
          <CarFields {...fields} />
          <LapFields {...fields} />
          <PeakFields {...fields} ofJob={place.job !== undefined} />
          <ModelFields {...fields} />
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
          {input && !worked && <p className="min-h-[40rem] text-soft">Driving the laps …</p>}
        </>
      }
    />
  );
}
