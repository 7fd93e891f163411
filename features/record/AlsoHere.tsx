'use client';

import { listed } from '@/core/base/sentence';
import { useOthers } from './Presence';

/** Who else is at this very question: two hands at one answer are seen before they are merged. */
export function AlsoHere({ at }: { at: string }) {
  const names = useOthers()
    .filter(({ question }) => question === at)
    .map(({ name }) => name);
  if (names.length === 0) return null;
  return (
    <p role="status" className="text-small font-semibold text-bronze">
      {listed(names)} {names.length === 1 ? 'is' : 'are'} at this too
    </p>
  );
}
