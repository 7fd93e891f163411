'use client';

import { Toggle } from 'radix-ui';
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
export function Choice({ value, onChange, ...keys }: Props) {
  const press = (pressed: string) => onChange(pressed === value ? '' : pressed);
  return <Row {...keys} role="radiogroup" pressed={[value]} onPress={press} />;
}

/** The same keys where several can be pressed at once. */
export function SeveralChoice(props: SeveralProps) {
  return <Row {...props} role="toolbar" />;
}

function Row({
  role,
  label,
  options,
  pressed,
  onPress,
  disabled,
  className,
}: SeveralProps & { role: 'radiogroup' | 'toolbar' }) {
  const [stop, moves] = useTabStop(options, pressed, onPress);
  const row = { role, 'aria-label': label };
  return (
    <div {...row} className={cn('flex flex-wrap', className)} {...(disabled ? {} : moves)}>
      {options.map(({ value, label: word, tone }, place) => {
        const isOn = pressed.includes(value);
        const radio = { role: 'radio', 'aria-checked': isOn, 'aria-pressed': undefined };
        return (
          <Toggle.Root
            key={value}
            {...(role === 'radiogroup' ? radio : {})}
            pressed={isOn}
            onPressedChange={() => onPress(value)}
            disabled={disabled}
            tabIndex={place === stop ? 0 : -1}
            data-tone={tone}
            className="choice-key"
          >
            {word}
          </Toggle.Root>
        );
      })}
    </div>
  );
}
