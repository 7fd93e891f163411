import { normal } from '../../base/statistics/normal';
import { type Condition, type Pose, truthAt } from './condition';
import { INSTRUMENTS, type InstrumentKind, type InstrumentSpec } from './kinds';
import { formatMessage, type Message, parseRequest } from './protocol';

/** A stand-in for a real instrument: it is put somewhere, it settles, it answers. Time and chance come from outside. */
export type SimulatedInstrument = {
  spec: InstrumentSpec;
  /** Puts the instrument somewhere at a moment, ms; a tip over nothing gives a contact fault. */
  place: (pose: Pose | null, atMs: number) => void;
  /** What its display shows. */
  display: (atMs: number) => { value: number; settled: boolean } | null;
  /** One line of the host; what the instrument answers, line end included. */
  receive: (line: string, atMs: number) => string[];
};

type Radii = { rotorMm: number; hubMm: number };
type Options = { random: () => number; serial?: string; radii?: Radii };

/** Settled when what is left of the swing is under half a step. */
const HALF_STEP = 0.5;

export function simulatedInstrument(
  kind: InstrumentKind,
  condition: Condition,
  options: Options,
): SimulatedInstrument {
  const spec = INSTRUMENTS[kind];
  const serial = options.serial ?? `SIM-${kind.slice(0, 2).toUpperCase()}1`;
  const display = settlingDisplay(spec, options.random);
  return {
    spec,
    place: (pose, atMs) =>
      display.place(pose === null ? undefined : truthFor(kind, condition, pose, options.radii), atMs),
    display: display.at,
    receive(line, atMs) {
      const request = parseRequest(line);
      if (!request.ok) return [];
      if (request.value === 'identify')
        return [
          formatMessage({ type: 'identity', kind, resolution: spec.resolution, unit: spec.unit, serial }),
        ];
      const shown = display.at(atMs);
      if (!shown) return [formatMessage({ type: 'fault', fault: 'contact' })];
      if (request.value === 'zero') {
        display.zero(shown.value);
        return [formatMessage({ type: 'reading', value: 0, unit: spec.unit, settled: shown.settled })];
      }
      return [formatMessage(readingOf(shown, spec))];
    },
  };
}

/** What a display shows: it swings from what it showed to what there is to see, and scatters a little around that. */
function settlingDisplay(spec: InstrumentSpec, random: () => number) {
  let truth: number | undefined;
  let from = 0;
  let since = 0;
  let zero = 0;
  let scatter = 0;
  const swingAt = (atMs: number) =>
    truth === undefined ? 0 : (from - truth) * Math.exp(-(atMs - since) / spec.settlingMs);
  return {
    /** @param seen what there is to see from now on; nothing away from the car */
    place(seen: number | undefined, atMs: number): void {
      const shown = truth === undefined ? 0 : truth + swingAt(atMs);
      truth = seen;
      from = shown;
      since = atMs;
      scatter = spec.noise * normal(random);
    },
    at(atMs: number) {
      if (truth === undefined) return null;
      const left = swingAt(atMs);
      const settled = Math.abs(left) < HALF_STEP * spec.resolution;
      return { value: stepped(truth + left + scatter - zero, spec.resolution), settled };
    },
    /** What it shows is its zero from now on. */
    zero(shown: number): void {
      zero += shown;
    },
  };
}

function readingOf(shown: { value: number; settled: boolean }, spec: InstrumentSpec): Message {
  // On its way up a display passes through what it cannot show; only where it stays counts.
  if (shown.settled && (shown.value < spec.low || shown.value > spec.high))
    return { type: 'fault', fault: 'range' };
  return { type: 'reading', value: shown.value, unit: spec.unit, settled: shown.settled };
}

/** What this kind of instrument sees at a pose: two instruments in one reservoir see different things. */
function truthFor(
  kind: InstrumentKind,
  condition: Condition,
  pose: Pose,
  radii: Radii | undefined,
): number | undefined {
  if (kind === 'moisture') return pose.point === 'reservoir' ? condition.fluid.moisturePct : undefined;
  if (kind === 'boiling') return pose.point === 'reservoir' ? condition.fluid.boilingC : undefined;
  return truthAt(condition, pose, radii);
}

function stepped(value: number, resolution: number): number {
  return Number((Math.round(value / resolution) * resolution).toFixed(6));
}
