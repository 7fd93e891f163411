'use client';

import { Plug, Unplug } from 'lucide-react';
import { useEffect, useState } from 'react';
import { inSentence } from '@/core/base/sentence';
import { INSTRUMENT_KINDS, INSTRUMENTS, instrumentFor } from '@/core/readings/instruments/kinds';
import { Button } from '@/ui/Button';
import { figure } from '@/ui/format';
import { decimalsOf, type Plugged, useInstruments } from './useInstruments';

/** Instruments on the trolley: plug one in, put its reading in the field that waits. */
export function GaugeBar() {
  const gauges = useInstruments();
  const { armed, plugged, choosing, busy, wanted, ready } = gauges;
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
            onUnplug={() => gauges.unplug(each)}
          />
        ))}
        <li>
          <Button look="quiet" aria-expanded={choosing} onClick={() => gauges.setChoosing(!choosing)}>
            <Plug aria-hidden="true" size={18} /> {choosing ? 'That is all' : 'Plug in …'}
          </Button>
        </li>
      </ul>
      {choosing && (
        <div className="flex flex-wrap gap-2 border-t border-rule py-1">
          {INSTRUMENT_KINDS.filter((kind) => !plugged.some((each) => each.instrument.kind === kind)).map(
            (kind) => (
              <Button key={kind} onClick={() => gauges.plugStandIn(kind)}>
                {INSTRUMENTS[kind].label}
              </Button>
            ),
          )}
          {gauges.plugSerial && <Button onClick={gauges.plugSerial}>Serial port</Button>}
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
          onClick={gauges.send}
        >
          {busy ? 'Settling …' : 'Take it'}
        </Button>
        <span className="min-w-0 flex-1">
          {armed ? `For: ${armed.label}` : 'Pick the field the next figure is for.'}
          {armed?.quantity &&
            !ready &&
            `; plug in the ${inSentence(INSTRUMENTS[instrumentFor(armed.quantity)].label)}`}
        </span>
        <span role="status" className="reading text-soft">
          {gauges.said}
        </span>
      </div>
    </section>
  );
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
          aria-label={`Data: the ${inSentence(label)}’s own button`}
          onPointerDown={(event) => event.preventDefault()}
          onMouseDown={(event) => event.preventDefault()}
          onClick={simulated.pressData}
        >
          Data
        </Button>
      )}
      <Button look="quiet" aria-label={`Unplug the ${inSentence(label)}`} onClick={onUnplug}>
        <Unplug aria-hidden="true" size={18} />
      </Button>
    </li>
  );
}
