'use client';

import { Plug, Unplug } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { axleOf } from '@/core/car/corner';
import { USUAL_RADII } from '@/core/car/usualRadii';
import type { Condition, Pose } from '@/core/readings/instruments/condition';
import {
  INSTRUMENT_KINDS,
  INSTRUMENTS,
  type InstrumentKind,
  instrumentFor,
} from '@/core/readings/instruments/kinds';
import { simulatedInstrument } from '@/core/readings/instruments/simulate';
import { Button } from '@/ui/Button';
import { figure } from '@/ui/format';
import { useJob } from '../../record/JobProvider';
import { useUnits } from '../../shell/useUnits';
import { type Cell, useMeasureFocus } from '../MeasureFocus';
import { greet, type Instrument } from './instrument';
import { serialLink, webSerial } from './serialLink';
import { type SimulatedLink, simulatedLink } from './simulatedLink';

type Plugged = { instrument: Instrument; simulated?: SimulatedLink };

/** Instruments on the trolley: plug one in, put its reading in the field that waits. */
export function GaugeBar() {
  const { sheet } = useJob();
  const { armed, deliver } = useMeasureFocus();
  const units = useUnits();
  const [choosing, setChoosing] = useState(true);
  const [plugged, setPlugged] = useState<Plugged[]>([]);
  const [said, setSaid] = useState('');
  const [busy, setBusy] = useState(false);
  const condition = useRef<Promise<Condition> | null>(null);
  const carId = sheet.car.id;
  const all = useRef<Plugged[]>([]);
  all.current = plugged;
  useEffect(
    () => () => {
      for (const each of all.current) each.instrument.close();
    },
    [],
  );

  const waitsNow = useRef(armed);
  waitsNow.current = armed;
  const put = (value: number, instrument: Instrument, cell: Cell | null) => {
    // All that is needed is plugged in: the list makes room.
    setChoosing(false);
    if (cell && waitsNow.current?.id !== cell.id)
      return setSaid('Another field was picked while it settled; nothing was taken');
    const text = textOf(value, instrument, cell ? units.unit(cell.base) : undefined);
    setSaid(deliver(text) ? `${cell?.label ?? ''}: ${text}` : `${text} came, but no field waits for it`);
  };
  const plug = async (make: () => Promise<Plugged>) => {
    try {
      const each = await make();
      each.instrument.onGone((why) => {
        setPlugged((now) => now.filter((other) => other !== each));
        setSaid(`${INSTRUMENTS[each.instrument.kind].label} ${why}`);
      });
      setPlugged((now) => [...now, each]);
      setSaid(`${INSTRUMENTS[each.instrument.kind].label} ${each.instrument.serial} plugged in`);
    } catch (error) {
      setSaid(`It could not be plugged in: ${(error as Error).message}`);
    }
  };
  const plugSimulated = (kind: InstrumentKind) =>
    plug(async () => {
      condition.current ??= fetch(`/api/cars/${carId}/simulated`).then((answer) => answer.json());
      const axle = sheet.car[axleOf(armed?.pose?.corner ?? 'FL')];
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
    });
  const serial = webSerial();
  const wanted = armed?.quantity && instrumentFor(armed.quantity);
  const ready = plugged.find((each) => each.instrument.kind === wanted);
  const send = async () => {
    if (!ready || !armed) return;
    setBusy(true);
    try {
      put(await ready.instrument.read(), ready.instrument, armed);
    } catch (error) {
      setSaid(`${INSTRUMENTS[ready.instrument.kind].label}: ${(error as Error).message}`);
    } finally {
      setBusy(false);
    }
  };
  // The technician's hands: a stand-in is put where the waiting field wants it.
  const pose = armed?.pose ? JSON.stringify(armed.pose) : null;
  useEffect(() => {
    const at = pose === null ? null : (JSON.parse(pose) as Pose);
    for (const each of plugged) each.simulated?.place(each.instrument.kind === wanted ? at : null);
  }, [plugged, pose, wanted]);
  // A gauge with a button of its own types whenever it is pressed.
  useEffect(() => {
    for (const { instrument } of plugged)
      instrument.onReading(
        (value) => put(value, instrument, armed),
        (why) => setSaid(`${INSTRUMENTS[instrument.kind].label}: ${why}`),
      );
  });

  return (
    <section
      aria-label="Gauges"
      className="sticky top-0 z-20 mb-2 border-2 border-ink bg-card p-2 desk:-top-5"
    >
      <ul className="flex flex-wrap items-center gap-2">
        {plugged.map((each) => (
          <PluggedIn
            key={each.instrument.kind}
            plugged={each}
            waiting={each.instrument.kind === wanted}
            onUnplug={() => {
              if (each.simulated) return each.simulated.unplug();
              each.instrument.close();
              setPlugged((now) => now.filter((other) => other !== each));
            }}
          />
        ))}
        <li>
          <Button look="quiet" aria-expanded={choosing} onClick={() => setChoosing(!choosing)}>
            <Plug aria-hidden="true" size={18} /> {choosing ? 'That is all' : 'Plug in …'}
          </Button>
        </li>
      </ul>
      {choosing && (
        <div className="flex flex-wrap gap-2 border-t border-rule py-1">
          {INSTRUMENT_KINDS.filter((kind) => !plugged.some((each) => each.instrument.kind === kind)).map(
            (kind) => (
              <Button key={kind} onClick={() => void plugSimulated(kind)}>
                {INSTRUMENTS[kind].label}
              </Button>
            ),
          )}
          {serial && (
            <Button
              onClick={() => void plug(async () => ({ instrument: await greet(await serialLink(serial)) }))}
            >
              Serial port
            </Button>
          )}
          <p className="basis-full text-small text-soft">
            The named ones are stand-ins that measure this car’s simulated state. A gauge that types needs no
            plug: its figures land in the field that has the cursor.
          </p>
        </div>
      )}
      <div className="mt-1 flex flex-wrap items-center gap-3">
        <Button
          look="primary"
          disabled={!ready || busy}
          onPointerDown={(event) => event.preventDefault()}
          onMouseDown={(event) => event.preventDefault()}
          onClick={() => void send()}
        >
          {busy ? 'Settling …' : 'Take it'}
        </Button>
        <span className="min-w-0 flex-1">
          {armed ? `For: ${armed.label}` : 'Pick the field the next figure is for.'}
          {armed?.quantity &&
            !ready &&
            `; plug in the ${INSTRUMENTS[instrumentFor(armed.quantity)].label.toLowerCase()}`}
        </span>
        <span role="status" className="reading text-soft">
          {said}
        </span>
      </div>
    </section>
  );
}

