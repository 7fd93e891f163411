'use client';

import { useSyncExternalStore } from 'react';
import { ROLE_WORDS } from '@/core/base/people/roles';
import { denied } from '../../shell/denied';
import { usePerson } from '../../shell/PersonContext';

/** What was pressed is for others: said where it is seen, over whatever page it is. */
export function DeniedNote() {
  const shown = useSyncExternalStore(denied.subscribe, denied.snapshot, () => 0);
  const { label, may } = ROLE_WORDS[usePerson().role];
  return (
    <div
      role="status"
      className="fixed right-3 bottom-16 left-3 z-40 mx-auto max-w-md desk:bottom-4 print:hidden"
    >
      {shown > 0 && (
        <p className="border-2 border-ink bg-straw-wash p-3">
          <b>Not entered.</b> You are here as {label.toLowerCase()}: {may}.
        </p>
      )}
    </div>
  );
}
