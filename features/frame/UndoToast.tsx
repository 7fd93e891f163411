'use client';

import { Toast } from 'radix-ui';
import { memo, useDeferredValue, useSyncExternalStore } from 'react';
import { buttonClass } from '@/ui/Button';
import { type Offer, UNDO_MS, undo } from '../shell/undo';

/** What was just done, with the key that takes it back: drawn once what was pressed shows its answer. */
export function UndoToast() {
  const offer = useSyncExternalStore(undo.subscribe, undo.snapshot, () => null);
  return <Offered offer={useDeferredValue(offer)} />;
}

const Offered = memo(function Offered({ offer }: { offer: Offer | null }) {
  return (
    <Toast.Provider duration={UNDO_MS} label="Done">
      {offer?.shown && (
        <Toast.Root
          key={offer.id}
          onOpenChange={(open) => {
            if (!open) undo.drop(offer);
          }}
          className="flex items-center gap-3 border-2 border-ink bg-card py-1.5 pr-1.5 pl-4"
        >
          <Toast.Description className="min-w-0 flex-1 font-semibold">{offer.label}</Toast.Description>
          <Toast.Action
            altText="Undo: Control and Z"
            className={buttonClass('primary')}
            onClick={() => undo.take(offer)}
          >
            Undo
          </Toast.Action>
        </Toast.Root>
      )}
      <Toast.Viewport className="fixed bottom-16 left-3 z-40 w-[min(26rem,calc(100vw-1.5rem))] desk:bottom-4 print:hidden" />
    </Toast.Provider>
  );
});
