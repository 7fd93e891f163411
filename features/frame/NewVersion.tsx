'use client';

import { useEffect, useState } from 'react';
import { Button } from '@/ui/Button';
import { askHealth } from '../shell/health';

/** How often a page asks whether it is still of the server's version, ms. */
const ASK_MS = 5 * 60_000;

/** A page that was open while the shop got a newer version: it goes on, and says so; nothing that was entered is lost by loading it anew. */
export function NewVersion({ build }: { build: string }) {
  const [older, setOlder] = useState(false);
  useEffect(() => {
    const ask = () => {
      if (document.visibilityState !== 'visible') return;
      void askHealth().then((health) => health && setOlder(health.build !== build));
    };
    const timer = setInterval(ask, ASK_MS);
    document.addEventListener('visibilitychange', ask);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', ask);
    };
  }, [build]);
  if (!older) return null;
  return (
    <p
      role="status"
      className="flex flex-wrap items-center gap-3 border-b border-ink bg-straw-wash px-5 py-1 print:hidden"
    >
      <b>This page is older than the shop’s tool.</b>
      <span>What you entered stays; load it anew when your hands are free.</span>
      <Button look="quiet" onClick={() => window.location.reload()}>
        Load it anew
      </Button>
    </p>
  );
}
