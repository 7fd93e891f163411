'use client';

import { useRef, useState } from 'react';
import { type Beat, beatOf } from '@/core/readings/judder/taps';
import { Button } from '@/ui/Button';
import { figure } from '@/ui/format';
import { Trouble } from '@/ui/Trouble';
import { useJob } from '../../record/JobProvider';
import type { Units } from '../../shell/units';
import { useUnits } from '../../shell/useUnits';
import { focusCell, MeasureCell } from '../MeasureCell';
import { OnFile } from '../OnFile';
import { type OnDone, useReading } from '../useReading';
import { useTyped } from '../useTyped';

const BLANK = { speed: '', radius: '', beat: '' };
const RANGES = {
  speed: { label: 'Speed', base: 'km/h', decimals: 0, low: 5, high: 400 },
  radius: { label: 'Rolling radius', base: 'm', decimals: 3, low: 0.15, high: 0.6 },
  beat: { label: 'Beats a second', base: '', decimals: 2, low: 0.5, high: 500 },
} as const;
type FieldId = keyof typeof RANGES;
const FIELDS: readonly FieldId[] = ['speed', 'radius', 'beat'];
const baseOf = (field: string) => RANGES[field as FieldId]?.base;

/** What each is in the reading. */
const INPUT = { speed: 'speedKmh', radius: 'rollingRadiusM', beat: 'frequencyHz' } as const;

/** What a judder beats in step with: the speed, and the beat as it is felt, tapped along or typed. */
export function JudderForm({ onDone }: { onDone?: OnDone }) {
  const { sheet } = useJob();
  const units = useUnits();
  const slot = useReading('judder');
  const [kept, keep] = useTyped(`judder.${sheet.job.id}`, BLANK, baseOf);
  const [error, setError] = useState<string>();
  const onFile = slot.head?.input as
    | { speedKmh: number; frequencyHz?: number; rollingRadiusM: number }
    | undefined;
  const value = (field: FieldId): number | undefined => {
    const typed = units.read(kept[field], RANGES[field].base);
    if (typed) return typed.value;
    if (field === 'radius') return sheet.car.tyreRadiusM ?? onFile?.rollingRadiusM;
    return field === 'speed' ? onFile?.speedKmh : onFile?.frequencyHz;
  };
  const speed = value('speed');
  const radius = value('radius');
  const beat = value('beat');
  const wheelHz = speed && radius ? speed / 3.6 / (2 * Math.PI * radius) : undefined;
  const order = wheelHz && beat ? beat / wheelHz : undefined;

  const change = (field: FieldId, text: string) => {
    setError(undefined);
    keep({ ...kept, [field]: text });
  };
  const save = () => {
    const wrong = FIELDS.find((field) => {
      const read = value(field);
      const { low, high } = RANGES[field];
      return read === undefined || !(read >= low && read <= high);
    });
    if (wrong) {
      const { label, base, decimals, low, high } = RANGES[wrong];
      setError(
        `${label} is ${kept[wrong] || 'missing'}: ${units.show(low, base, decimals)} to ${units.full(high, base, decimals)} is accepted`,
      );
      focusCell(`judder-${wrong}`);
      return;
    }
    const entered = Object.fromEntries(
      FIELDS.flatMap((field) => {
        const said = units.read(kept[field], RANGES[field].base)?.entered;
        return said ? [[INPUT[field], said]] : [];
      }),
    );
    const row = slot.save({ speedKmh: speed!, rollingRadiusM: radius!, frequencyHz: beat! }, entered);
    keep(BLANK);
    onDone?.(row);
  };
  return (
    <section aria-label="Judder" className="mt-2 grid gap-2">
      <p className="text-small text-soft">
        A helper drives at a steady speed on a closed road; the passenger taps along with the beat.
      </p>
      <div className="flex flex-wrap items-end gap-3">
        {FIELDS.map((field, index) => (
          <label key={field} htmlFor={`judder-${field}`} className="narrow w-36 text-small">
            {RANGES[field].label} <span className="reading text-soft">{units.unit(RANGES[field].base)}</span>
            <MeasureCell
              id={`judder-${field}`}
              label={RANGES[field].label}
              base={RANGES[field].base}
              value={kept[field]}
              placeholder={shown(value(field), field, units)}
              disabled={slot.closed}
              onChange={(text) => change(field, text)}
              onNext={() => (index < FIELDS.length - 1 ? focusCell(`judder-${FIELDS[index + 1]}`) : save())}
              className="border-ink"
            />
          </label>
        ))}
        <TapPad disabled={slot.closed} onBeat={({ hz }) => change('beat', hz.toFixed(2))} />
      </div>
      <Trouble>{error}</Trouble>
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

function shown(value: number | undefined, field: FieldId, units: Units): string | undefined {
  const { base, decimals } = RANGES[field];
  return value === undefined ? undefined : units.show(value, base, decimals);
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
