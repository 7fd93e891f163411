import { cn } from './cn';

type Key = { value: string; label: string; pressed: boolean };

/** Touch keys side by side of which any number may be pressed. */
export function Keys({
  keys,
  onPress,
  disabled,
}: {
  keys: readonly Key[];
  onPress: (value: string) => void;
  disabled?: boolean;
}) {
  return keys.map(({ value, label, pressed }) => (
    <button
      key={value}
      type="button"
      aria-pressed={pressed}
      disabled={disabled}
      onClick={() => onPress(value)}
      className={cn(
        '-ml-px min-h-11 min-w-14 border border-ink px-3 py-1 font-semibold first-of-type:ml-0',
        pressed ? 'relative bg-ink text-sheet' : 'bg-card hover:bg-straw-wash',
      )}
    >
      {label}
    </button>
  ));
}
