import type { JobSheet } from './sheet';

/** Works something out of a sheet once, however often a judgement asks: a sheet is never changed in place. */
export function oncePerSheet<T>(workOut: (sheet: JobSheet) => T): (sheet: JobSheet) => T {
  const known = new WeakMap<JobSheet, { value: T }>();
  return (sheet) => {
    const before = known.get(sheet);
    if (before) return before.value;
    const value = workOut(sheet);
    known.set(sheet, { value });
    return value;
  };
}
