'use client';

import { ToggleGroup } from 'radix-ui';
import { cn } from './cn';
import { useTabStop } from './useTabStop';

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
  const [stop, moves] = useTabStop(options, [value], (pressed) => onChange(pressed === value ? '' : pressed));
  return (
    <ToggleGroup.Root
      type="single"
      rovingFocus={false}
      value={value}
      onValueChange={onChange}
      aria-label={label}
      disabled={disabled}
      className={cn('flex flex-wrap', className)}
      {...(disabled ? {} : moves)}
    >
      {options.map(asKey(stop))}
    </ToggleGroup.Root>
  );
}

/** The same keys where several can be pressed at once. */
export function SeveralChoice({ label, options, pressed, onPress, disabled, className }: SeveralProps) {
  const [stop, moves] = useTabStop(options, pressed, onPress);
  return (
    <ToggleGroup.Root
      type="multiple"
      rovingFocus={false}
      value={[...pressed]}
      onValueChange={(now) => {
        const changed = options.find(({ value }) => now.includes(value) !== pressed.includes(value));
        if (changed) onPress(changed.value);
      }}
      aria-label={label}
      disabled={disabled}
      className={cn('flex flex-wrap', className)}
      {...(disabled ? {} : moves)}
    >
      {options.map(asKey(stop))}
    </ToggleGroup.Root>
  );
}

const asKey =
  (stop: number) =>
  ({ value, label, tone }: ChoiceOption, place: number) => (
    <ToggleGroup.Item
      key={value}
      value={value}
      tabIndex={place === stop ? 0 : -1}
      data-tone={tone}
      className="choice-key"
    >
      {label}
    </ToggleGroup.Item>
  );
