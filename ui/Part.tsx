import type { ReactNode } from 'react';
import { cn } from './cn';

/** A part of a long form under its name; `wide` has room for four fields side by side. */
export function Part({ title, wide, children }: { title: string; wide?: boolean; children: ReactNode }) {
  return (
    <fieldset className="border-t-2 border-ink pt-1">
      <legend className="narrow pr-3 text-xl font-bold">{title}</legend>
      <div className={cn('grid gap-4 sm:grid-cols-2', wide && 'desk:grid-cols-4')}>{children}</div>
    </fieldset>
  );
}
