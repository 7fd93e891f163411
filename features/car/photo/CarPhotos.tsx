'use client';

import type { PhotoRow } from '@/core/car/photos';
import { useRefresh } from '../../shell/useRefresh';
import { Photos } from './Photos';

/** Every photograph of a car, newest first. */
export function CarPhotos({ carId, photos }: { carId: string; photos: PhotoRow[] }) {
  const refreshPage = useRefresh();
  return (
    <section aria-labelledby="photos">
      <h2 id="photos" className="mt-6 border-b-2 border-ink pb-1 text-xl">
        Photographs
      </h2>
      <Photos carId={carId} photos={photos} onChange={refreshPage} />
    </section>
  );
}
