'use client';

import { useState } from 'react';
import { assistOf } from '@/core/car/traits';
import { traitsOf } from '@/core/car/traitsOf';
import { headOf } from '@/core/job/standing';
import { parseMeasure } from '@/core/units/parse';
import { Button } from '@/ui/Button';
import { NumberField } from '@/ui/Field';
import { figure } from '@/ui/format';
import { useKept } from '../../shell/useKept';
import { useDesk } from '../desk/Desk';

const NOTHING = { a: '', b: '' };

/** Two lengths on the pedal; the ratio and its band follow. */
export function PedalRatioReading() {
  const { sheet, read, closed } = useDesk();
  const [typed, keep] = useKept(`pedal-ratio.${sheet.job.id}`, NOTHING);
  const [error, setError] = useState<string>();
  const assisted = assistOf(traitsOf(sheet.car)) !== 'none';
  const onFile = headOf(sheet.readings, 'before', (row) => row.kind === 'pedal-ratio')?.input as
    | { aMm: number; bMm: number }
    | null
    | undefined;
  const save = () => {
    const a = parseMeasure(typed.a, 'mm');
    const b = parseMeasure(typed.b, 'mm');
    if (a === undefined || a < 50 || a > 600)
      return setError(`A is ${typed.a || 'missing'}: 50 to 600 mm is accepted`);
    if (b === undefined || b < 10 || b > 300 || b >= a)
      return setError(`B is ${typed.b || 'missing'}: 10 to 300 mm, less than A`);
    setError(undefined);
    read('before', 'pedal-ratio', { aMm: a, bMm: b, assisted });
    keep(NOTHING);
  };
  return (
    <form
      className="mt-2 flex flex-wrap items-start gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        save();
      }}
    >
      <NumberField
        label="A, pivot to pad"
        unit="mm"
        className="w-40"
        value={typed.a}
        onChange={(event) => keep({ ...typed, a: event.target.value })}
        placeholder={onFile ? figure(onFile.aMm, 0) : undefined}
        error={error}
        disabled={closed}
      />
      <NumberField
        label="B, pivot to clevis"
        unit="mm"
        className="w-40"
        value={typed.b}
        onChange={(event) => keep({ ...typed, b: event.target.value })}
        placeholder={onFile ? figure(onFile.bMm, 0) : undefined}
        disabled={closed}
      />
      <Button type="submit" className="mt-6" disabled={closed}>
        Take the ratio
      </Button>
      <p className="basis-full text-[0.9375rem] text-soft">
        {onFile && (
          <span className="reading mr-2 font-semibold text-ink">
            {figure(onFile.aMm, 0)} / {figure(onFile.bMm, 0)} = {figure(onFile.aMm / onFile.bMm, 2)}
          </span>
        )}
        Band {assisted ? '3 to 4.5, assisted' : '5.1 to 6.1, unassisted'}. Common practice.
      </p>
    </form>
  );
}
