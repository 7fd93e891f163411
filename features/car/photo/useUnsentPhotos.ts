import { useSyncExternalStore } from 'react';
import type { PhotoRow } from '@/core/car/photos';
import { outbox } from '../../queue/page';

/** A photograph that waits on this device, and where its picture is had meanwhile. */
export type UnsentPhoto = { photo: PhotoRow; src: string };

/** Photographs of one place that wait to be sent; what has landed meanwhile is not among them. */
export function useUnsentPhotos(
  { carId, jobId, place, note }: { carId: string; jobId?: string; place?: string; note?: string },
  landed: readonly PhotoRow[],
): UnsentPhoto[] {
  const { writes } = useSyncExternalStore(outbox.subscribe, outbox.snapshot, outbox.serverSnapshot);
  return writes.flatMap((write): UnsentPhoto[] => {
    if (write.kind !== 'photo' || write.carId !== carId) return [];
    const { jpeg, ...body } = write.body;
    const isHere =
      body.jobId === (jobId ?? null) && body.place === (place ?? '') && body.note === (note ?? null);
    if (!isHere || landed.some(({ id }) => id === body.id)) return [];
    return [
      { photo: { ...body, takenAt: write.enteredAt, version: 1 }, src: `data:image/jpeg;base64,${jpeg}` },
    ];
  });
}
