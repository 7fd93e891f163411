'use client';

import { readingLabel } from '@/core/readings/measureOf';
import type { CarReading } from '@/server/cars/queries';
import { shortDate } from '@/ui/format';
import { Link } from '@/ui/Link';
import { readingWords } from '../measure/readingWords';
import { useShop } from '../shell/ShopContext';
import { useUnits } from '../shell/useUnits';

export function ReadingLines({ readings }: { readings: readonly CarReading[] }) {
  const shop = useShop();
  const units = useUnits();
  return (
    <ul>
      {readings.map((reading) => (
        <li
          key={`${reading.kind} ${reading.corner}`}
          className="flex justify-between gap-3 border-b border-rule py-2"
        >
          <span>
            {readingLabel(reading.kind)} {reading.corner}{' '}
            <span className="reading font-semibold">{readingWords(reading, reading.figures, units)}</span>
          </span>
          <Link href={`/job/${reading.jobId}`} className="shrink-0 underline underline-offset-4">
            {shortDate(reading.recordedAt, shop)}
          </Link>
        </li>
      ))}
      {readings.length === 0 && <li className="py-2 text-soft">None yet.</li>}
    </ul>
  );
}
