'use client';

import { ToggleGroup } from 'radix-ui';
import type { KeyboardEvent } from 'react';
import { cn } from './cn';

export type ChoiceOption = { value: string; label: string; tone?: 'plain' | 'watch' | 'stop' };

type Keys = { label: string; options: readonly ChoiceOption[]; disabled?: boolean; className?: string };

type Props = Keys & {
  /** The pressed one; an empty string when nothing is. */
  value: string;
  onChange: (value: string) => void;
};

type SeveralProps = Keys & {
  pressed: readonly string[];
  /** Which key was pressed, to go on or off. */
  onPress: (value: string) => void;
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
      onKeyDown={pressByDigit(options, disabled, (pressed) => onChange(pressed === value ? '' : pressed))}
    >
      {options.map(asKey)}
    </ToggleGroup.Root>
  );
}

/** The same keys where several can be pressed at once. */
export function SeveralChoice({ label, options, pressed, onPress, disabled, className }: SeveralProps) {
  return (
    <ToggleGroup.Root
      type="multiple"
      value={[...pressed]}
      onValueChange={(now) => {
        const changed = options.find(({ value }) => now.includes(value) !== pressed.includes(value));
        if (changed) onPress(changed.value);
      }}
      aria-label={label}
      disabled={disabled}
      className={cn('flex flex-wrap', className)}
      onKeyDown={pressByDigit(options, disabled, onPress)}
    >
      {options.map(asKey)}
    </ToggleGroup.Root>
  );
}

function pressByDigit(
  options: readonly ChoiceOption[],
  disabled: boolean | undefined,
  press: (value: string) => void,
) {
  return (event: KeyboardEvent) => {
    const option = /^[1-9]$/.test(event.key) ? options[Number(event.key) - 1] : undefined;
    if (!option || disabled || event.ctrlKey || event.metaKey || event.altKey) return;
    event.preventDefault();
    event.stopPropagation();
    press(option.value);
  };
}

function asKey({ value, label, tone }: ChoiceOption) {
  return (
    <ToggleGroup.Item key={value} value={value} data-tone={tone} className="choice-key">
      {label}
    </ToggleGroup.Item>
  );
}
