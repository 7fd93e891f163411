import type { Unit } from '@/core/base/units/convert';
import type { InstrumentKind } from '@/core/readings/instruments/kinds';
import { formatRequest, lineCutter, type Message, parseMessage } from '@/core/readings/instruments/protocol';
import type { Link } from './link';

/** An instrument on a line, once it has said who it is. */
export type Instrument = {
  kind: InstrumentKind;
  unit: Unit | '%';
  resolution: number;
  serial: string;
  /** A settled reading, asked for now; waits while the instrument settles. */
  read: () => Promise<number>;
  zero: () => Promise<void>;
  /** Readings the instrument sends by its own button, and why one that it sent is none. */
  onReading: (listener: (value: number) => void, refused: (why: string) => void) => void;
  onGone: (listener: (why: string) => void) => void;
  close: () => void;
};

const ANSWER_MS = 1500;
const SETTLE_MS = 15_000;
const ASK_AGAIN_MS = 150;

const FAULT_WORDS: Record<string, string> = {
  range: 'out of its range',
  battery: 'battery low',
  contact: 'the tip touches nothing',
};

type Request = Parameters<typeof formatRequest>[0];
type Waiting = { accept: (message: Message) => void; refuse: (why: Error) => void };

/** Who hears what an instrument says unasked, and that it is gone. */
type Ears = { unasked: (message: Message) => void; gone: (why: string) => void };

/** Questions on a line and their answers, one at a time: an answer does not say what it answers. */
function createLine(link: Link, ears: Ears) {
  const cut = lineCutter();
  let waiting: Waiting | null = null;
  let gone = false;
  let turn: Promise<unknown> = Promise.resolve();

  function settle(how: (each: Waiting) => void): void {
    const now = waiting;
    waiting = null;
    if (now) how(now);
  }

  function hear(line: string): void {
    const message = parseMessage(line);
    if (!message.ok) settle((each) => each.refuse(new Error(message.why)));
    else if (waiting) settle((each) => each.accept(message.value));
    else ears.unasked(message.value);
  }

  link.onChunk((chunk) => {
    for (const line of cut(chunk)) hear(line);
  });
  link.onGone((why) => {
    gone = true;
    settle((each) => each.refuse(new Error(`${why} before it answered; nothing was taken`)));
    ears.gone(why);
  });

  async function askNow(request: Request): Promise<Message> {
    if (gone) throw new Error('the instrument is not plugged in');
    const timer = setTimeout(() => settle((each) => each.refuse(new Error('no answer'))), ANSWER_MS);
    const answer = new Promise<Message>((accept, refuse) => {
      waiting = { accept, refuse };
    });
    link.write(formatRequest(request)).catch((why: Error) => settle((each) => each.refuse(why)));
    return answer.finally(() => clearTimeout(timer));
  }

  return {
    ask(request: Request): Promise<Message> {
      const answer = turn.then(() => askNow(request));
      turn = answer.catch(() => {});
      return answer;
    },
  };
}

/** Greets whatever is on the line and gives it a face; throws when nobody answers in this protocol. */
export async function greet(link: Link): Promise<Instrument> {
  let onReading: (value: number) => void = () => {};
  let onRefused: (why: string) => void = () => {};
  let onGone: (why: string) => void = () => {};
  const { ask } = createLine(link, {
    unasked(message) {
      if (message.type === 'fault') onRefused(FAULT_WORDS[message.fault]!);
      else if (message.type !== 'reading') return;
      else if (message.settled) onReading(message.value);
      else onRefused('still settling, nothing was taken: press again');
    },
    gone: (why) => onGone(why),
  });
  const identity = await ask('identify');
  if (identity.type !== 'identity') throw new Error('it does not say what it is');
  const { kind, unit, resolution, serial } = identity;
  return {
    ...{ kind, unit, resolution, serial },
    read: () => settledReading(ask),
    async zero() {
      await ask('zero');
    },
    onReading(listener, refused) {
      onReading = listener;
      onRefused = refused;
    },
    onGone(listener) {
      onGone = listener;
    },
    close: () => link.close(),
  };
}

/** Asks until the reading has settled. */
async function settledReading(ask: (request: Request) => Promise<Message>): Promise<number> {
  const until = Date.now() + SETTLE_MS;
  for (;;) {
    const message = await ask('send');
    if (message.type === 'fault') throw new Error(FAULT_WORDS[message.fault]);
    if (message.type === 'reading' && message.settled) return message.value;
    if (Date.now() > until) throw new Error('it does not settle');
    await new Promise((resolve) => setTimeout(resolve, ASK_AGAIN_MS));
  }
}
