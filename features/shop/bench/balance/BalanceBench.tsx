'use client';

import { type ReactNode, useMemo } from 'react';
import { Choice } from '@/ui/Choice';
import { NumberField, TextField } from '@/ui/Field';
import { useUnits } from '../../../shell/useUnits';
import { BenchFrame } from '../frame/BenchFrame';
import type { BenchPlace } from '../frame/place';
import { useBench } from '../frame/useBench';
import { BalanceSays } from './BalanceSays';
import { balanceFigures } from './figures';
import { type BalanceStart, type BalanceTyped, balanceBase, balanceStart, readBalanceBench } from './typed';

type Plain = Exclude<keyof BalanceTyped, 'front' | 'rear' | 'others' | 'masters' | 'valve'>;

/** Nothing is known of the car, or there is none. */
const NO_CAR: BalanceStart = {};

/** From the foot to the road on the bench: effort, balance, who locks first, and what another bore would ask. */
export function BalanceBench({ place, start = NO_CAR }: { place: BenchPlace; start?: BalanceStart }) {
  const units = useUnits();
  const empty = balanceStart(start, units);
  const work = useBench<BalanceTyped>('balance', place, { empty, baseOf: balanceBase, units });
  const { typed, keep } = work;
  const figuresOf = (each: BalanceTyped) => {
    const { input: brake, unhelped } = readBalanceBench(each, units, start);
    return brake && balanceFigures(brake, unhelped);
  };
  const read = useMemo(() => readBalanceBench(typed, units, start), [typed, units, start]);
  const { input, wrong } = read;
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
    <BenchFrame
      bench="balance"
      title="Balance"
      place={place}
      work={work}
      figuresOf={figuresOf}
      readings={input ? [{ kind: 'hydraulics', input }] : []}
      unitKinds={['lengthUnit', 'pressureUnit']}
      given={
        <>
          <div className="grid grid-cols-2 gap-3">
            {field('bore', 'Master bore', units.unit('mm'))}
            {field('ratio', 'Pedal ratio', '')}
            {field('force', 'Foot presses', 'N')}
            {field('assist', 'Assist adds', units.unit('kPa'))}
            {field('wanted', 'Deceleration wanted', 'm/s²')}
            {field('grip', 'Grip of the tyres', 'g')}
            {field('effort', 'Effort wanted', 'N')}
          </div>
          <Masters typed={typed} field={field} onChange={keep} />
          {(['front', 'rear'] as const).map((axle) => (
            <AxleOf key={axle} axle={axle} typed={typed} wrong={wrong} onChange={keep} />
          ))}
          <div className="grid grid-cols-2 xs:grid-cols-3 gap-3">
            {field('mass', 'Mass', units.unit('kg'))}
            {field('wheel', 'Rolling radius', units.unit('m'))}
            {field('weight', 'Weight in front', '%')}
            {field('height', 'Centre, height', units.unit('m'))}
            {field('wheelbase', 'Wheelbase', units.unit('m'))}
          </div>
          <div className="grid grid-cols-2 xs:grid-cols-3 gap-3">
            {field('clearance', 'Clearance takes', 'ml')}
            {field('give', 'Gives, each MPa', 'ml')}
            {field('floor', 'Room to the floor', units.unit('mm'))}
          </div>
          <p className="text-small text-soft">
            A rigid body on a level road; friction alike at every heat. Clearance and give are the car’s own
            where its good pedal was read, else an ordinary car’s (our model). Where the law asks for approval
            of a changed brake, it comes before this sum.
          </p>
        </>
      }
      said={
        input ? (
          <BalanceSays read={read} typed={typed} onOthers={(others) => keep({ ...typed, others })} />
        ) : (
          <p className="text-lg text-stop">Not a brake yet: look at the marked figures.</p>
        )
      }
    />
  );
}

/** One master for both axles, or two on a bar; a valve in the rear line. */
function Masters({
  typed,
  field,
  onChange,
}: {
  typed: BalanceTyped;
  field: (name: Plain, label: string, unit: string) => ReactNode;
  onChange: (typed: BalanceTyped) => void;
}) {
  const units = useUnits();
  return (
    <div className="grid gap-2">
      <div className="flex flex-wrap gap-4">
        <Choice
          label="Masters"
          value={typed.masters}
          onChange={(masters) =>
            masters !== '' && onChange({ ...typed, masters: masters as BalanceTyped['masters'] })
          }
          options={[
            { value: 'one', label: 'One master' },
            { value: 'two', label: 'Two on a bar' },
          ]}
        />
        <Choice
          label="Valve in the rear line"
          value={typed.valve}
          onChange={(valve) => valve !== '' && onChange({ ...typed, valve: valve as BalanceTyped['valve'] })}
          options={[
            { value: 'no', label: 'No valve' },
            { value: 'yes', label: 'Rear valve' },
          ]}
        />
      </div>
      {typed.masters === 'two' && (
        <div className="grid grid-cols-2 gap-3">
          {field('rearBore', 'Rear master bore', units.unit('mm'))}
          {field('bar', 'Bar, to the front', '%')}
        </div>
      )}
      {typed.valve === 'yes' && (
        <div className="grid grid-cols-2 gap-3">
          {field('knee', 'Valve begins at', units.unit('kPa'))}
          {field('slope', 'Passes past it', '%')}
        </div>
      )}
    </div>
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
      <div className="grid grid-cols-2 xs:grid-cols-3 gap-2">
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
