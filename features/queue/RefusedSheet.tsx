'use client';

import { Sheet } from '@/ui/Sheet';
import { RefusedWrite } from './RefusedWrite';
import type { QueuedWrite } from './write';

/** Everything the server did not take, to be decided one by one. */
export function RefusedSheet({
  refused,
  onOpenChange,
}: {
  refused: readonly QueuedWrite[];
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
        {refused.map((write) => (
          <RefusedWrite key={write.id} write={write} />
        ))}
      </ul>
    </Sheet>
  );
}
