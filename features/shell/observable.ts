/** Whoever listens to something, told each time it is said. */
export function announcer<Said = void>() {
  const listeners = new Set<(said: Said) => void>();
  return {
    listen(listener: (said: Said) => void): () => void {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    tell(said: Said): void {
      for (const listener of listeners) listener(said);
    },
  };
}

/** A value that can be watched, as `useSyncExternalStore` asks for it. */
export function observable<T>(first: T) {
  let value = first;
  const changed = announcer();
  return {
    subscribe: changed.listen,
    snapshot: (): T => value,
    set(next: T): void {
      value = next;
      changed.tell();
    },
  };
}
