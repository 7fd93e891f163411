'use client';

import { useRouter } from 'next/navigation';
import { type ReactNode, useCallback, useSyncExternalStore } from 'react';
import { WayContext } from '@/ui/Link';
import { goWhere, stays } from '../shell/reach';

/** Has every link ask whether its page can be had, before this one is left for it. */
export function WayGuard({ children }: { children: ReactNode }) {
  const router = useRouter();
  const asked = useCallback(
    (href: string, hold: () => void) => goWhere(href, () => router.push(href), hold),
    [router],
  );
  return (
    <WayContext value={asked}>
      {children}
      <StaysNote />
    </WayContext>
  );
}

/** That the page that was asked for cannot be had: said over the one that stays. */
function StaysNote() {
  const shown = useSyncExternalStore(stays.subscribe, stays.snapshot, () => 0);
  return (
    <div
      role="status"
      className="fixed right-3 bottom-16 left-3 z-40 mx-auto max-w-md desk:bottom-4 print:hidden"
    >
      {shown > 0 && (
        <p className="border-2 border-ink bg-straw-wash p-3">
          <b>The server does not answer.</b> This page stays: what you enter is kept here and sent when it
          does.
        </p>
      )}
    </div>
  );
}
