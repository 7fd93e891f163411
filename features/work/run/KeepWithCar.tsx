'use client';

import type { ReactNode } from 'react';
import type { CarNote } from '@/core/car/noteSchema';
import { Button } from '@/ui/Button';
import { useJob } from '../../record/JobProvider';
import { type Reply, requestForm } from '../../shell/request';

/** Writes one thing of the car down at a step, over what is seen there; it is shown everywhere at once. */
export function useKeepWithCar(): (note: CarNote) => Promise<Reply<unknown>> {
  const { sheet, refresh } = useJob();
  return async (note) => {
    const reply = await requestForm('PATCH', `/api/cars/${sheet.car.id}`, { kind: 'note', content: note });
    // Of somebody else's word there, too: it is to be seen before it is written over.
    if (reply.ok || reply.refusal.code === 'stale') await refresh();
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
