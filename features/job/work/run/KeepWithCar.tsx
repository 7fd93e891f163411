'use client';

import type { ReactNode } from 'react';
import type { CarSpec } from '@/core/car/spec';
import { Button } from '@/ui/Button';
import { type Reply, requestForm } from '../../../shell/request';
import { useDesk } from '../../desk/Desk';

/** Writes something of the car down at a step: over the car as it stands, shown everywhere at once. */
export function useKeepWithCar(): (changes: (car: CarSpec) => Partial<CarSpec>) => Promise<Reply<unknown>> {
  const { sheet, refresh } = useDesk();
  return async (changes) => {
    const { id, version, ...car } = sheet.car;
    const content = { ...car, ...changes(car) };
    const reply = await requestForm('PUT', `/api/cars/${id}`, { kind: 'car', content, beside: { version } });
    if (reply.ok) await refresh();
    return reply;
  };
}

type Props = { onSave: () => Promise<void>; onCancel: () => void; children: ReactNode };

/** The one field of what is kept with the car, with its keys. */
export function KeepForm({ onSave, onCancel, children }: Props) {
  return (
    <form
      className="flex flex-wrap items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        void onSave();
      }}
    >
      {children}
      <Button type="submit">Keep it with the car</Button>
      <Button look="quiet" onClick={onCancel}>
        Not now
      </Button>
    </form>
  );
}
