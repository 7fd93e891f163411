'use client';

import type { WorkOptions } from '@/core/planning/options';
import { USUAL_SPRING } from '@/core/planning/springs';
import { NumberField } from '@/ui/Field';
import { useKeptFigures } from '../../shell/useKeptFigures';
import { useUnits } from '../../shell/useUnits';

type SpringsProps = {
  jobId: string;
  chosen: NonNullable<WorkOptions['springs']>;
  onChange: (chosen: NonNullable<WorkOptions['springs']>) => void;
};

const SPRING_FIELDS = [
  { id: 'forceN', label: 'Force of one spring', base: 'N', low: 0, high: 500, usual: USUAL_SPRING.forceN },
  { id: 'mu', label: 'Friction of the pad', base: '', low: 0.05, high: 1, usual: USUAL_SPRING.mu },
  { id: 'speedKmh', label: 'Drag told at', base: 'km/h', low: 0, high: 400, usual: USUAL_SPRING.speedKmh },
] as const;

const NOTHING = {};
const baseOf = (name: string) => SPRING_FIELDS.find(({ id }) => id === name)?.base;

/** What they are kept under while they are typed. */
export const springFigures = (jobId: string) => `springs.${jobId}`;

/** The springs that are to go in: their force, the pad they press, the speed their drag is told at. */
export function SpringFields({ jobId, chosen, onChange }: SpringsProps) {
  const [typed, keep] = useKeptFigures<Record<string, string>>(springFigures(jobId), NOTHING, baseOf);
  const units = useUnits();
  return (
    <div className="grid gap-3 sm:grid-cols-3">
      {SPRING_FIELDS.map(({ id, label, base, low, high, usual }) => {
        const text = typed[id] ?? '';
        const value = units.read(text, base)?.value;
        const wrong = value !== undefined && !(value >= low && value <= high);
        return (
          <NumberField
            key={id}
            label={label}
            unit={units.unit(base)}
            value={text}
            placeholder={units.show(usual, base, base === '' ? 2 : 0)}
            error={
              wrong
                ? `${text} is not taken: ${units.show(low, base, base === '' ? 2 : 0)} to ${units.full(high, base, 0)}`
                : undefined
            }
            hint={id === 'forceN' ? '4 lbf is taken too' : undefined}
            onChange={(event) => {
              keep({ ...typed, [id]: event.target.value });
              const next = units.read(event.target.value, base)?.value;
              const fine = next !== undefined && next >= low && next <= high;
              onChange({ ...chosen, [id]: fine ? next : undefined });
            }}
          />
        );
      })}
    </div>
  );
}
