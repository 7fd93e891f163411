'use client';

import { X } from 'lucide-react';
import { Dialog } from 'radix-ui';
import type { ReactNode } from 'react';
import { Button } from './Button';

type Props = {
  title: string;
  about?: string;
  open: boolean;
  onOpenChange: (open: boolean) => void;
  children: ReactNode;
};

/** A sheet laid over the page. */
export function Sheet({ title, about, open, onOpenChange, children }: Props) {
  return (
    <Dialog.Root open={open} onOpenChange={onOpenChange}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/45" />
        <Dialog.Content className="fixed inset-x-0 bottom-0 z-50 max-h-[92dvh] overflow-y-auto border-t-4 border-ink bg-card p-5 text-ink desk:inset-auto desk:left-1/2 desk:top-1/2 desk:w-[44rem] desk:max-w-[94vw] desk:-translate-x-1/2 desk:-translate-y-1/2 desk:border-4">
          <div className="mb-3 flex items-start justify-between gap-4">
            <div>
              <Dialog.Title className="text-2xl">{title}</Dialog.Title>
              <Dialog.Description className={about ? 'text-soft' : 'sr-only'}>
                {about ?? title}
              </Dialog.Description>
            </div>
            <Dialog.Close asChild>
              <Button look="quiet" aria-label="Close">
                <X aria-hidden="true" size={22} />
              </Button>
            </Dialog.Close>
          </div>
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
