'use client';

import { useState } from 'react';
import { assistOf } from '@/core/car/traits';
import { traitsOf } from '@/core/car/traitsOf';
import { pedalRatio } from '@/core/hydraulics/pedalRatio';
import type { PedalRatioInput } from '@/core/hydraulics/pedalRatioSchema';
import { Button } from '@/ui/Button';
import { figure } from '@/ui/format';
import { PedalPicture } from '@/ui/PedalPicture';
import { useDesk } from '../../job/desk/Desk';
import { useUnits } from '../../shell/useUnits';
import { focusCell, MeasureCell } from '../MeasureCell';
import { OnFile } from '../OnFile';
import { useReading } from '../useReading';
import { useTyped } from '../useTyped';

/** The lengths on the pedal; those after B are for a change of the ratio and may stay empty. */
const FIELDS = [
  { id: 'aMm', label: 'A, pivot to pad', base: 'mm', low: 50, high: 600, needed: true },
  { id: 'bMm', label: 'B, pivot to clevis', base: 'mm', low: 10, high: 300, needed: true },
  { id: 'targetRatio', label: 'Ratio wanted', base: '', low: 1, high: 12, needed: false },
  { id: 'travelMm', label: 'Travel of a full stroke', base: 'mm', low: 1, high: 400, needed: false },
  { id: 'floorMm', label: 'Room to the floor', base: 'mm', low: 1, high: 400, needed: false },
] as const;

type Name = (typeof FIELDS)[number]['id'];
const EMPTY: Record<Name, string> = { aMm: '', bMm: '', targetRatio: '', travelMm: '', floorMm: '' };

/** Lengths on the pedal; the ratio, its band, and what a change would do, drawn to scale. */
export function PedalRatioForm({ onDone }: { onDone?: () => void }) {
  const { sheet } = useDesk();
  const units = useUnits();
  const slot = useReading('pedal-ratio');
  const [typed, keep] = useTyped(`pedal-ratio.${sheet.job.id}`, EMPTY);
  const [error, setError] = useState<string>();
  const assisted = assistOf(traitsOf(sheet.car)) !== 'none';
  const onFile = slot.head?.input as PedalRatioInput | undefined;
  const read = Object.fromEntries(
    FIELDS.map(({ id, base }) => [id, units.read(typed[id] ?? '', base)]),
  ) as Record<Name, ReturnType<typeof units.read>>;
  const value = (id: Name) => read[id]?.value ?? onFile?.[id];
  const wrongOf = ({ id, base, label, low, high, needed }: (typeof FIELDS)[number]): string | undefined => {
    const is = value(id);
    if (is === undefined ? !needed : is >= low && is <= high) return undefined;
    return `${label} is ${typed[id] || 'missing'}: ${units.show(low, base, 0)} to ${units.full(high, base, 0)} is accepted`;
  };
  const input = {
    aMm: value('aMm')!,
    bMm: value('bMm')!,
    assisted,
    ...Object.fromEntries(
      (['targetRatio', 'travelMm', 'floorMm'] as const)
        .map((id) => [id, value(id)] as const)
        .filter(([, is]) => is !== undefined),
    ),
  };
  const whole = FIELDS.every((field) => wrongOf(field) === undefined) && input.bMm < input.aMm;
  const save = () => {
    const wrong = FIELDS.map(wrongOf).find((each) => each !== undefined);
    if (wrong) return setError(wrong);
    if (input.bMm >= input.aMm) return setError(`B is ${typed.bMm}: less than A`);
    setError(undefined);
    const entered = Object.fromEntries(
      FIELDS.flatMap(({ id }) => (read[id]?.entered ? [[id, read[id]!.entered!]] : [])),
    );
    slot.save(input, entered);
    keep(EMPTY);
    onDone?.();
  };
  return (
    <section aria-label="Pedal ratio" className="mt-2 grid gap-2">
      <div className="flex flex-wrap items-end gap-3">
        {FIELDS.map(({ id, label, base }, index) => (
          <label key={id} htmlFor={`ratio-${id}`} className="narrow w-40 text-[0.9375rem]">
            {label} <span className="reading text-soft">{base === '' ? '' : units.unit(base)}</span>
            <MeasureCell
              id={`ratio-${id}`}
              label={label}
              base={base}
              value={typed[id] ?? ''}
              placeholder={
                onFile?.[id] === undefined ? undefined : units.show(onFile[id], base, base === '' ? 2 : 0)
              }
              disabled={slot.closed}
              onChange={(text) => {
                setError(undefined);
                keep({ ...EMPTY, ...typed, [id]: text });
              }}
              onNext={() => {
                const next = FIELDS[index + 1];
                // Enter on an empty one that is not needed: the rest is not wanted today.
                if (!next || (index > 1 && (typed[id] ?? '') === '')) save();
                else focusCell(`ratio-${next.id}`);
              }}
              className="border border-rule"
            />
          </label>
        ))}
        <Button onClick={save} disabled={slot.closed}>
          Take the ratio
        </Button>
      </div>
      {error && (
        <p role="alert" className="font-semibold text-stop">
          {error}
        </p>
      )}
      {whole && <Answer input={input} />}
      <p className="text-[0.9375rem] text-soft">
        Band {assisted ? '3 to 4.5, assisted' : '5.1 to 6.1, unassisted'}. Common practice.
      </p>
      <OnFile head={slot.head} earlier={slot.earlier} />
    </section>
  );
}

/** The ratio, and what it takes to have another: where the clevis goes, how far the master moves with it, what the floor says. */
function Answer({ input }: { input: PedalRatioInput }) {
  const units = useUnits();
  const { ratio, state, bForTargetMm, raiseMm, newTravelMm, meetsFloor, spareMm } = pedalRatio(input);
  const words = {
    ratio: `${units.show(input.aMm, 'mm', 0)} / ${units.show(input.bMm, 'mm', 0)} = ${figure(ratio, 2)}`,
    ...(raiseMm === undefined
      ? {}
      : {
          raise: `${figure(input.targetRatio, 2)}: clevis and master ${units.full(Math.abs(raiseMm), 'mm', 1)} ${raiseMm >= 0 ? 'up' : 'down'}`,
        }),
    ...(newTravelMm === undefined
      ? {}
      : {
          travel: `full stroke ${units.full(newTravelMm, 'mm', 0)} at the pad${spareMm === undefined ? '' : meetsFloor ? ': meets the floor first' : `, ${units.full(spareMm, 'mm', 0)} to spare`}`,
        }),
  };
  return (
    <>
      <p>
        <span className="reading mr-2 font-semibold">{words.ratio}</span>
        {state === 'low' ? 'below the band' : state === 'high' ? 'above the band' : 'in the band'}
        {bForTargetMm !== undefined && (
          <>
            . For {figure(input.targetRatio, 2)} the clevis sits{' '}
            <b className="reading font-semibold">{units.full(bForTargetMm, 'mm', 1)}</b> from the pivot; it
            and the master move {units.full(Math.abs(raiseMm!), 'mm', 1)} {raiseMm! >= 0 ? 'up' : 'down'}{' '}
            together, so that the rod stays level
          </>
        )}
        .
      </p>
      {meetsFloor && (
        <p className="border-l-[6px] border-stop bg-stop-wash px-3 py-2 font-semibold text-stop">
          The pedal meets the floor before the master is through: a lower ratio, another master, or the pedal
          set higher.
        </p>
      )}
      <PedalPicture
        aMm={input.aMm}
        bMm={input.bMm}
        targetBMm={bForTargetMm}
        travelMm={newTravelMm}
        floorMm={input.floorMm}
        words={words}
      />
    </>
  );
}
