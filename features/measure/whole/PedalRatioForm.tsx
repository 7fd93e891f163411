'use client';

import { useState } from 'react';
import { assistOf } from '@/core/car/traits';
import { traitsOf } from '@/core/car/traitsOf';
import { Button } from '@/ui/Button';
import { figure } from '@/ui/format';
import { useDesk } from '../../job/desk/Desk';
import { useKept } from '../../shell/useKept';
import { useUnits } from '../../shell/useUnits';
import { focusCell, MeasureCell } from '../MeasureCell';
import { OnFile } from '../OnFile';
import { useReading } from '../useReading';

const FIELDS = [
  { id: 'a', label: 'A, pivot to pad', low: 50, high: 600 },
  { id: 'b', label: 'B, pivot to clevis', low: 10, high: 300 },
] as const;

/** Two lengths on the pedal; the ratio and its band follow. */
export function PedalRatioForm({ onDone }: { onDone?: () => void }) {
  const { sheet } = useDesk();
  const units = useUnits();
  const slot = useReading('pedal-ratio');
  const [typed, keep] = useKept(`pedal-ratio.${sheet.job.id}`, { a: '', b: '' });
  const [error, setError] = useState<string>();
  const assisted = assistOf(traitsOf(sheet.car)) !== 'none';
  const onFile = slot.head?.input as { aMm: number; bMm: number } | undefined;
  const a = units.read(typed.a, 'mm');
  const b = units.read(typed.b, 'mm');
  const aMm = a?.value ?? onFile?.aMm;
  const bMm = b?.value ?? onFile?.bMm;
  const save = () => {
    for (const [index, { label, low, high }] of FIELDS.entries()) {
      const value = index === 0 ? aMm : bMm;
      const text = index === 0 ? typed.a : typed.b;
      if (value !== undefined && value >= low && value <= high) continue;
      return setError(
        `${label} is ${text || 'missing'}: ${units.show(low, 'mm', 0)} to ${units.full(high, 'mm', 0)} is accepted`,
      );
    }
    if (bMm! >= aMm!) return setError(`B is ${typed.b}: less than A`);
    setError(undefined);
    slot.save(
      { aMm, bMm, assisted },
      {
        ...(a?.entered ? { aMm: a.entered } : {}),
        ...(b?.entered ? { bMm: b.entered } : {}),
      },
    );
    keep({ a: '', b: '' });
    onDone?.();
  };
  return (
    <section aria-label="Pedal ratio" className="mt-2 grid gap-2">
      <div className="flex flex-wrap items-end gap-3">
        {FIELDS.map(({ id, label }, index) => (
          <label key={id} htmlFor={`ratio-${id}`} className="narrow w-40 text-[0.9375rem]">
            {label} <span className="reading text-soft">{units.unit('mm')}</span>
            <MeasureCell
              id={`ratio-${id}`}
              label={label}
              base="mm"
              value={typed[id]}
              placeholder={onFile ? units.show(index === 0 ? onFile.aMm : onFile.bMm, 'mm', 0) : undefined}
              disabled={slot.closed}
              onChange={(text) => {
                setError(undefined);
                keep({ ...typed, [id]: text });
              }}
              onNext={() => (index === 0 ? focusCell('ratio-b') : save())}
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
      <p className="text-[0.9375rem] text-soft">
        {aMm !== undefined && bMm !== undefined && bMm > 0 && (
          <span className="reading mr-2 font-semibold text-ink">
            {units.show(aMm, 'mm', 0)} / {units.show(bMm, 'mm', 0)} = {figure(aMm / bMm, 2)}
          </span>
        )}
        Band {assisted ? '3 to 4.5, assisted' : '5.1 to 6.1, unassisted'}. Common practice.
      </p>
      <OnFile head={slot.head} earlier={slot.earlier} />
    </section>
  );
}
