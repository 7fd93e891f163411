import { device } from './device';
import { announcer } from './observable';

/** A text that this device keeps under a key, the same on all its pages, watched by whatever shows it. */
export function deviceText(key: string) {
  const changed = announcer();
  return {
    subscribe(watcher: () => void): () => void {
      const end = changed.listen(watcher);
      window.addEventListener('storage', watcher);
      return () => {
        end();
        window.removeEventListener('storage', watcher);
      };
    },
    read: (): string | null => device.read(key),
    write(text: string): void {
      device.write(key, text);
      changed.tell();
    },
  };
}
