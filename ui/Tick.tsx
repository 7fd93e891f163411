import type { ReactNode } from 'react';
import { cn } from './cn';

type Props = {
  checked: boolean;
  onChange: (checked: boolean) => void;
  /** Said to a reader where the words beside it do not say enough. */
  label?: string;
  className?: string;
  children: ReactNode;
};

/** Something ticked or not, with its words beside it: all of it is pressed. */
export function Tick({ checked, onChange, label, className, children }: Props) {
  return (
    <label className={cn('flex min-h-11 cursor-pointer items-center gap-3', className)}>
      <input
        type="checkbox"
        aria-label={label}
        className="size-6 shrink-0 accent-(--ink)"
        checked={checked}
        onChange={(event) => onChange(event.target.checked)}
      />
      {children}
    </label>
  );
}
