'use client';

import { useState } from 'react';
import { convert } from '@/core/base/units/convert';
import { parseMeasure } from '@/core/base/units/parse';
import { TORQUE_RANGE, TORQUES, type TorqueId } from '@/core/car/torques';
import { Button } from '@/ui/Button';
import { NumberField } from '@/ui/Field';
import { figure } from '@/ui/format';
import { requestForm } from '../../../shell/request';
import { useKept } from '../../../shell/useKept';
import { useDesk } from '../../desk/Desk';

/** What is done up here and to what; the maker's figure is typed once and kept with the car. */
export function TorqueLine({ id }: { id: TorqueId }) {
  const { sheet, refresh, closed } = useDesk();
  const [typing, setTyping] = useState(false);
  const [text, keep, forget] = useKept(`torque.${sheet.car.id}.${id}`, '');
  const [error, setError] = useState<string>();
  const known = sheet.car.torquesNm[id];
  const save = async () => {
    const value = parseMeasure(text, 'N·m');
    if (value === undefined || value < TORQUE_RANGE.low || value > TORQUE_RANGE.high)
      return setError(
        `${text || 'Nothing'} is not taken: ${TORQUE_RANGE.low} to ${TORQUE_RANGE.high} N·m, or lbf·ft with its unit`,
      );
    const { id: carId, version, ...spec } = sheet.car;
    const torquesNm = { ...spec.torquesNm, [id]: Number(value.toFixed(2)) };
    const reply = await requestForm('PUT', `/api/cars/${carId}`, {
      kind: 'car',
      content: { ...spec, torquesNm },
      beside: { version },
    });
    if (!reply.ok) return setError(reply.refusal.message);
    forget();
    setTyping(false);
    await refresh();
  };
  return (
    <div className="my-2">
      <p className="flex flex-wrap items-center gap-x-3 text-lg">
        <span className="text-soft">{TORQUES[id]}</span>
        {known === undefined ? (
          <b className="font-semibold">the maker’s figure</b>
        ) : (
          <b className="reading text-2xl font-semibold">
            {figure(known, 0)} N·m{' '}
            <span className="text-base font-medium text-soft">
              {figure(convert(known, 'N·m', 'lbf·ft'), 0)} lbf·ft, this car
            </span>
          </b>
        )}
        {!closed && !typing && (
          <Button look="quiet" onClick={() => setTyping(true)}>
            {known === undefined ? 'Note it' : 'Correct it'}
          </Button>
        )}
      </p>
      {typing && (
        <form
          className="flex flex-wrap items-end gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            void save();
          }}
        >
          <NumberField
            label={TORQUES[id]}
            unit="N·m"
            value={text}
            error={error}
            onChange={(event) => {
              setError(undefined);
              keep(event.target.value);
            }}
            className="w-64"
          />
          <Button type="submit">Keep it with the car</Button>
          <Button look="quiet" onClick={() => setTyping(false)}>
            Not now
          </Button>
        </form>
      )}
    </div>
  );
}
