/** What stands under a key, made the first time it is asked for; a WeakMap lets it go with its key. */
export function kept<K, V>(
  map: { get: (key: K) => V | undefined; set: (key: K, value: V) => unknown },
  key: K,
  make: () => V,
): V {
  const before = map.get(key);
  if (before !== undefined) return before;
  const made = make();
  map.set(key, made);
  return made;
}
