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

type Waiting = { accept: (message: Message) => void; refuse: (why: Error) => void };

/** Greets whatever is on the line and gives it a face; throws when nobody answers in this protocol. */
export async function greet(link: Link): Promise<Instrument> {
  const cut = lineCutter();
  let waiting: Waiting | null = null;
  let unasked: (value: number) => void = () => {};
  let refused: (why: string) => void = () => {};
  let told: (why: string) => void = () => {};
  let gone = false;
  const settle = (how: (each: Waiting) => void) => {
    const now = waiting;
    waiting = null;
    if (now) how(now);
  };
  link.onChunk((chunk) => {
    for (const line of cut(chunk)) {
      const message = parseMessage(line);
      if (!message.ok) {
        settle((each) => each.refuse(new Error(message.why)));
      } else if (waiting) {
        settle((each) => each.accept(message.value));
      } else if (message.value.type === 'reading') {
        if (message.value.settled) unasked(message.value.value);
        else refused('still settling, nothing was taken: press again');
      } else if (message.value.type === 'fault') {
        refused(FAULT_WORDS[message.value.fault]!);
      }
    }
  });
  link.onGone((why) => {
    gone = true;
    settle((each) => each.refuse(new Error(`${why} before it answered; nothing was taken`)));
    told(why);
  });
  // One question on the line at a time: an answer does not say what it answers.
  let line: Promise<unknown> = Promise.resolve();
  const ask = (request: Parameters<typeof formatRequest>[0]): Promise<Message> => {
    const answer = line.then(() => askNow(request));
    line = answer.catch(() => {});
    return answer;
  };
  const askNow = (request: Parameters<typeof formatRequest>[0]) =>
    new Promise<Message>((resolve, reject) => {
      if (gone) return reject(new Error('the instrument is not plugged in'));
      const timer = setTimeout(() => settle((each) => each.refuse(new Error('no answer'))), ANSWER_MS);
      const over = () => clearTimeout(timer);
      waiting = {
        accept: (message) => {
          over();
          resolve(message);
        },
        refuse: (why) => {
          over();
          reject(why);
        },
      };
      link.write(formatRequest(request)).catch((why: Error) => settle((each) => each.refuse(why)));
    });

  const identity = await ask('identify');
  if (identity.type !== 'identity') throw new Error('it does not say what it is');
  return {
    kind: identity.kind,
    unit: identity.unit,
    resolution: identity.resolution,
    serial: identity.serial,
    async read() {
      const until = Date.now() + SETTLE_MS;
      for (;;) {
        const message = await ask('send');
        if (message.type === 'fault') throw new Error(FAULT_WORDS[message.fault]);
        if (message.type === 'reading' && message.settled) return message.value;
        if (Date.now() > until) throw new Error('it does not settle');
        await new Promise((resolve) => setTimeout(resolve, ASK_AGAIN_MS));
      }
    },
    async zero() {
      await ask('zero');
    },
    onReading(listener, onRefused) {
      unasked = listener;
      refused = onRefused;
    },
    onGone(listener) {
      told = listener;
    },
    close: () => link.close(),
  };
}
