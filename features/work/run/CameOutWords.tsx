'use client';

import { knownOf } from '@/core/job/known';
import { askedBy, cameOutOf } from '@/core/planning/bleed/taught';
import type { Run } from '@/core/planning/run/run';
import { useJob } from '../../record/JobProvider';

/** What the fluid that came out asks, at the end of a bleed. */
export function CameOutWords({ run }: { run: Run }) {
  const { sheet } = useJob();
  const asks = askedBy(cameOutOf(run), knownOf(sheet).opened);
  if (asks.length === 0) return null;
  return (
    <section aria-label="What came out says" className="my-4 border-l-[6px] border-bronze pl-3">
      <h4 className="text-lg font-semibold">What came out says</h4>
      <ul className="text-lg">
        {asks.map((each) => (
          <li key={each}>{each}</li>
        ))}
      </ul>
    </section>
  );
}
