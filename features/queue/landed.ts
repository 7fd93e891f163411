import type { device } from '../shell/device';

const KEY = 'bavrin.landed';
const JUST_NOW_MS = 20_000;

/**
 * When something of a job last landed, on this device: a page that was loaded just before it knows nothing of it.
 * @param storage texts kept over reloads
 */
export function createLanded(storage: Pick<typeof device, 'read' | 'write'>, now: () => number) {
  return {
    note(jobId: string): void {
      storage.write(KEY, JSON.stringify({ [jobId]: now() }));
    },
    isRecent(jobId: string): boolean {
      try {
        const landings = (JSON.parse(storage.read(KEY) ?? '{}') ?? {}) as Record<string, number>;
        return Math.abs(now() - (landings[jobId] ?? 0)) < JUST_NOW_MS;
      } catch {
        return false;
      }
    },
  };
}
