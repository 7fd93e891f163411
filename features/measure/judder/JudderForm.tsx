'use client';

import { useRef, useState } from 'react';
import { CAR_FIGURES, rangeOf } from '@/core/car/figures';
import { JUDDER_RANGES } from '@/core/readings/judder/ranges';
import { type Beat, beatOf } from '@/core/readings/judder/taps';
import { Button } from '@/ui/Button';
import { figure } from '@/ui/format';
import { Trouble } from '@/ui/Trouble';
import { useSettledJob } from '../../record/JobProvider';
import { OnFile } from '../OnFile';
import { ReadingCells } from '../ReadingCells';
import { between, type ReadingField } from '../readFields';
import { type OnDone, useReading } from '../useReading';
import { useReadingForm } from '../useReadingForm';
import { useTyped } from '../useTyped';

const FIELDS = [
  {
    id: 'speedKmh',
    label: 'Speed',
    base: 'km/h',
    decimals: 0,
    ...between(JUDDER_RANGES.speedKmh),
    needed: true,
  },
  {
    id: 'rollingRadiusM',
    label: 'Rolling radius',
    base: 'm',
    decimals: 3,
    ...between(rangeOf(CAR_FIGURES.tyreRadiusM)),
    needed: true,
  },
  {
    id: 'frequencyHz',
    label: 'Beats a second',
    base: '',
    decimals: 2,
    ...between(JUDDER_RANGES.frequencyHz),
    needed: true,
  },
] as const satisfies readonly ReadingField[];
type Name = (typeof FIELDS)[number]['id'];
const BLANK: Record<Name, string> = { speedKmh: '', rollingRadiusM: '', frequencyHz: '' };
const baseOf = (name: string) => FIELDS.find(({ id }) => id === name)?.base;

/** What a judder beats in step with: the speed, and the beat as it is felt, tapped along or typed. */
export function JudderForm({ onDone }: { onDone?: OnDone }) {
  const { sheet } = useSettledJob();
  const slot = useReading('judder');
  const [typed, keep] = useTyped(`judder.${sheet.job.id}`, BLANK, baseOf);
  const own = sheet.car.tyreRadiusM;
  const onFile: Partial<Record<Name, number>> = {
    ...(slot.head?.input as Partial<Record<Name, number>> | undefined),
    ...(own === null ? {} : { rollingRadiusM: own }),
  };
  const form = useReadingForm<Name, typeof BLANK>({
    ...{ fields: FIELDS, slot, cells: 'judder', typed, keep, onFile, onDone },
    clear: () => keep(BLANK),
  });
  const { speedKmh, rollingRadiusM, frequencyHz } = form.values;
  const wheelHz = speedKmh && rollingRadiusM ? speedKmh / 3.6 / (2 * Math.PI * rollingRadiusM) : undefined;
  const order = wheelHz && frequencyHz ? frequencyHz / wheelHz : undefined;
  const save = () => form.take(({ values }) => ({ input: values }));
  return (
    <section aria-label="Judder" className="mt-2 grid gap-2">
      <p className="text-small text-soft">
        A helper drives at a steady speed on a closed road; the passenger taps along with the beat.
      </p>
      <div className="flex flex-wrap items-end gap-3">
        <ReadingCells form={form} width="w-36" onEnd={save} />
        <TapPad disabled={slot.closed} onBeat={({ hz }) => form.set('frequencyHz', hz.toFixed(2))} />
      </div>
      <Trouble>{form.said?.why}</Trouble>
      {wheelHz !== undefined && (
        <p aria-live="polite">
          The wheel turns <b className="reading font-semibold">{figure(wheelHz, 2)}</b> times a second
          {order !== undefined && (
            <>
              , the beat is order <b className="reading font-semibold">{figure(order, 2)}</b>:{' '}
              {orderWords(order)}
            </>
          )}
          .
        </p>
      )}
      <div>
        <Button onClick={save} disabled={slot.closed}>
          {slot.head ? 'Correct the beat' : 'Take the beat'}
        </Button>
      </div>
      <OnFile head={slot.head} earlier={slot.earlier} />
    </section>
  );
}

function orderWords(order: number): string {
  const whole = Math.round(order);
  if (whole < 1 || Math.abs(order - whole) > 0.15) return 'not in step with the wheel';
  return whole === 1 ? 'once a turn' : `${whole} times a turn`;
}

/** Somewhere to tap in time. */
function TapPad({ onBeat, disabled }: { onBeat: (beat: Beat) => void; disabled?: boolean }) {
  const times = useRef<number[]>([]);
  const [beat, setBeat] = useState<Beat>();
  const tap = (at: number) => {
    times.current = [...times.current.slice(-40), at];
    const found = beatOf(times.current);
    setBeat(found);
    if (found) onBeat(found);
  };
  return (
    <div className="flex items-center gap-3">
      <button
        type="button"
        disabled={disabled}
        // Down, not up: a finger is in time when it lands.
        onPointerDown={(event) => tap(event.timeStamp)}
        onKeyDown={(event) => {
          if ((event.key !== ' ' && event.key !== 'Enter') || event.repeat) return;
          event.preventDefault();
          tap(event.timeStamp);
        }}
        className="min-h-20 min-w-36 touch-manipulation border-2 border-ink bg-card text-lg font-semibold select-none active:bg-straw"
      >
        Tap the beat
      </button>
      <span role="status" className="text-small text-soft">
        {beat
          ? `${figure(beat.hz, 2)} a second over ${beat.taps} taps${beat.unevenness > 0.12 ? ', uneven: keep on' : ''}`
          : 'four taps or more'}
      </span>
    </div>
  );
}
