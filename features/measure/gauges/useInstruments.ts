'use client';

import { useEffect, useRef, useState } from 'react';
import { axleOf } from '@/core/car/corner';
import { USUAL_RADII } from '@/core/car/usualRadii';
import type { Condition, Pose } from '@/core/readings/instruments/condition';
import { INSTRUMENTS, type InstrumentKind, instrumentFor } from '@/core/readings/instruments/kinds';
import { simulatedInstrument } from '@/core/readings/instruments/simulate';
import { useJob } from '../../record/JobProvider';
import { useUnits } from '../../shell/useUnits';
import { type Cell, useMeasureFocus } from '../MeasureFocus';
import { greet, type Instrument } from './instrument';
import { serialLink, webSerial } from './serialLink';
import { type SimulatedLink, simulatedLink } from './simulatedLink';

export type Plugged = { instrument: Instrument; simulated?: SimulatedLink };
type Say = (words: string) => void;

/** The instruments that are plugged in, and the field that waits for a figure. */
export function useInstruments() {
  const { armed } = useMeasureFocus();
  const [said, setSaid] = useState('');
  const [choosing, setChoosing] = useState(true);
  const { plugged, plug, unplug } = usePlugged(setSaid);
  const standIn = useStandIn();
  const wanted = armed?.quantity && instrumentFor(armed.quantity);
  const ready = plugged.find((each) => each.instrument.kind === wanted);
  const put = usePut(setSaid, () => setChoosing(false));
  useHands(plugged, wanted);
  // A gauge with a button of its own types whenever it is pressed.
  useEffect(() => {
    for (const { instrument } of plugged)
      instrument.onReading(
        (value) => put(value, instrument, armed),
        (why) => setSaid(`${INSTRUMENTS[instrument.kind].label}: ${why}`),
      );
  });
  const { busy, send } = useSend(setSaid, put);
  const serial = webSerial();
  return {
    armed,
    said,
    choosing,
    setChoosing,
    busy,
    plugged,
    wanted,
    ready,
    plugStandIn: (kind: InstrumentKind) => void plug(() => standIn(kind)),
    /** Where the browser has serial ports. */
    plugSerial:
      serial && (() => void plug(async () => ({ instrument: await greet(await serialLink(serial)) }))),
    unplug,
    send: () => ready && armed && void send(ready.instrument, armed),
  };
}

/** Asks an instrument for a figure, once at a time, and puts it into a field. */
function useSend(say: Say, put: ReturnType<typeof usePut>) {
  const [busy, setBusy] = useState(false);
  const send = async (instrument: Instrument, cell: Cell) => {
    setBusy(true);
    try {
      put(await instrument.read(), instrument, cell);
    } catch (error) {
      say(`${INSTRUMENTS[instrument.kind].label}: ${(error as Error).message}`);
    } finally {
      setBusy(false);
    }
  };
  return { busy, send };
}

/** What is on the trolley; all of it is let go with the page. */
function usePlugged(say: Say) {
  const [plugged, setPlugged] = useState<Plugged[]>([]);
  const all = useRef<Plugged[]>([]);
  all.current = plugged;
  useEffect(
    () => () => {
      for (const each of all.current) each.instrument.close();
    },
    [],
  );
  const drop = (each: Plugged) => setPlugged((now) => now.filter((other) => other !== each));
  return {
    plugged,
    async plug(make: () => Promise<Plugged>) {
      try {
        const each = await make();
        const { label } = INSTRUMENTS[each.instrument.kind];
        each.instrument.onGone((why) => {
          drop(each);
          say(`${label} ${why}`);
        });
        setPlugged((now) => [...now, each]);
        say(`${label} ${each.instrument.serial} plugged in`);
      } catch (error) {
        say(`It could not be plugged in: ${(error as Error).message}`);
      }
    },
    unplug(each: Plugged) {
      if (each.simulated) return each.simulated.unplug();
      each.instrument.close();
      drop(each);
    },
  };
}

/** Makes stand-ins that measure this car's simulated state, which is asked for once. */
function useStandIn(): (kind: InstrumentKind) => Promise<Plugged> {
  const { car } = useJob().sheet;
  const { armed } = useMeasureFocus();
  const condition = useRef<Promise<Condition> | null>(null);
  return async (kind) => {
    condition.current ??= fetch(`/api/cars/${car.id}/simulated`).then((answer) => answer.json());
    const axle = car[axleOf(armed?.pose?.corner ?? 'FL')];
    const simulated = simulatedLink(
      simulatedInstrument(kind, await condition.current, {
        random: Math.random,
        radii: {
          rotorMm: axle.rotorRadiusMm ?? USUAL_RADII.rotorMm,
          hubMm: axle.hubRadiusMm ?? USUAL_RADII.hubMm,
        },
      }),
    );
    return { instrument: await greet(simulated), simulated };
  };
}

/** The technician's hands: a stand-in is put where the waiting field wants it. */
function useHands(plugged: readonly Plugged[], wanted: InstrumentKind | undefined): void {
  const { armed } = useMeasureFocus();
  const pose = armed?.pose ? JSON.stringify(armed.pose) : null;
  useEffect(() => {
    const at = pose === null ? null : (JSON.parse(pose) as Pose);
    for (const each of plugged) each.simulated?.place(each.instrument.kind === wanted ? at : null);
  }, [plugged, pose, wanted]);
}

/** Puts a figure into the field it was read for. @param came told that one came */
function usePut(say: Say, came: () => void) {
  const { armed, deliver } = useMeasureFocus();
  const units = useUnits();
  const waitsNow = useRef(armed);
  waitsNow.current = armed;
  return (value: number, instrument: Instrument, cell: Cell | null) => {
    // All that is needed is plugged in: the list makes room.
    came();
    if (cell && waitsNow.current?.id !== cell.id)
      return say('Another field was picked while it settled; nothing was taken');
    const text = textOf(value, instrument, cell ? units.unit(cell.base) : undefined);
    say(deliver(text) ? `${cell?.label ?? ''}: ${text}` : `${text} came, but no field waits for it`);
  };
}

/** A figure as the field takes it: with its unit where that is not the one the field is typed in. */
function textOf(value: number, { unit, resolution }: Instrument, typedIn: string | undefined): string {
  const text = value.toFixed(decimalsOf(resolution));
  return unit === typedIn ? text : `${text} ${unit}`;
}

export function decimalsOf(resolution: number): number {
  return Math.max(0, Math.ceil(-Math.log10(resolution) - 1e-9));
}
