'use client';

import dynamic from 'next/dynamic';
import { useState, useSyncExternalStore } from 'react';
import { Button } from '@/ui/Button';
import { outbox } from './outbox';

const RefusedSheet = dynamic(() => import('./RefusedSheet').then((module) => module.RefusedSheet), {
  ssr: false,
});

/** Says only what the person has to know: entries waiting for the server, and entries it refused. */
export function SaveLine() {
  const { parcels, trouble } = useSyncExternalStore(outbox.subscribe, outbox.snapshot, outbox.serverSnapshot);
  const [open, setOpen] = useState(false);
  const refused = parcels.filter((parcel) => parcel.refusal);
  const waiting = parcels.length - refused.length;
  return (
    <>
      <div role="status" aria-live="polite" className="print:hidden">
        {trouble && waiting > 0 && (
          <p className="flex flex-wrap items-center gap-3 border-b border-ink bg-straw-wash px-5 py-1">
            <b>
              {waiting} {waiting === 1 ? 'entry' : 'entries'} not saved yet.
            </b>
            <span>{trouble}</span>
            <Button look="quiet" onClick={() => outbox.flush()}>
              Try now
            </Button>
          </p>
        )}
        {refused.length > 0 && (
          <p className="flex flex-wrap items-center gap-3 border-b border-ink bg-stop-wash px-5 py-1">
            <b className="text-stop">
              {refused.length} {refused.length === 1 ? 'entry was' : 'entries were'} not taken.
            </b>
            <span>Nothing is lost: look, and decide.</span>
            <Button look="stop" onClick={() => setOpen(true)}>
              Look
            </Button>
          </p>
        )}
      </div>
      {open && refused.length > 0 && <RefusedSheet refused={refused} onOpenChange={setOpen} />}
    </>
  );
}
