'use client';

import { type ReactNode, useSyncExternalStore } from 'react';
import type { Briefly } from '../shell/briefly';

/** Something said for a while over whatever page it is, where it is seen. */
export function BriefNote({ while: said, children }: { while: Briefly; children: ReactNode }) {
  const shown = useSyncExternalStore(said.subscribe, said.snapshot, () => 0);
  return (
    <div
      role="status"
      className="fixed right-3 bottom-16 left-3 z-40 mx-auto max-w-md desk:bottom-4 print:hidden"
    >
      {shown > 0 && <p className="border-2 border-ink bg-straw-wash p-3">{children}</p>}
    </div>
  );
}
