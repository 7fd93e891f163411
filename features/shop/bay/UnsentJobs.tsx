'use client';

import { useSyncExternalStore } from 'react';
import { outbox } from '../../queue/page';

/** Jobs that began on this device and wait to be sent: the board itself knows nothing of them yet. */
export function UnsentJobs({ cars }: { cars: readonly { id: string; name: string }[] }) {
  const { writes } = useSyncExternalStore(outbox.subscribe, outbox.snapshot, outbox.serverSnapshot);
  const openings = writes.flatMap((write) => (write.kind === 'opening' ? [write] : []));
  if (openings.length === 0) return null;
  return (
    <ul aria-label="Begun here, not sent yet" className="mb-4 grid gap-2">
      {openings.map(({ id, jobId, body }) => (
        <li key={id}>
          {/* Not a link of the application: where there is no network the device has the page, not the server. */}
          <a
            href={`/job/${jobId}/complaint`}
            className="block border-2 border-dashed border-ink bg-straw-wash px-4 py-2"
          >
            <b>{cars.find((car) => car.id === body.carId)?.name}</b> {body.complaint}
            <span className="block text-small text-soft">Begun on this device, not sent yet</span>
          </a>
        </li>
      ))}
    </ul>
  );
}
