/** The fields that have a value: one that is undefined is left out, as if nobody had named it. */
export function definedOf<T extends object>(fields: T): { [K in keyof T]?: Exclude<T[K], undefined> } {
  const there = Object.entries(fields).filter(([, value]) => value !== undefined);
  return Object.fromEntries(there) as { [K in keyof T]?: Exclude<T[K], undefined> };
}
