'use client';

import { useRouter } from 'next/navigation';
import { type ReactNode, useCallback } from 'react';
import { WayContext } from '@/ui/Link';
import { goWhere, stays } from '../shell/reach';
import { BriefNote } from './BriefNote';

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
      <BriefNote while={stays}>
        <b>The server does not answer.</b> This page stays: what you enter is kept here and sent when it does.
      </BriefNote>
    </WayContext>
  );
}
