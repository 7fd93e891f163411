'use client';

import { Sheet } from '@/ui/Sheet';
import type { Parcel } from './outbox';
import { RefusedParcel } from './RefusedParcel';

/** Everything the server did not take, to be decided one by one. */
export function RefusedSheet({
  refused,
  onOpenChange,
}: {
  refused: readonly Parcel[];
  onOpenChange: (open: boolean) => void;
}) {
  return (
    <Sheet
      title="Not taken"
      about="Yours and what stands on file; you decide."
      open
      onOpenChange={onOpenChange}
    >
      <ul className="divide-y divide-rule">
        {refused.map((parcel) => (
          <RefusedParcel key={parcel.id} parcel={parcel} />
        ))}
      </ul>
    </Sheet>
  );
}
