'use client';

import { ToggleGroup } from 'radix-ui';
import { cn } from './cn';

export type ChoiceOption = { value: string; label: string; tone?: 'plain' | 'watch' | 'stop' };

type Props = {
  label: string;
  options: readonly ChoiceOption[];
  /** The pressed one; an empty string when nothing is. */
  value: string;
  onChange: (value: string) => void;
  disabled?: boolean;
  className?: string;
};

const PRESSED: Record<NonNullable<ChoiceOption['tone']>, string> = {
  plain: 'data-[state=on]:bg-ink data-[state=on]:text-sheet',
  watch: 'data-[state=on]:bg-straw data-[state=on]:text-[#17202a]',
  stop: 'data-[state=on]:bg-stop data-[state=on]:text-card',
};

/**
 * One of a few states, as touch keys side by side. Pressing the pressed one takes it back; arrow keys move, and the
 * digits 1 to 9 press while the row has the focus.
 */
export function Choice({ label, options, value, onChange, disabled, className }: Props) {
  return (
    <ToggleGroup.Root
      type="single"
      value={value}
      onValueChange={onChange}
      aria-label={label}
      disabled={disabled}
      className={cn('flex flex-wrap', className)}
      onKeyDown={(event) => {
        const option = /^[1-9]$/.test(event.key) ? options[Number(event.key) - 1] : undefined;
        if (!option || disabled || event.ctrlKey || event.metaKey || event.altKey) return;
        event.preventDefault();
        event.stopPropagation();
        onChange(option.value === value ? '' : option.value);
      }}
    >
      {options.map((option) => (
        <ToggleGroup.Item
          key={option.value}
          value={option.value}
          className={cn(
            '-ml-px min-h-11 min-w-14 border border-ink bg-card px-3 py-1 text-[0.9688rem] font-semibold first:ml-0',
            'hover:bg-straw-wash disabled:opacity-60 data-[state=on]:relative',
            PRESSED[option.tone ?? 'plain'],
          )}
        >
          {option.label}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  );
}
