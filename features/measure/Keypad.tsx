'use client';

import { CornerDownLeft, Delete } from 'lucide-react';
import { type ReactNode, type RefObject, useEffect, useRef } from 'react';
import { cn } from '@/ui/cn';
import { useMeasureFocus } from './MeasureFocus';
import { useKeypad } from './useKeypad';

const DIGITS = ['7', '8', '9', '4', '5', '6', '1', '2', '3', '0'];

/** Figures with a gloved finger: docked at the bottom while a field waits for one. */
export function Keypad() {
  const { armed, disarm, edit, goOn, before } = useMeasureFocus();
  const keypad = useKeypad();
  useLetGoElsewhere(disarm);
  const pad = useRef<HTMLElement>(null);
  useInSight(pad, keypad.on ? armed?.id : undefined);
  if (!keypad.on || !armed) return null;
  const again = armed.text === '' ? before(armed) : undefined;
  const type = (character: string) => edit((text) => (isWhole(armed.id) ? '' : text) + character);
  return (
    <section
      ref={pad}
      aria-label="Keys on the screen"
      className="fixed inset-x-0 bottom-14 z-30 border-t-2 border-ink bg-card p-1.5 desk:inset-x-auto desk:bottom-2 desk:right-2 desk:w-80 desk:border-2 print:hidden"
    >
      <div className="flex min-h-12 items-center gap-2 px-1 pb-1 text-small">
        <span className="min-w-0 flex-1 truncate">{armed.label}</span>
        {again && (
          <Key label={`Again ${again}`} onPress={() => edit(() => again)} className="min-h-11 px-3 text-base">
            Again <span className="reading">{again}</span>
          </Key>
        )}
        <span className="reading min-w-14 text-right text-xl font-semibold">{armed.text || '–'}</span>
      </div>
      <div className="grid grid-cols-4 gap-1 max-desk:low:grid-cols-8">
        {DIGITS.slice(0, 3).map((digit) => (
          <Key key={digit} label={digit} onPress={() => type(digit)} />
        ))}
        <Key label="Delete the last figure" onPress={() => edit((text) => text.slice(0, -1))}>
          <Delete aria-hidden="true" size={24} />
        </Key>
        {DIGITS.slice(3, 6).map((digit) => (
          <Key key={digit} label={digit} onPress={() => type(digit)} />
        ))}
        <Key
          label="Plus or minus"
          onPress={() => edit((text) => (/^[-−]/.test(text) ? text.slice(1) : `-${text}`))}
        >
          ±
        </Key>
        {DIGITS.slice(6, 9).map((digit) => (
          <Key key={digit} label={digit} onPress={() => type(digit)} />
        ))}
        <Key label="Point" onPress={() => type('.')}>
          .
        </Key>
        <Key label="Put the keys away" onPress={disarm} className="text-base">
          Away
        </Key>
        <Key label="0" onPress={() => type('0')} />
        <Key label="Next" onPress={goOn} className="col-span-2 bg-ink text-sheet">
          <CornerDownLeft aria-hidden="true" size={22} /> Next
        </Key>
      </div>
    </section>
  );
}

function Key({
  label,
  onPress,
  className,
  children,
}: {
  label: string;
  onPress: () => void;
  className?: string;
  children?: ReactNode;
}) {
  return (
    <button
      type="button"
      aria-label={label}
      // The field keeps the focus, and what is selected in it stays selected.
      onPointerDown={(event) => event.preventDefault()}
      onMouseDown={(event) => event.preventDefault()}
      onClick={onPress}
      className={cn(
        'flex min-h-13 max-desk:low:min-h-11 items-center justify-center gap-2 border border-ink bg-card text-2xl font-semibold active:bg-straw-wash',
        className,
      )}
    >
      {children ?? label}
    </button>
  );
}

/** Whether all of a field is selected, so that the next figure starts it anew, as typing would. */
function isWhole(id: string): boolean {
  const field = document.getElementById(id) as HTMLInputElement | null;
  return (
    field !== null &&
    field.value !== '' &&
    field.selectionStart === 0 &&
    field.selectionEnd === field.value.length
  );
}

/** Room under a field for what is said about it, px. */
const SAID_BELOW = 72;

/**
 * The row that is filled in stays in sight over the keys, with what is said under it. The page gets as much more room at
 * its end as the keys cover.
 */
function useInSight(pad: RefObject<HTMLElement | null>, id: string | undefined): void {
  useEffect(() => {
    const keys = pad.current;
    if (!keys || id === undefined || !window.matchMedia('(max-width: 1023px)').matches) return;
    const bring = () => {
      document.body.style.paddingBottom = `${keys.offsetHeight + SAID_BELOW}px`;
      const field = document.getElementById(id)?.getBoundingClientRect();
      const over = field ? field.bottom + SAID_BELOW - keys.getBoundingClientRect().top : 0;
      if (over > 0) window.scrollBy({ top: over });
    };
    bring();
    // A phone that is turned on its side.
    window.addEventListener('resize', bring);
    return () => {
      window.removeEventListener('resize', bring);
      document.body.style.paddingBottom = '';
    };
  }, [pad, id]);
}

/** Another kind of field has the focus: the keys are no longer wanted. */
function useLetGoElsewhere(disarm: () => void): void {
  useEffect(() => {
    const look = (event: FocusEvent) => {
      const { target } = event;
      if (target instanceof HTMLElement && target.matches('input:not([data-measure]), textarea, select'))
        disarm();
    };
    document.addEventListener('focusin', look);
    return () => document.removeEventListener('focusin', look);
  }, [disarm]);
}
