import type { PadLifeInput } from './lifeSchema';

/** Wear quickens as a pad thins: the last half of it is a third of its life, 0.5^1.66 = 0.32. Common practice, no source. */
const USUAL_EXPONENT = 0.66;
const FIT_FROM = 3;

/** How well a pad is measured, mm, and how well the exponent is known, one standard deviation each (modelling choices). */
const READING_SD_MM = 0.2;
const EXPONENT_SD = 0.25;
/** Two-sided 80 % of a normal distribution. */
const Z_80 = 1.2815515655446004;

/**
 * Sessions left until the limit. Wear speeds up as the pad thins, dh/dt = −k·h^−p, so h^(p+1) falls in a straight line
 * from new; with three readings or more after that p is fitted. A reading at session 0, the pad measured as it was
 * fitted, is what it began with in place of the maker's figure.
 */
export function padLife(given: PadLifeInput) {
  const inOrder = [...given.readings].sort((left, right) => left.sessions - right.sessions);
  const asFitted = inOrder.findLast((reading) => reading.sessions === 0);
  const input = { ...given, newMm: asFitted?.mm ?? given.newMm };
  const readings = inOrder.filter((reading) => reading.sessions > 0);
  const fitted = input.exponent === undefined && readings.length >= FIT_FROM;
  const exponent = input.exponent ?? (fitted ? fitExponent(input.newMm, readings) : USUAL_EXPONENT);
  const left = (p: number, shiftMm = 0) => sessionsLeft({ ...input, readings }, p, shiftMm);
  const sessions = left(exponent);
  const readingSd = (READING_SD_MM / Math.sqrt(readings.length)) * Z_80;
  const exponentSd =
    (input.exponent === undefined ? EXPONENT_SD / Math.sqrt(Math.max(1, readings.length - 1)) : 0) * Z_80;
  const around = [
    left(exponent, -readingSd),
    left(exponent, readingSd),
    left(exponent + exponentSd),
    left(Math.max(0, exponent - exponentSd)),
  ];
  const spread = (sign: 1 | -1) =>
    Math.sqrt(around.reduce((sum, each) => sum + Math.max(0, sign * (each - sessions)) ** 2, 0));
  return {
    sessionsLeft: sessions,
    low: Math.max(0, sessions - spread(-1)),
    high: sessions + spread(1),
    exponent,
    exponentFrom: input.exponent !== undefined ? 'given' : fitted ? 'fitted' : 'practice',
    states: {},
    gaps: [],
  };
}

/** From the last reading on, at the rate of the best line through all of them; `shiftMm` moves the readings. */
function sessionsLeft({ newMm, limitMm, readings }: PadLifeInput, p: number, shiftMm: number): number {
  const last = readings.at(-1)!;
  const now = Math.min(newMm, last.mm + shiftMm);
  if (last.mm <= limitMm) return 0;
  const rate = rateOf(
    newMm,
    readings.map((reading) => ({ ...reading, mm: Math.min(newMm, Math.max(0, reading.mm + shiftMm)) })),
    p,
  );
  return rate <= 0 ? Number.MAX_SAFE_INTEGER : Math.max(0, now ** (p + 1) - limitMm ** (p + 1)) / rate;
}

/** Fall of h^(p+1) per session, least squares through new at session 0. */
function rateOf(newMm: number, readings: readonly { sessions: number; mm: number }[], p: number): number {
  let above = 0;
  let below = 0;
  for (const { sessions, mm } of readings) {
    above += sessions * (newMm ** (p + 1) - mm ** (p + 1));
    below += sessions ** 2;
  }
  return above / below;
}

/** The exponent whose straight line misses the readings least, mm; golden section over 0 … 3. */
function fitExponent(newMm: number, readings: readonly { sessions: number; mm: number }[]): number {
  const miss = (p: number) => {
    const rate = rateOf(newMm, readings, p);
    return readings.reduce(
      (sum, { sessions, mm }) =>
        sum + (Math.max(0, newMm ** (p + 1) - rate * sessions) ** (1 / (p + 1)) - mm) ** 2,
      0,
    );
  };
  const golden = (Math.sqrt(5) - 1) / 2;
  let low = 0;
  let high = 3;
  while (high - low > 1e-6) {
    const span = (high - low) * golden;
    if (miss(high - span) <= miss(low + span)) high = low + span;
    else low = high - span;
  }
  return (low + high) / 2;
}
