import type { ButtonHTMLAttributes } from 'react';
import { cn } from './cn';

type Look = 'primary' | 'plain' | 'quiet' | 'stop';

const LOOKS: Record<Look, string> = {
  primary: 'bg-ink text-sheet border-2 border-ink hover:opacity-90',
  plain: 'bg-card text-ink border-2 border-ink hover:bg-straw-wash',
  quiet:
    'bg-transparent text-ink border-2 border-transparent underline decoration-1 underline-offset-4 hover:bg-straw-wash',
  stop: 'bg-card text-stop border-2 border-stop hover:bg-stop-wash',
};

/** The classes of a button, for links that act as one. There is nothing to press on paper. */
export function buttonClass(look: Look = 'plain'): string {
  return cn(
    'inline-flex min-h-11 min-w-11 items-center justify-center gap-2 px-4 py-1.5 text-base font-semibold wrap-normal',
    'disabled:cursor-not-allowed disabled:opacity-50 print:hidden',
    LOOKS[look],
  );
}

/** Something to press, big enough for a glove. */
export function Button({
  look = 'plain',
  className,
  type = 'button',
  ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & { look?: Look }) {
  const loud = look === 'primary' ? { 'data-loud': '' } : {};
  return <button type={type} className={cn(buttonClass(look), className)} {...loud} {...rest} />;
}
