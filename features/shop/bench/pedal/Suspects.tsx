import { CORNERS } from '@/core/car/corner';
import { FLUID_MPA, HOSES } from '@/core/readings/pedal/travel';
import { Choice } from '@/ui/Choice';
import { NumberField, TextField } from '@/ui/Field';
import { useUnits } from '../../../shell/useUnits';
import type { PedalTyped } from './typed';

/** What may take up travel, each to be given where it is known: pads off the rotor, hoses, fluid, gas, the master itself. */
export function Suspects({
  typed,
  wrong,
  onChange,
}: {
  typed: PedalTyped;
  wrong: Record<string, string>;
  onChange: (typed: PedalTyped) => void;
}) {
  const units = useUnits();
  const mm = units.unit('mm');
  const set = (field: keyof PedalTyped) => (event: { target: { value: string } }) =>
    onChange({ ...typed, [field]: event.target.value });
  return (
    <fieldset className="grid gap-3">
      <legend className="narrow mb-1 border-b-2 border-ink text-lg font-semibold">What takes it up</legend>
      <div>
        <p className="narrow text-small font-semibold">
          Each pad stands off by{' '}
          <span className="font-normal text-soft">from bearing play, wobble and flex, or a feeler</span>
        </p>
        <div className="grid grid-cols-4 gap-2">
          {CORNERS.map((corner) => (
            <NumberField
              key={corner}
              label={`${corner} ${mm}`}
              value={typed.gaps[corner]}
              error={wrong[`gap.${corner}`]}
              onChange={(event) =>
                onChange({ ...typed, gaps: { ...typed.gaps, [corner]: event.target.value } })
              }
            />
          ))}
        </div>
      </div>
      {(['front', 'rear'] as const).map((axle) => (
        <div key={axle} className="grid grid-cols-[1fr_auto] items-end gap-2">
          <TextField
            label={`${axle === 'front' ? 'Front' : 'Rear'} pistons of a caliper, ${units.unit('mm')}`}
            value={axle === 'front' ? typed.frontPistons : typed.rearPistons}
            error={wrong[`${axle}Pistons`]}
            inputMode="decimal"
            onChange={set(axle === 'front' ? 'frontPistons' : 'rearPistons')}
          />
          <Choice
            label={`${axle === 'front' ? 'Front' : 'Rear'} caliper`}
            value={(axle === 'front' ? typed.frontOpposed : typed.rearOpposed) ? 'opposed' : 'sliding'}
            onChange={(kind) =>
              kind !== '' &&
              onChange({
                ...typed,
                [axle === 'front' ? 'frontOpposed' : 'rearOpposed']: kind === 'opposed',
              })
            }
            options={[
              { value: 'opposed', label: 'Opposed' },
              { value: 'sliding', label: 'Sliding' },
            ]}
          />
        </div>
      ))}
      <div className="grid grid-cols-[1fr_auto] items-end gap-2">
        <NumberField
          label="Flexible hose in all"
          unit="m"
          value={typed.hoses}
          error={wrong.hoses}
          onChange={set('hoses')}
        />
        <Choice
          label="Kind of hose"
          value={typed.hoseKind}
          onChange={(kind) => kind !== '' && onChange({ ...typed, hoseKind: kind as keyof typeof HOSES })}
          options={Object.entries(HOSES).map(([value, { label }]) => ({ value, label }))}
        />
      </div>
      <div className="grid grid-cols-2 gap-2">
        <NumberField
          label="Fluid"
          unit="ml"
          value={typed.fluid}
          error={wrong.fluid}
          onChange={set('fluid')}
        />
        <NumberField
          label="Its bulk modulus"
          unit="MPa"
          value={typed.bulk}
          error={wrong.bulk}
          placeholder={String(FLUID_MPA)}
          onChange={set('bulk')}
        />
        <NumberField label="Gas" unit="ml" value={typed.gas} error={wrong.gas} onChange={set('gas')} />
        <NumberField
          label="Master moves"
          unit={mm}
          value={typed.master}
          error={wrong.master}
          onChange={set('master')}
        />
      </div>
      <p className="text-small text-soft">
        Hoses swell at most as 49 CFR 571.106 lets a 1/8 in hose; fluid gives by its bulk modulus and gas by
        Boyle’s law (our model).
      </p>
    </fieldset>
  );
}
