'use client';

import { useMemo } from 'react';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { NumberField, TextField } from '@/ui/Field';
import { useKeptFigures } from '../../shell/useKeptFigures';
import { useUnits } from '../../shell/useUnits';
import { BalanceSays } from './BalanceSays';
import { type BalanceStart, type BalanceTyped, balanceBase, balanceStart, readBalanceBench } from './typed';

/** What the bench starts from: a car's own figures, where it was opened from one. */
export type BalanceOf = { id: string; name: string; start: BalanceStart };

type Plain = Exclude<keyof BalanceTyped, 'front' | 'rear'>;

/** From the foot to the road on the bench: effort, balance, who locks first, and what another bore would ask. */
export function BalanceBench({ car }: { car?: BalanceOf }) {
  const units = useUnits();
  const empty = balanceStart(car?.start ?? {}, units);
  const [typed, keep] = useKeptFigures<BalanceTyped>(`bench.balance.${car?.id ?? 'any'}`, empty, balanceBase);
  const { input, wrong } = useMemo(() => readBalanceBench(typed, units), [typed, units]);
  const field = (name: Plain, label: string, unit: string) => (
    <NumberField
      label={label}
      unit={unit}
      value={typed[name]}
      error={wrong[name]}
      onChange={(event) => keep({ ...typed, [name]: event.target.value })}
    />
  );
  return (
    <main id="main" className="grid gap-6 p-4 desk:grid-cols-[26rem_1fr] desk:p-6">
      <section aria-labelledby="given" className="grid content-start gap-4">
        <h1 id="given" className="text-3xl">
          Balance{car && <span className="narrow ml-3 text-lg font-normal text-soft">{car.name}</span>}
        </h1>
        <div className="grid grid-cols-2 gap-3">
          {field('bore', 'Master bore', units.unit('mm'))}
          {field('ratio', 'Pedal ratio', '')}
          {field('force', 'Foot presses', 'N')}
          {field('assist', 'Assist adds', units.unit('kPa'))}
          {field('wanted', 'Deceleration wanted', 'm/s²')}
          {field('grip', 'Grip of the tyres', 'g')}
        </div>
        {(['front', 'rear'] as const).map((axle) => (
          <AxleOf key={axle} axle={axle} typed={typed} wrong={wrong} onChange={keep} />
        ))}
        <div className="grid grid-cols-3 gap-3">
          {field('mass', 'Mass', units.unit('kg'))}
          {field('wheel', 'Rolling radius', units.unit('m'))}
          {field('weight', 'Weight in front', '%')}
          {field('height', 'Centre, height', units.unit('m'))}
          {field('wheelbase', 'Wheelbase', units.unit('m'))}
        </div>
        <p className="text-[0.9375rem] text-soft">
          A rigid body on a level road; friction alike at every heat. Where the law asks for approval of a
          changed brake, it comes before this sum.
        </p>
        <Button onClick={() => keep(empty)}>Start afresh</Button>
      </section>
      <section aria-labelledby="said" className="grid content-start gap-6">
        <h2 id="said" className="sr-only">
          What it means
        </h2>
        {input ? (
          <BalanceSays input={input} />
        ) : (
          <p className="text-lg text-stop">Not a brake yet: look at the marked figures.</p>
        )}
      </section>
    </main>
  );
}

/** The brake of an axle: its caliper with pistons, or a drum by its factor. */
function AxleOf({
  axle,
  typed,
  wrong,
  onChange,
}: {
  axle: 'front' | 'rear';
  typed: BalanceTyped;
  wrong: Record<string, string>;
  onChange: (typed: BalanceTyped) => void;
}) {
  const units = useUnits();
  const own = typed[axle];
  const set = (changes: Partial<typeof own>) => onChange({ ...typed, [axle]: { ...own, ...changes } });
  const label = axle === 'front' ? 'Front' : 'Rear';
  const drum = own.kind === 'drum';
  return (
    <fieldset className="grid gap-2">
      <legend className="narrow mb-1 border-b-2 border-ink text-lg font-semibold">{label} brake</legend>
      <Choice
        label={`${label} brake`}
        value={own.kind}
        onChange={(kind) => kind !== '' && set({ kind: kind as typeof own.kind })}
        options={[
          { value: 'opposed', label: 'Opposed' },
          { value: 'sliding', label: 'Sliding' },
          ...(axle === 'rear' ? [{ value: 'drum', label: 'Drum' }] : []),
        ]}
      />
      <div className="grid grid-cols-3 gap-2">
        <TextField
          label={`${drum ? 'Cylinder' : 'Pistons'}, ${units.unit('mm')}`}
          value={own.pistons}
          error={wrong[`${axle}.pistons`]}
          inputMode="decimal"
          onChange={(event) => set({ pistons: event.target.value })}
        />
        {drum ? (
          <NumberField
            label="Brake factor"
            value={own.factor}
            error={wrong[`${axle}.factor`]}
            onChange={(event) => set({ factor: event.target.value })}
          />
        ) : (
          <NumberField
            label={`${label} friction`}
            value={own.mu}
            error={wrong[`${axle}.mu`]}
            onChange={(event) => set({ mu: event.target.value })}
          />
        )}
        <NumberField
          label={`${label} radius`}
          unit="m"
          value={own.radius}
          error={wrong[`${axle}.radius`]}
          onChange={(event) => set({ radius: event.target.value })}
        />
      </div>
    </fieldset>
  );
}
