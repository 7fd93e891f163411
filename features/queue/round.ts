import type { Refusal } from '../shell/refusal';
import type { Sent } from './send';
import type { Landing, QueuedWrite } from './write';

/** What sending stands on. */
export type RoundGround = {
  send: (write: QueuedWrite) => Promise<Sent>;
  clock: {
    now: () => number;
    /** Does something after a while, ms; what comes back calls it off. */
    after: (ms: number, work: () => void) => () => void;
  };
  /** Runs while no other page of this device does. */
  lock: (work: () => Promise<void>) => Promise<void>;
};

export type Phase = 'idle' | 'sending' | 'waiting';

type Queue = {
  /** Takes up what an earlier page, or another one, left behind. */
  takeUp: () => Promise<void>;
  next: () => QueuedWrite | undefined;
  landed: (landing: Landing) => void;
  refused: (write: QueuedWrite, refusal: Refusal) => void;
  /** What it is at, and why nothing is taken at the moment. */
  shown: (at: { phase: Phase; trouble?: string | null }) => void;
};

const RETRY_MS = [800, 2000, 5000, 10_000, 20_000];

/** Sends what can go, one after another, by one page at a time; what is not taken now is tried again, ever more seldom. */
export function createRound({ send, clock, lock }: RoundGround, queue: Queue) {
  let phase: Phase = 'idle';
  let failures = 0;
  let again = false;
  let callOff = () => {};

  function enter(next: Phase, trouble?: string | null): void {
    phase = next;
    queue.shown({ phase, ...(trouble === undefined ? {} : { trouble }) });
  }

  function wake(): void {
    // What was added while the last look found nothing left is looked for once more.
    if (phase === 'sending') {
      again = true;
      return;
    }
    callOff();
    enter('sending');
    // Whatever goes wrong on the way, what waits is tried again.
    lock(sendAll).catch(() => wait({ is: 'later', why: 'What you entered is kept here and tried again.' }));
  }

  async function sendAll(): Promise<void> {
    do {
      again = false;
      await queue.takeUp();
      for (let write = queue.next(); write; write = queue.next()) {
        const sent = await send(write);
        if (sent.is === 'later') return wait(sent);
        failures = 0;
        if (sent.is === 'landed') queue.landed(sent.landing);
        else queue.refused(write, sent.refusal);
      }
    } while (again);
    enter('idle', null);
  }

  function wait({ why, afterMs }: Extract<Sent, { is: 'later' }>): void {
    failures += 1;
    callOff = clock.after(afterMs ?? RETRY_MS[Math.min(failures, RETRY_MS.length) - 1]!, wake);
    enter('waiting', why);
  }

  return { wake, phase: () => phase };
}