/** A figure as the field takes it: with its unit where that is not the one the field is typed in. */
function textOf(value: number, { unit, resolution }: Instrument, typedIn: string | undefined): string {
  const text = value.toFixed(decimalsOf(resolution));
  return unit === typedIn ? text : `${text} ${unit}`;
}

function decimalsOf(resolution: number): number {
  return Math.max(0, Math.ceil(-Math.log10(resolution) - 1e-9));
}

/** One instrument on its line, its display, and what can be done to a stand-in by hand. */
function PluggedIn({
  plugged: { instrument, simulated },
  waiting,
  onUnplug,
}: {
  plugged: Plugged;
  waiting: boolean;
  onUnplug: () => void;
}) {
  const [shown, setShown] = useState<{ value: number; settled: boolean } | null>(null);
  useEffect(() => {
    if (!simulated) return;
    const timer = setInterval(() => setShown(simulated.display()), 120);
    return () => clearInterval(timer);
  }, [simulated]);
  const { label, unit } = INSTRUMENTS[instrument.kind];
  const decimals = decimalsOf(instrument.resolution);
  return (
    <li className="flex items-center gap-2 border border-rule px-2">
      <span className={waiting ? 'font-semibold' : 'text-soft'}>{label}</span>
      {simulated && (
        <samp className="reading min-w-44 text-right text-lg">
          <span className="sr-only">shows</span>{' '}
          {shown ? `${figure(shown.value, decimals)} ${unit}${shown.settled ? '' : ' settling'}` : '---'}
        </samp>
      )}
      {instrument.kind === 'dial' && (
        <Button
          look="quiet"
          onPointerDown={(event) => event.preventDefault()}
          onMouseDown={(event) => event.preventDefault()}
          onClick={() => void instrument.zero().catch(() => {})}
        >
          Zero
        </Button>
      )}
      {simulated && (
        <Button
          look="quiet"
          aria-label={`Data: the ${label.toLowerCase()}’s own button`}
          onPointerDown={(event) => event.preventDefault()}
          onMouseDown={(event) => event.preventDefault()}
          onClick={simulated.pressData}
        >
          Data
        </Button>
      )}
      <Button look="quiet" aria-label={`Unplug the ${label.toLowerCase()}`} onClick={onUnplug}>
        <Unplug aria-hidden="true" size={18} />
      </Button>
    </li>
  );
}
