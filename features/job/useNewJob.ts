'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { type Path, useForm } from 'react-hook-form';
import { outbox } from '../queue/page';
import { markRefused } from '../shell/markRefused';
import { newId } from '../shell/newId';
import { keepsPages, stays } from '../shell/reach';
import { notTaken, requestForm } from '../shell/request';
import { useShop } from '../shell/ShopContext';
import { sendsAnew } from '../shell/sendsAnew';
import { useKept } from '../shell/useKept';
import { useShowKept } from '../shell/useShowKept';
import { wantedAt } from './wantedAt';

export type NewJobAsked = {
  cars: readonly { id: string }[];
  chosen?: string;
  /** What it is opened for, when that is known: something that is due. */
  says?: string;
};
type Typed = { carId: string; complaint: string; day: string; time: string };

const NO_CAR = 'No car is chosen yet: press one of these, or enter another.';
const TAKEN = { day: 'a day such as 31 May', time: 'a time such as 17:00' };

/** A job while it is opened: kept on this device until it is, on this device alone where the server cannot be reached. */
export function useNewJob({ cars, chosen, says }: NewJobAsked) {
  const router = useRouter();
  const shop = useShop();
  const [id] = useState(newId);
  const [kept, keep, forget] = useKept<Omit<Typed, 'carId'>>(`new-job.${says ?? 'complaint'}`, {
    complaint: says ?? '',
    day: '',
    time: '',
  });
  const form = useForm<Typed>({ defaultValues: { carId: firstCar(cars, chosen), ...kept } });
  const { errors, isSubmitting } = form.formState;
  useShowKept(form, kept);
  const open = form.handleSubmit(async ({ carId, complaint, ...back }) => {
    if (!carId) {
      form.setError('carId', { message: NO_CAR });
      return;
    }
    const wanted = wantedAt(back, shop);
    if ('wrong' in wanted) {
      const { wrong } = wanted;
      form.setError(wrong, { message: notTaken({ value: back[wrong].trim(), accepted: TAKEN[wrong] }) });
      return;
    }
    const opened = await openJob({ id, carId, complaint, neededAt: wanted.at });
    if (!opened.ok) return markRefused(form, opened.refusal, fieldOf);
    forget();
    // The device has a page for one that waits, where it keeps any; the server has none yet.
    if (!opened.away) router.push(`/job/${id}/complaint`);
    else if (keepsPages()) window.location.assign(`/job/${id}/complaint`);
    else stays.say();
  });
  const typed = form.watch();
  return {
    typed,
    set(changes: Partial<Typed>) {
      for (const [field, value] of Object.entries(changes)) form.setValue(field as Path<Typed>, value);
      if (changes.carId) form.clearErrors('carId');
      const { carId: _, ...rest } = form.getValues();
      keep(rest);
    },
    errorOf: (field: Path<Typed>) => errors[field]?.message,
    trouble: errors.root?.message,
    busy: isSubmitting,
    onSubmit: sendsAnew(form, open),
  };
}

/** Opens a job at the server; on this device alone where that cannot be reached. */
async function openJob(body: { id: string; carId: string; complaint: string; neededAt: string | null }) {
  const reply = await requestForm('POST', '/api/jobs', { kind: 'job', content: body });
  if (reply.ok) return { ok: true as const, away: false };
  if (reply.refusal.code !== 'unavailable') return { ok: false as const, refusal: reply.refusal };
  const { id, complaint } = body;
  outbox.add({ id, jobId: id, kind: 'opening', label: `Opening: ${complaint || 'a job'}`, body });
  return { ok: true as const, away: true };
}

/** The moment it is wanted back is two fields here, read before it is sent; the car is pressed, not typed. */
function fieldOf(path: string): string | undefined {
  return path === 'complaint' ? path : undefined;
}

/** The car that was named, or the only one there is. */
function firstCar(cars: readonly { id: string }[], chosen: string | undefined): string {
  if (chosen && cars.some(({ id }) => id === chosen)) return chosen;
  return cars.length === 1 ? cars[0]!.id : '';
}
