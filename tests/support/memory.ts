import type { QueueStorage } from '../../features/queue/keeping';
import type { OutboxGround } from '../../features/queue/outbox';
import type { QueuedWrite } from '../../features/queue/write';

/** A device's storage as a test has it: what is in it, and what it will not do. */
export function memory(writes: readonly QueuedWrite[] = []) {
  const stored = new Map(writes.map((write) => [write.id, write]));
  const trouble: { full?: boolean; denied?: boolean; stuck?: boolean } = {};
  const refuse = (name: string) => Promise.reject(new DOMException('provoked', name));
  const storage: QueueStorage = {
    all: async () =>
      trouble.denied
        ? refuse('SecurityError')
        : [...stored.values()].sort((left, right) => left.order - right.order),
    async put(write) {
      if (trouble.full) return refuse('QuotaExceededError');
      if (trouble.denied) return refuse('SecurityError');
      stored.set(write.id, write);
    },
    async remove(id) {
      if (trouble.stuck || trouble.denied) return refuse('SecurityError');
      stored.delete(id);
    },
  };
  return { stored, storage, trouble, ids: () => [...stored.keys()] };
}

/** The rest of what an outbox stands on, for one page by itself whose author is nobody in particular. */
export const onePage = (): Omit<OutboxGround, 'storage' | 'send'> => ({
  clock: {
    now: () => Date.now(),
    after(ms, work) {
      const timer = setTimeout(work, ms);
      return () => clearTimeout(timer);
    },
  },
  lock: (work) => work(),
  others: { tell: () => {}, listen: () => {} },
  who: () => undefined,
  carries: () => true,
});
