'use client';

import { type ReactNode, useState, useSyncExternalStore } from 'react';
import { Button } from '@/ui/Button';
import { type DeviceTrouble, device } from '../shell/device';
import { later } from '../shell/later';
import { outbox, waitsForAuthor } from './page';
import type { QueuedWrite } from './write';

const RefusedSheet = later(() => import('./RefusedSheet').then((module) => module.RefusedSheet));

const NO_ROOM: Record<DeviceTrouble, string> = {
  full: 'This device’s storage is full.',
  denied: 'This browser lets the page keep nothing.',
};

/** Says only what the person has to know: entries waiting for the server, and entries it refused. */
export function SaveLine() {
  const { loaded, writes, trouble, unkept } = useSyncExternalStore(
    outbox.subscribe,
    outbox.snapshot,
    outbox.serverSnapshot,
  );
  const [open, setOpen] = useState(false);
  const refused = writes.filter((write) => write.refusal);
  const others = writes.filter((write) => !write.refusal && waitsForAuthor(write));
  const waiting = writes.length - refused.length - others.length;
  return (
    <>
      <div
        role="status"
        aria-live="polite"
        data-unsent={loaded ? writes.length : undefined}
        className="print:hidden"
      >
        {trouble && waiting > 0 && (
          <p className="flex flex-wrap items-center gap-3 border-b border-ink bg-straw-wash px-5 py-1">
            <b>
              {waiting} {waiting === 1 ? 'entry' : 'entries'} not saved yet.
            </b>
            <span>{trouble}</span>
            <Button look="quiet" onClick={() => outbox.wake()}>
              Try now
            </Button>
          </p>
        )}
        {others.length > 0 && <OthersLine writes={others} />}
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
      <DeviceNotices waiting={waiting} unkept={unkept} />
      {open && refused.length > 0 && <RefusedSheet refused={refused} onOpenChange={setOpen} />}
    </>
  );
}

/** What somebody else entered here and could not send any more: theirs, until somebody says otherwise. */
function OthersLine({ writes }: { writes: readonly QueuedWrite[] }) {
  const names = [...new Set(writes.map(({ by }) => by?.name))].join(', ');
  return (
    <p className="flex flex-wrap items-center gap-3 border-b border-ink bg-straw-wash px-5 py-1">
      <b>
        {writes.length} {writes.length === 1 ? 'entry' : 'entries'} of {names} not saved yet.
      </b>
      <span>Kept here until {names} signs in.</span>
      <Button look="quiet" onClick={() => outbox.takeOver()}>
        Send under my name
      </Button>
    </p>
  );
}

/**
 * What this device cannot keep, over the page and not in it: it comes a moment after the page is there, and must not move
 * what is about to be pressed.
 */
function DeviceNotices({ waiting, unkept }: { waiting: number; unkept: DeviceTrouble | null }) {
  const texts = useSyncExternalStore(device.subscribe, device.snapshot, device.serverSnapshot);
  const trouble = unkept ?? texts.trouble;
  const [seen, setSeen] = useState<DeviceTrouble | null>(null);
  return (
    <div
      role="status"
      className="fixed top-13 right-3 left-3 z-40 grid gap-2 sm:left-auto sm:max-w-sm print:hidden"
    >
      {trouble && trouble !== seen && (
        <Notice title={NO_ROOM[trouble]} onSeen={() => setSeen(trouble)}>
          {unkept && waiting > 0
            ? 'Entries are still sent, but a reload would lose those that are waiting: keep this page open until none is.'
            : 'Entries are still sent and saved; text being written would not outlast a reload.'}
        </Notice>
      )}
      {texts.setAside && (
        <Notice title="Something kept on this device could not be read." onSeen={() => device.seen()}>
          It was put aside as it was; look whether your last entries are there.
        </Notice>
      )}
    </div>
  );
}

type NoticeProps = { title: string; onSeen: () => void; children: ReactNode };

function Notice({ title, onSeen, children }: NoticeProps) {
  return (
    <div className="border-2 border-ink bg-straw-wash p-3">
      <p>
        <b>{title}</b> {children}
      </p>
      <Button look="quiet" className="-mb-2 -ml-4" onClick={onSeen}>
        Seen
      </Button>
    </div>
  );
}
