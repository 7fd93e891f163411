'use client';

import { parseMeasure } from '@/core/base/units/parse';
import type { WorkOptions } from '@/core/planning/options';
import { USUAL_SPRING } from '@/core/planning/springs';
import { NumberField } from '@/ui/Field';
import { useKept } from '../../shell/useKept';

type SpringsProps = {
  jobId: string;
  chosen: NonNullable<WorkOptions['springs']>;
  onChange: (chosen: NonNullable<WorkOptions['springs']>) => void;
};

const SPRING_FIELDS = [
  { id: 'forceN', label: 'Force of one spring', unit: 'N', low: 0, high: 500, usual: USUAL_SPRING.forceN },
  { id: 'mu', label: 'Friction of the pad', unit: '', low: 0.05, high: 1, usual: USUAL_SPRING.mu },
  { id: 'speedKmh', label: 'Drag told at', unit: 'km/h', low: 0, high: 400, usual: USUAL_SPRING.speedKmh },
] as const;

/** The springs that are to go in: their force, the pad they press, the speed their drag is told at. */
export function SpringFields({ jobId, chosen, onChange }: SpringsProps) {
  const [typed, keep] = useKept<Record<string, string>>(`springs.${jobId}`, {});
  const read = (text: string, unit: '' | 'N' | 'km/h') =>
    unit === '' ? Number(text.replace(',', '.')) : parseMeasure(text, unit);
  return (
    <div className="grid gap-3 sm:grid-cols-3">
      {SPRING_FIELDS.map(({ id, label, unit, low, high, usual }) => {
        const text = typed[id] ?? '';
        const value = text.trim() === '' ? undefined : read(text, unit);
        const wrong = text.trim() !== '' && !(value !== undefined && value >= low && value <= high);
        return (
          <NumberField
            key={id}
            label={label}
            unit={unit}
            value={text}
            placeholder={String(usual)}
            error={wrong ? `${text} is not taken: ${low} to ${high} ${unit}`.trim() : undefined}
            hint={id === 'forceN' ? '4 lbf is taken too' : undefined}
            onChange={(event) => {
              keep({ ...typed, [id]: event.target.value });
              const next = event.target.value.trim() === '' ? undefined : read(event.target.value, unit);
              const fine = next !== undefined && next >= low && next <= high;
              onChange({ ...chosen, [id]: fine ? next : undefined });
            }}
          />
        );
      })}
    </div>
  );
}
