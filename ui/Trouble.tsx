import type { ReactNode } from 'react';
import { cn } from './cn';

/** What went wrong, said where it did; nothing while nothing has. */
export function Trouble({ children, className }: { children?: ReactNode; className?: string }) {
  return children ? (
    <p role="alert" className={cn('font-semibold text-stop', className)}>
      {children}
    </p>
  ) : null;
}
