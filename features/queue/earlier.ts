import type { device } from '../shell/device';
import type { QueueStorage } from './keeping';
import { isWrite, type QueuedWrite } from './write';

/** Under which a version before the device's database kept what was waiting: one text, a list. */
const KEY = 'bavrin.outbox';

/** The storage with what that version left behind, which is put there when it is first looked into. */
export function earlier(
  storage: QueueStorage,
  texts: Pick<typeof device, 'read' | 'remove' | 'setAside'>,
  now: () => number = Date.now,
): QueueStorage {
  async function takeOver(): Promise<void> {
    const text = texts.read(KEY);
    if (text === null) return;
    const list = listIn(text);
    const writes = list?.map((parcel, place) => writeOf(parcel, now() - list.length + place)) ?? [];
    const readable = writes.filter(isWrite);
    for (const write of readable) await storage.put(write);
    // Of a list with rubbish in it, what can be read is still sent.
    if (list && readable.length === list.length) texts.remove(KEY);
    else texts.setAside(KEY);
  }
  return {
    ...storage,
    async all() {
      await takeOver();
      return storage.all();
    },
  };
}

function listIn(text: string): unknown[] | undefined {
  try {
    const list: unknown = JSON.parse(text);
    return Array.isArray(list) ? list : undefined;
  } catch {
    return undefined;
  }
}

/** What was stored then had no order and no moment of its own; everything else is as it is now. */
function writeOf(parcel: unknown, order: number): QueuedWrite | undefined {
  if (typeof parcel !== 'object' || parcel === null) return undefined;
  return { ...(parcel as QueuedWrite), order, enteredAt: new Date(order).toISOString() };
}
