'use client';

import dynamic from 'next/dynamic';
import { useState, useSyncExternalStore } from 'react';
import { Button } from '@/ui/Button';
import { type DeviceTrouble, device } from './device';
import { outbox } from './outbox';

const RefusedSheet = dynamic(() => import('./RefusedSheet').then((module) => module.RefusedSheet), {
  ssr: false,
});

const NO_ROOM: Record<DeviceTrouble, string> = {
  full: 'This device’s storage is full.',
  denied: 'This browser lets the page keep nothing.',
};

/** Says only what the person has to know: entries waiting for the server, and entries it refused. */
export function SaveLine() {
  const { trouble: noRoom, setAside } = useSyncExternalStore(
    device.subscribe,
    device.snapshot,
    device.serverSnapshot,
  );
  const { parcels, trouble } = useSyncExternalStore(outbox.subscribe, outbox.snapshot, outbox.serverSnapshot);
  const [open, setOpen] = useState(false);
  const refused = parcels.filter((parcel) => parcel.refusal);
  const waiting = parcels.length - refused.length;
  return (
    <>
      <div role="status" aria-live="polite" className="print:hidden">
        {noRoom && (
          <p className="border-b border-ink bg-straw-wash px-5 py-1">
            <b>{NO_ROOM[noRoom]}</b>{' '}
            {waiting > 0
              ? 'Entries are still sent, but a reload would lose those that are waiting: keep this page open until none is.'
              : 'Entries are still sent and saved; text being written would not outlast a reload.'}
          </p>
        )}
        {setAside && (
          <p className="flex flex-wrap items-center gap-3 border-b border-ink bg-straw-wash px-5 py-1">
            <span>
              <b>Something kept on this device could not be read.</b> It was put aside as it was; look whether
              your last entries are there.
            </span>
            <Button look="quiet" onClick={() => device.seen()}>
              Seen
            </Button>
          </p>
        )}
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
