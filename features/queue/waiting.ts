import { type Author, buildsOn, following, goesWith, type QueuedWrite } from './write';

/** Whether what somebody entered can go from here now, under their own name. */
export type Carries = (by: Author) => boolean;

/** Whether it waits for somebody to come back; what was entered before there were names is anybody's. */
export function isOthers({ by }: QueuedWrite, carries: Carries): boolean {
  return by !== undefined && !carries(by);
}

/** The next that can go: neither refused, nor somebody else's, nor built on one that is, or that waits for one. */
export function nextOf(writes: readonly QueuedWrite[], carries: Carries): QueuedWrite | undefined {
  const stuck: QueuedWrite[] = [];
  for (const write of writes) {
    if (!write.refusal && !isOthers(write, carries) && !stuck.some((earlier) => buildsOn(write, earlier)))
      return write;
    stuck.push(write);
  }
  return undefined;
}

/** The same queue with a refused write as it is to go now, and what builds on it over its new id. */
export function withRetried(
  writes: readonly QueuedWrite[],
  refused: QueuedWrite,
  now: QueuedWrite,
): QueuedWrite[] {
  return writes.map((write) => (write === refused ? now : following(write, refused.id, now.id)));
}

/** The same queue with what others left waiting under the name of who takes it over. */
export function withAuthor(writes: readonly QueuedWrite[], by: Author, carries: Carries): QueuedWrite[] {
  return writes.map((write) => (isOthers(write, carries) ? { ...write, by } : write));
}

/** A write with what means nothing without it. */
export function withWhatGoes(writes: readonly QueuedWrite[], given: QueuedWrite): QueuedWrite[] {
  return writes.filter((write) => write === given || goesWith(write, given));
}
