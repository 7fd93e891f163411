/**
 * One reading of a phone's accelerometer: when, ms, and what it feels, gravity with it, m/s², along its own three axes;
 * and gravity alone, where the phone tells it apart by its own gyroscope.
 */
export type MotionSample = {
  t: number;
  felt: readonly [number, number, number];
  gravity?: readonly [number, number, number];
};

/** A slowdown as a phone felt it: it began; it is over, with how long and how hard it was and whether the car stood. */
export type MotionEvent =
  | { kind: 'braking' }
  | { kind: 'ended'; seconds: number; meanMs2: number; stood: boolean };

/** All of it modelling choices: how hard is braking, for how long it has to be, how still is standing. */
const BRAKING_MS2 = 2;
const RELEASED_MS2 = 0.7;
const FOR_MS = 400;
const SMOOTH_MS = 250;
/** Standing shakes less than this, m/s² on all axes together, over this long. */
const STILL_MS2 = 0.2;
const STILL_MS = 800;
/** After a release nothing more is waited for than this. */
const DECIDE_MS = 1500;
/** Between halts a phone is turned slowly, if at all. */
const GRAVITY_MS = 60_000;
/** Speed gained one way, m/s, before that way is taken for forward. */
const FORWARD_MS = 3;

type Vector = [number, number, number];

/**
 * Slowdowns out of a phone's motion, however it lies in the car. Down is what the phone says it is, else where it feels
 * gravity on the whole, from a standing car on; forward is where the car gained speed while it was asked to. Of a slowdown it tells that it began, that it ended, how hard it was on
 * average and whether the car stood after it. Speed is not told: summed up from such readings it is not to be trusted.
 * @returns takes one reading after another, and whether the car is coming up to speed by what the driver was told; gives an
 * event where one is due
 */
export function motionDetector() {
  const phone = orientation();
  const slowdowns = slowdownWatch();
  let smooth = 0;
  let before: number | undefined;

  function feed(sample: MotionSample, comingUp: boolean): MotionEvent | undefined {
    const { t } = sample;
    const dt = before === undefined ? 0 : Math.min(200, t - before);
    before = t;
    const forward = phone.feel(sample, dt, comingUp && !slowdowns.isBraking());
    smooth += (1 - Math.exp(-dt / SMOOTH_MS)) * (-forward - smooth);
    return phone.knows() ? slowdowns.feel(t, dt, smooth, () => phone.isStill()) : undefined;
  }

  return { feed, knows: phone.knows, brakingMs2: () => Math.max(0, smooth) };
}

/** How the phone lies in the car: where down and forward are. */
function orientation() {
  let gravity: Vector | undefined;
  let gained: Vector = [0, 0, 0];
  let recent: { t: number; felt: readonly number[] }[] = [];
  return {
    /** Whether it knows which way is forward. */
    knows: () => length(gained) >= FORWARD_MS,
    isStill: () => stillness(recent) !== undefined,
    /** @returns what is felt forward, m/s² */
    feel({ t, felt, gravity: told }: MotionSample, dt: number, gaining: boolean): number {
      recent = [...recent.filter((each) => t - each.t <= STILL_MS), { t, felt }];
      const still = stillness(recent);
      gravity = told ? [...told] : (still ?? (gravity ? mix(gravity, felt, dt / GRAVITY_MS) : [...felt]));
      const level = across(minus(felt, gravity), gravity);
      if (gaining) gained = plus(gained, times(level, dt / 1000));
      return dot(level, unit(gained));
    },
  };
}

/** Tells slowdowns apart: how long and how hard each was, and whether the car stood after it. */
function slowdownWatch() {
  let since: number | undefined;
  let braking: { from: number; sum: number; weight: number; released?: number } | undefined;

  /** Whether something has lasted long enough, and from when on. */
  function lasting(t: number, isSo: boolean): number | undefined {
    since = isSo ? (since ?? t) : undefined;
    return since !== undefined && t - since >= FOR_MS ? since : undefined;
  }

  function beginning(t: number, ms2: number): MotionEvent | undefined {
    const from = lasting(t, ms2 > BRAKING_MS2);
    if (from === undefined) return undefined;
    braking = { from, sum: 0, weight: 0 };
    since = undefined;
    return { kind: 'braking' };
  }

  function ending(t: number, dt: number, ms2: number, isStill: () => boolean): MotionEvent | undefined {
    const stop = braking!;
    if (stop.released === undefined) {
      stop.sum += ms2 * dt;
      stop.weight += dt;
      stop.released = lasting(t, ms2 < RELEASED_MS2);
      if (stop.released === undefined) return undefined;
    }
    const stood = t - stop.released >= STILL_MS && isStill();
    if (!stood && t - stop.released < DECIDE_MS) return undefined;
    braking = undefined;
    since = undefined;
    const { from, sum, weight, released } = stop;
    return { kind: 'ended', seconds: (released - from) / 1000, meanMs2: sum / Math.max(1, weight), stood };
  }

  return {
    isBraking: () => braking !== undefined,
    /** @param ms2 how hard the car slows down, smoothed */
    feel: (t: number, dt: number, ms2: number, isStill: () => boolean) =>
      braking ? ending(t, dt, ms2, isStill) : beginning(t, ms2),
  };
}

/** What a standing car feels: gravity alone, on the mean of the last moment; nothing while it shakes. */
function stillness(recent: readonly { t: number; felt: readonly number[] }[]): Vector | undefined {
  if (recent.length < 8 || recent.at(-1)!.t - recent[0]!.t < STILL_MS * 0.8) return undefined;
  const mean = times(
    recent.reduce((sum: Vector, each) => plus(sum, each.felt), [0, 0, 0]),
    1 / recent.length,
  );
  const square = recent.reduce((sum, each) => sum + length(minus(each.felt, mean)) ** 2, 0);
  return Math.sqrt(square / recent.length) < STILL_MS2 ? mean : undefined;
}

export type MotionDetector = ReturnType<typeof motionDetector>;

const dot = (a: readonly number[], b: readonly number[]) => a[0]! * b[0]! + a[1]! * b[1]! + a[2]! * b[2]!;
const length = (a: readonly number[]) => Math.sqrt(dot(a, a));
const times = (a: readonly number[], by: number): Vector => [a[0]! * by, a[1]! * by, a[2]! * by];
const plus = (a: readonly number[], b: readonly number[]): Vector => [
  a[0]! + b[0]!,
  a[1]! + b[1]!,
  a[2]! + b[2]!,
];
const minus = (a: readonly number[], b: readonly number[]): Vector => plus(a, times(b, -1));
const mix = (a: readonly number[], b: readonly number[], share: number): Vector =>
  plus(times(a, 1 - share), times(b, share));
/** Its direction; nothing where it has none. */
const unit = (a: readonly number[]): Vector => (length(a) === 0 ? [0, 0, 0] : times(a, 1 / length(a)));
/** What of it lies across another: level, where that is down. */
const across = (a: readonly number[], down: readonly number[]): Vector =>
  minus(a, times(unit(down), dot(a, unit(down))));
