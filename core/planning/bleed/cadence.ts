/** What is called, in this order, for each half stroke; the foot never comes up while the screw is open. */
export const CALLS = [
  { call: 'press', s: 1.5 },
  { call: 'hold', s: 1 },
  { call: 'open', s: 2 },
  { call: 'close', s: 1.5 },
  { call: 'release', s: 1.5 },
] as const;

export type Call = (typeof CALLS)[number]['call'];

/** Seconds that one half stroke takes, all of its calls. Common practice, no source. */
export const STROKE_S = CALLS.reduce((sum, { s }) => sum + s, 0);

export type Cadence = {
  /** The stroke under way, counted from 1; the last one once it is over. */
  stroke: number;
  call: Call;
  over: boolean;
};

/**
 * What two people do so many seconds after the first call.
 * @param elapsedS seconds since it began
 * @param upTo the stroke after whose release it ends
 * @param from the strokes done before it began
 */
export function cadenceAt(elapsedS: number, upTo: number, from = 0): Cadence {
  const done = Math.floor(elapsedS / STROKE_S);
  if (from + done >= upTo) return { stroke: upTo, call: 'release', over: true };
  let into = elapsedS - done * STROKE_S;
  for (const { call, s } of CALLS) {
    if (into < s) return { stroke: from + done + 1, call, over: false };
    into -= s;
  }
  return { stroke: from + done + 1, call: 'release', over: false };
}

/** The strokes of one bleeder: how many, and after which of them the reservoir is filled up. */
export type Strokes = { count: number; mlEach: number; fillAfter: number[] };

/** The stroke at which the calls next stop: to fill the reservoir up, or at the last. */
export function nextStop({ count, fillAfter }: Strokes, done: number): { stroke: number; fill: boolean } {
  const fill = fillAfter.find((stroke) => stroke > done && stroke < count);
  return fill === undefined
    ? { stroke: Math.max(count, done + 1), fill: false }
    : { stroke: fill, fill: true };
}
