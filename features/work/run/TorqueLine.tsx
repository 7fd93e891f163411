'use client';

import { useState } from 'react';
import { convert } from '@/core/base/units/convert';
import { allIn } from '@/core/base/units/retype';
import { TORQUE_RANGE, TORQUES, type TorqueId } from '@/core/car/torques';
import { Button } from '@/ui/Button';
import { NumberField } from '@/ui/Field';
import { figure } from '@/ui/format';
import { useJob } from '../../record/JobProvider';
import type { Units } from '../../shell/units';
import { useKeptFigures } from '../../shell/useKeptFigures';
import { useUnits } from '../../shell/useUnits';
import { KeepForm, useKeepWithCar } from './KeepWithCar';

const newtonMetres = allIn('N·m');

/** The same on a wrench that is marked in the other unit. */
function inTheOther(torqueNm: number, units: Units): string {
  const other = units.unit('N·m') === 'N·m' ? 'lbf·ft' : 'N·m';
  return `${figure(convert(torqueNm, 'N·m', other), 0)} ${other}`;
}

/** What is done up here and to what; the maker's figure is typed once and kept with the car. */
export function TorqueLine({ id }: { id: TorqueId }) {
  const { sheet, closed } = useJob();
  const keepWithCar = useKeepWithCar();
  const units = useUnits();
  const [typing, setTyping] = useState(false);
  const [text, keep, forget] = useKeptFigures(`torque.${sheet.car.id}.${id}`, '', newtonMetres);
  const [error, setError] = useState<string>();
  const known = sheet.car.torquesNm[id];
  const save = async () => {
    const value = units.read(text, 'N·m')?.value;
    if (value === undefined || !(value >= TORQUE_RANGE.low && value <= TORQUE_RANGE.high))
      return setError(
        `${text || 'Nothing'} is not taken: ${units.show(TORQUE_RANGE.low, 'N·m', 0)} to ${units.full(TORQUE_RANGE.high, 'N·m', 0)}, or another unit with its name`,
      );
    const now = Number(value.toFixed(2));
    const reply = await keepWithCar({ of: 'torque', id, saw: known ?? null, value: now });
    if (!reply.ok) return setError(reply.refusal.message);
    forget();
    setTyping(false);
  };
  return (
    <div className={typing ? 'my-1 w-full' : 'my-1'}>
      <p className="flex flex-wrap items-center gap-x-3 text-lg">
        <span className="text-soft">{TORQUES[id]}</span>
        {known === undefined ? (
          <b className="font-semibold">the maker’s figure</b>
        ) : (
          <b className="reading text-2xl font-semibold">
            {units.full(known, 'N·m', 0)}{' '}
            <span className="text-base font-medium text-soft">{inTheOther(known, units)}, this car</span>
          </b>
        )}
        {!closed && !typing && (
          <Button look="quiet" onClick={() => setTyping(true)}>
            {known === undefined ? 'Note it' : 'Correct it'}
          </Button>
        )}
      </p>
      {typing && (
        <KeepForm onSave={save} onCancel={() => setTyping(false)}>
          <NumberField
            label={TORQUES[id]}
            unit={units.unit('N·m')}
            value={text}
            error={error}
            onChange={(event) => {
              setError(undefined);
              keep(event.target.value);
            }}
            className="w-64"
          />
        </KeepForm>
      )}
    </div>
  );
}
