import type { MeasureId } from '@/core/readings/measures';
import { DIAL_AT } from './dialPictures';

/** Where to put the dial. */
export function DialSetup({ measure }: { measure: MeasureId }) {
  const at = DIAL_AT[measure];
  if (!at) return null;
  return (
    <figure className="my-2 flex items-center gap-4">
      <svg viewBox="0 0 130 104" aria-hidden="true" className="w-36 shrink-0">
        {at.picture}
      </svg>
      <figcaption className="text-small text-soft">{at.words}</figcaption>
    </figure>
  );
}
