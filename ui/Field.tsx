'use client';

import { type ComponentProps, type ReactNode, useId } from 'react';
import { cn } from './cn';

const BOX =
  'min-h-11 w-full border border-soft bg-card px-3 py-2 text-base text-ink aria-invalid:border-2 aria-invalid:border-stop';

type Around = { label: string; hint?: string; error?: string; unit?: string; className?: string };

/** Label over, unit beside, what is wrong under: the frame of every field. */
function Frame({
  id,
  label,
  hint,
  error,
  unit,
  className,
  children,
}: Around & { id: string; children: ReactNode }) {
  return (
    <div className={className}>
      <label htmlFor={id} className="narrow mb-1 block text-small font-semibold">
        {label}
      </label>
      <div className="flex items-center gap-2">
        {children}
        {unit && <span className="reading shrink-0 text-soft">{unit}</span>}
      </div>
      {hint && !error && (
        <p id={`${id}-hint`} className="text-small text-soft">
          {hint}
        </p>
      )}
      {error && (
        <p id={`${id}-error`} role="alert" className="text-small font-semibold text-stop">
          {error}
        </p>
      )}
    </div>
  );
}

function described(id: string, hint?: string, error?: string) {
  return {
    'aria-invalid': error ? true : undefined,
    'aria-describedby': error ? `${id}-error` : hint ? `${id}-hint` : undefined,
  } as const;
}

export function TextField({
  label,
  hint,
  error,
  unit,
  className,
  ...rest
}: Around & ComponentProps<'input'>) {
  const own = useId();
  const id = rest.id ?? own;
  return (
    <Frame {...{ id, label, hint, error, unit, className }}>
      <input {...rest} id={id} className={BOX} {...described(id, hint, error)} />
    </Frame>
  );
}

/** What is looked for in a list; the browser's own search dress stays off. */
export function SearchField(props: Around & ComponentProps<'input'>) {
  return <TextField {...props} type="search" autoComplete="off" spellCheck={false} enterKeyHint="search" />;
}

/** A reading: decimal keyboard, mono figures, right under the thumb. */
export function NumberField({ className, ...props }: Around & ComponentProps<'input'>) {
  const own = useId();
  const id = props.id ?? own;
  const { label, hint, error, unit, ...rest } = props;
  return (
    <Frame {...{ id, label, hint, error, unit, className }}>
      <input
        {...rest}
        id={id}
        inputMode="decimal"
        autoComplete="off"
        className={cn(BOX, 'reading text-lg')}
        {...described(id, hint, error)}
      />
    </Frame>
  );
}

export function TextArea({ label, hint, error, className, ...rest }: Around & ComponentProps<'textarea'>) {
  const own = useId();
  const id = rest.id ?? own;
  return (
    <Frame {...{ id, label, hint, error, className }}>
      <textarea
        rows={2}
        {...rest}
        id={id}
        // As tall as what is in it: nobody scrolls inside three lines.
        className={cn(BOX, 'field-sizing-content min-h-17 resize-y')}
        {...described(id, hint, error)}
      />
    </Frame>
  );
}

export function SelectField({
  label,
  hint,
  error,
  className,
  children,
  ...rest
}: Around & ComponentProps<'select'>) {
  const own = useId();
  const id = rest.id ?? own;
  return (
    <Frame {...{ id, label, hint, error, className }}>
      <select {...rest} id={id} className={BOX} {...described(id, hint, error)}>
        {children}
      </select>
    </Frame>
  );
}
