'use client';

import { Photos } from '../car/photo/Photos';
import { useSettledJob } from '../record/JobProvider';

/** Photographs of this job: of the corner that is picked, or of all of it. */
export function JobPhotos() {
  const { sheet, corner, closed, refresh } = useSettledJob();
  const own = sheet.photos.filter(
    ({ jobId, place }) => jobId === sheet.job.id && (!corner || place === corner),
  );
  if (closed && own.length === 0) return null;
  return (
    <section aria-label="Photographs" className="mt-5 border-t-2 border-ink pt-2">
      <h3 className="text-xl">Photographs {corner}</h3>
      <Photos
        carId={sheet.car.id}
        jobId={sheet.job.id}
        {...(corner ? { place: corner } : {})}
        photos={own}
        {...(closed ? {} : { onChange: () => void refresh() })}
      />
    </section>
  );
}
