import type { DeviceTrouble } from '../shell/device';
import type { QueuedWrite } from './write';

/** Where writes wait until they have landed. Each call rejects, with the browser's own error, where the device keeps nothing. */
export type QueueStorage = {
  /** All that is kept, in order. */
  all: () => Promise<QueuedWrite[]>;
  put: (write: QueuedWrite) => Promise<void>;
  remove: (id: string) => Promise<void>;
};

/** Writes the device has, those it would not keep, and those that are done with but may still be there; by their ids. */
type Books = { kept: Set<string>; readonly unkept: Set<string>; readonly done: Set<string> };

type Told = { stored: () => void; failed: (trouble: DeviceTrouble) => void };

/** What the device is asked to keep of the queue, one thing after another, whatever another page of it does beside. */
export function createKeeping(storage: QueueStorage, told: Told) {
  const books: Books = { kept: new Set(), unkept: new Set(), done: new Set() };
  let turn: Promise<void> = Promise.resolve();
  const failed = (error: unknown) => told.failed(troubleOf(error));
  const inTurn = (work: () => Promise<void>): void => {
    turn = turn.then(work).then(told.stored, failed);
  };
  const { keep, letGo } = storing(storage, books, inTurn);

  return {
    ...{ keep, letGo },
    /** Another page is done with it. */
    isDone: (id: string): void => void books.done.add(id),

    /** Reads what the device has, in its turn: what is being put there would else look as if another page had let it go. */
    read(take: (there: QueuedWrite[] | undefined) => void): Promise<void> {
      const nothing = (error: unknown) => {
        failed(error);
        take(undefined);
      };
      turn = turn.then(storage.all).then(take, nothing);
      return turn;
    },

    /**
     * What waits, of what this page has and what the device has: what another page has let go is gone here too.
     * @param there nothing where the device gives nothing
     */
    merged(mine: readonly QueuedWrite[], there: readonly QueuedWrite[] | undefined): readonly QueuedWrite[] {
      if (!there) return mine;
      const known = new Set(there.map(({ id }) => id));
      const onlyHere = mine.filter(({ id }) => !books.kept.has(id) && !known.has(id));
      books.kept = known;
      // What the device would not keep a moment ago it may keep now.
      for (const write of onlyHere) if (books.unkept.has(write.id)) keep(write);
      return inOrder(mine, there, onlyHere).filter(({ id }) => !books.done.has(id));
    },
  };
}

/** Puts writes where they are kept, and takes them away again, each in its turn. */
function storing(storage: QueueStorage, books: Books, inTurn: (work: () => Promise<void>) => void) {
  return {
    keep: (write: QueuedWrite): void =>
      inTurn(async () => {
        books.unkept.add(write.id);
        await storage.put(write);
        books.unkept.delete(write.id);
        books.kept.add(write.id);
      }),

    letGo({ id }: QueuedWrite): void {
      books.done.add(id);
      inTurn(async () => {
        await storage.remove(id);
        books.kept.delete(id);
        books.done.delete(id);
      });
    },
  };
}

/** What is kept, as this page has it where it does, and what only this page has. */
function inOrder(
  mine: readonly QueuedWrite[],
  there: readonly QueuedWrite[],
  onlyHere: readonly QueuedWrite[],
): QueuedWrite[] {
  const own = new Map(mine.map((write) => [write.id, write]));
  return [...there.map((write) => own.get(write.id) ?? write), ...onlyHere].sort(
    (left, right) => left.order - right.order,
  );
}

function troubleOf(error: unknown): DeviceTrouble {
  return (error as Error | undefined)?.name === 'QuotaExceededError' ? 'full' : 'denied';
}
