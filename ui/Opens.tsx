'use client';

import { ChevronDown } from 'lucide-react';
import { Collapsible } from 'radix-ui';
import type { ReactNode } from 'react';
import { cn } from './cn';

/** A row that opens to what lies behind it. */
export function Opens({
  head,
  children,
  startOpen = false,
  className,
  measures = false,
}: {
  head: ReactNode;
  children: ReactNode;
  startOpen?: boolean;
  className?: string;
  /** It holds the field of a gauge: whoever comes to measure finds it open. */
  measures?: boolean;
}) {
  return (
    <Collapsible.Root defaultOpen={startOpen} className={className}>
      <Collapsible.Trigger
        data-measure-it={measures || undefined}
        className="group flex min-h-11 w-full items-center gap-2 text-left hover:bg-straw-wash"
      >
        <span className="min-w-0 flex-1">{head}</span>
        <ChevronDown
          aria-hidden="true"
          size={20}
          className={cn('shrink-0 transition-transform group-data-[state=open]:rotate-180')}
        />
      </Collapsible.Trigger>
      <Collapsible.Content>{children}</Collapsible.Content>
    </Collapsible.Root>
  );
}
