'use client';

import { useEffect, useLayoutEffect } from 'react';
import type { BaseUnit } from '@/core/base/units/display';
import type { Pose } from '@/core/readings/instruments/condition';
import type { Quantity } from '@/core/readings/instruments/kinds';
import { cn } from '@/ui/cn';
import { useCells } from './MeasureFocus';

export type MeasureCellProps = {
  id: string;
  /** Said to a reader and on the gauge bar: "Runout FR station 3". */
  label: string;
  base: BaseUnit;
  quantity?: Quantity;
  pose?: Pose;
  value: string;
  onChange: (text: string) => void;
  onNext: () => void;
  invalid?: boolean;
  describedBy?: string;
  placeholder?: string;
  disabled?: boolean;
  className?: string;
};

/** One figure of a set: Enter goes on, a gauge or the keys on the screen fill it. */
export function MeasureCell({
  id,
  label,
  base,
  quantity,
  pose,
  value,
  onChange,
  onNext,
  invalid,
  describedBy,
  placeholder,
  disabled,
  className,
}: MeasureCellProps) {
  const { arm, register, forget, byKeys } = useCells();
  useLayoutEffect(() =>
    register({ id, label, base, quantity, pose, text: value, change: onChange, next: onNext }),
  );
  useEffect(() => () => forget(id), [id, forget]);
  return (
    <input
      id={id}
      data-measure=""
      aria-label={label}
      aria-invalid={invalid || undefined}
      aria-describedby={describedBy}
      inputMode={byKeys ? 'none' : 'decimal'}
      enterKeyHint="next"
      autoComplete="off"
      disabled={disabled}
      placeholder={placeholder}
      value={value}
      onFocus={(event) => {
        arm(id);
        event.currentTarget.select();
      }}
      onChange={(event) => onChange(event.target.value)}
      onKeyDown={(event) => {
        if (event.key !== 'Enter') return;
        event.preventDefault();
        onNext();
      }}
      className={cn(
        'reading min-h-11 w-full border border-soft bg-card px-1.5 text-right text-lg placeholder:text-soft focus:bg-straw-wash aria-invalid:text-stop aria-invalid:underline aria-invalid:decoration-2 aria-invalid:underline-offset-4',
        className,
      )}
    />
  );
}

/** The cell of one figure of a form. */
export function cellIdIn(form: string, name: string): string {
  return `${form}-${name.replaceAll('.', '-')}`;
}

/** Puts the cursor in a cell; the whole of what stands there is ready to be typed over. */
export function focusCell(id: string): boolean {
  const cell = document.getElementById(id) as HTMLInputElement | null;
  cell?.focus();
  cell?.scrollIntoView({ block: 'nearest' });
  return cell !== null;
}
