'use client';

import type { BaseUnit } from '@/core/base/units/display';
import type { Axle } from '@/core/car/corner';
import { USUAL_SPRING } from '@/core/planning/knockback/springs';
import type { WorkOptions } from '@/core/planning/options';
import { PLAN_RANGES } from '@/core/planning/ranges';
import { NumberField } from '@/ui/Field';
import { between } from '../measure/readFields';
import { useKeptFigures } from '../shell/useKeptFigures';
import { useUnits } from '../shell/useUnits';
import { SetupPicks } from './SetupPicks';

type SpringsProps = {
  jobId: string;
  axle: Axle;
  chosen: NonNullable<WorkOptions['springs']>;
  onChange: (chosen: NonNullable<WorkOptions['springs']>) => void;
};

type SpringField = {
  id: 'forceN' | 'mu' | 'speedKmh' | 'powerKW';
  label: string;
  base: BaseUnit;
  low: number;
  high: number;
  usual?: number;
  decimals?: number;
  /** Of a figure that has one unit the world over. */
  unit?: string;
  hint?: string;
};

const SPRING_FIELDS: readonly SpringField[] = [
  {
    id: 'forceN',
    label: 'Force of one spring',
    base: 'N',
    ...between(PLAN_RANGES.springForceN),
    usual: USUAL_SPRING.forceN,
    hint: '4 lbf is taken too',
  },
  {
    id: 'mu',
    label: 'Friction of the pad',
    base: '',
    ...between(PLAN_RANGES.mu),
    usual: USUAL_SPRING.mu,
    decimals: 2,
  },
  {
    id: 'speedKmh',
    label: 'Top speed there',
    base: 'km/h',
    ...between(PLAN_RANGES.speedKmh),
    usual: USUAL_SPRING.speedKmh,
  },
  {
    id: 'powerKW',
    label: 'Power at the wheels',
    base: '',
    ...between(PLAN_RANGES.powerKW),
    unit: 'kW',
    hint: 'For what it costs in speed',
  },
];

const NOTHING = {};
const baseOf = (name: string) => SPRING_FIELDS.find(({ id }) => id === name)?.base;

/** What they are kept under while they are typed. */
export const springFigures = (jobId: string) => `springs.${jobId}`;

/** The springs that are to go in, as on a track before or as typed: their force, the pad they press, the speed their drag is told at. */
export function SpringFields({ jobId, axle, chosen, onChange }: SpringsProps) {
  const [typed, keep] = useKeptFigures<Record<string, string>>(springFigures(jobId), NOTHING, baseOf);
  const units = useUnits();
  const take = (forceN: number) => {
    keep({ ...typed, forceN: units.asTyped(forceN, 'N') });
    onChange({ ...chosen, forceN });
  };
  return (
    <>
      <SetupPicks axle={axle} onTake={take} />
      <div className="grid gap-3 sm:grid-cols-4">
        {SPRING_FIELDS.map(({ id, label, base, low, high, usual, decimals = 0, unit, hint }) => {
          const text = typed[id] ?? '';
          const value = units.read(text, base)?.value;
          const wrong = value !== undefined && !(value >= low && value <= high);
          return (
            <NumberField
              key={id}
              label={label}
              unit={unit ?? units.unit(base)}
              value={text}
              placeholder={usual === undefined ? undefined : units.show(usual, base, decimals)}
              error={
                wrong
                  ? `${text} is not taken: ${units.show(low, base, decimals)} to ${units.full(high, base, 0)} ${unit ?? ''}`.trim()
                  : undefined
              }
              hint={hint}
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
    </>
  );
}
