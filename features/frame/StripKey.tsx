import type { ComponentProps } from 'react';
import { cn } from '@/ui/cn';

/** A key of the strip over every screen; what it does is said by its picture and its label. */
export function StripKey({ className, ...rest }: ComponentProps<'button'> & { 'aria-label': string }) {
  return (
    <button
      type="button"
      className={cn(
        'flex h-11 min-w-9 items-center justify-center text-white focus-visible:outline-[#f2c14e] sm:min-w-11',
        className,
      )}
      {...rest}
    />
  );
}
