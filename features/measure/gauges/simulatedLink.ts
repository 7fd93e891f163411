import type { Pose } from '@/core/readings/instruments/condition';
import { lineCutter } from '@/core/readings/instruments/protocol';
import type { SimulatedInstrument } from '@/core/readings/instruments/simulate';
import type { Link } from './link';

/** What one can do to a simulated instrument by hand: put it somewhere, press its button, pull its plug. */
export type SimulatedLink = Link & {
  place: (pose: Pose | null) => void;
  display: () => { value: number; settled: boolean } | null;
  pressData: () => void;
  unplug: () => void;
};

/** Time on the wire of a chunk, ms; and how many characters a chunk carries, as a real adapter cuts them. */
const CHUNK_MS = 6;
const CHUNK_CHARACTERS = 7;

/** A serial line with a stand-in at its end: characters take their time and come in pieces. */
export function simulatedLink(
  instrument: SimulatedInstrument,
  now: () => number = () => performance.now(),
): SimulatedLink {
  let listener: (chunk: string) => void = () => {};
  let gone: (why: string) => void = () => {};
  let open = true;
  const cut = lineCutter();
  const send = (text: string) => {
    const chunks = text.match(new RegExp(`[\\s\\S]{1,${CHUNK_CHARACTERS}}`, 'g')) ?? [];
    chunks.forEach((chunk, index) => {
      setTimeout(() => open && listener(chunk), CHUNK_MS * (index + 1));
    });
  };
  const ask = (line: string) => {
    for (const answer of instrument.receive(line, now())) send(answer);
  };
  return {
    async write(text) {
      if (!open) throw new Error('the line is closed');
      for (const line of cut(text)) ask(line);
    },
    onChunk(next) {
      listener = next;
    },
    onGone(next) {
      gone = next;
    },
    close() {
      open = false;
    },
    place: (pose) => instrument.place(pose, now()),
    display: () => (open ? instrument.display(now()) : null),
    // The button on the gauge says the same as the desk's own request.
    pressData: () => open && ask('R?*6D'),
    unplug() {
      if (!open) return;
      open = false;
      gone('unplugged');
    },
  };
}
