import { USUAL_ROTOR_SHARE, USUAL_SPECIFIC_HEAT } from './stops';

/** Stefan–Boltzmann constant, W/(m²·K⁴) (CODATA). */
export const STEFAN_BOLTZMANN = 5.670374419e-8;
const KELVIN = 273.15;

/** What the model takes of a corner where nobody says otherwise (modelling choices; a measured peak refits two of them). */
export const CORNER_MODEL = {
  specificHeat: USUAL_SPECIFIC_HEAT,
  rotorShare: USUAL_ROTOR_SHARE,
  rotorAreaM2: 0.1,
  caliperJPerK: 3500,
  padWorn: 0,
  decelMs2: 9,
  coolingScale: 1,
  emissivity: 0.8,
  /** From rotor to caliper through new pads, W/K; worn out it is twice as much. */
  couplingWPerK: 1.2,
} as const;

/** How much a duct cools: the rotor's own convection is multiplied. */
export const COOLING = { none: 1, face: 1.15, core: 1.5 } as const;

/** Convection of a rotor, W/K, at a speed, m/s. */
export function rotorWPerK(speedMs: number): number {
  return 2 + 0.7213 * speedMs ** 0.8;
}

/** Convection of a caliper, W/K, at a speed, m/s. */
export function caliperWPerK(speedMs: number): number {
  return 1.5 + 0.08 * speedMs ** 0.8;
}

/** One corner as two masses: rotor, and caliper with its pads and fluid. */
export type HeatedCorner = {
  rotorJPerK: number;
  caliperJPerK: number;
  rotorShare: number;
  /** Emissivity · Stefan–Boltzmann · area, W/K⁴. */
  radiates: number;
  couplingWPerK: number;
  /** On the rotor's convection: the duct, and what measured peaks say. */
  cooling: number;
  ambientC: number;
};

export type Temperatures = { rotorC: number; caliperC: number };

export type LapPeaks = { rotorPeakC: number; caliperPeakC: number };

/** How a corner differs from the model: what measured peaks say of its convection and of what goes through its pads. */
export type Scales = { cooling: number; coupling: number };

/**
 * Carries a corner through a stretch of time, `steps` steps of the classical Runge–Kutta method of order 4.
 * C_r·T_r′ = s·P − k·hA(v)·(T_r − Ta) − ε·σ·A·(T_r⁴ − Ta⁴) − G·(T_r − T_c),
 * C_c·T_c′ = (1 − s)·P + G·(T_r − T_c) − hA_c(v)·(T_c − Ta).
 * @param powerW heat put in by the brake
 * @param fromMs speed at the beginning and the end, m/s, changing evenly
 * @param seen told the temperatures after every step
 */
export function carry(
  corner: HeatedCorner,
  from: Temperatures,
  { seconds, powerW, fromMs, toMs }: { seconds: number; powerW: number; fromMs: number; toMs: number },
  steps: number,
  seen: (now: Temperatures) => void,
): Temperatures {
  if (seconds === 0) return from;
  const { cooling } = corner;
  const slopes = slopesOf(corner, powerW);
  const h = seconds / steps;
  const [a, b, c, d] = [new Float64Array(2), new Float64Array(2), new Float64Array(2), new Float64Array(2)];
  let { rotorC, caliperC } = from;
  const speedAt = (share: number) => fromMs + (toMs - fromMs) * share;
  let rotorHa = cooling * rotorWPerK(fromMs);
  let caliperHa = caliperWPerK(fromMs);
  const even = fromMs === toMs;
  for (let step = 0; step < steps; step++) {
    const rotorMid = even ? rotorHa : cooling * rotorWPerK(speedAt((step + 0.5) / steps));
    const caliperMid = even ? caliperHa : caliperWPerK(speedAt((step + 0.5) / steps));
    const rotorEnd = even ? rotorHa : cooling * rotorWPerK(speedAt((step + 1) / steps));
    const caliperEnd = even ? caliperHa : caliperWPerK(speedAt((step + 1) / steps));
    slopes(rotorC, caliperC, rotorHa, caliperHa, a);
    slopes(rotorC + (h / 2) * a[0]!, caliperC + (h / 2) * a[1]!, rotorMid, caliperMid, b);
    slopes(rotorC + (h / 2) * b[0]!, caliperC + (h / 2) * b[1]!, rotorMid, caliperMid, c);
    slopes(rotorC + h * c[0]!, caliperC + h * c[1]!, rotorEnd, caliperEnd, d);
    rotorC += (h / 6) * (a[0]! + 2 * b[0]! + 2 * c[0]! + d[0]!);
    caliperC += (h / 6) * (a[1]! + 2 * b[1]! + 2 * c[1]! + d[1]!);
    [rotorHa, caliperHa] = [rotorEnd, caliperEnd];
    seen({ rotorC, caliperC });
  }
  return { rotorC, caliperC };
}

/** How fast both masses warm, K/s, written into `out`: the right sides of the two equations. */
function slopesOf(corner: HeatedCorner, powerW: number) {
  const { rotorJPerK, caliperJPerK, rotorShare, radiates, couplingWPerK, ambientC } = corner;
  const space = radiates * (ambientC + KELVIN) ** 4;
  return (rotorC: number, caliperC: number, rotorHa: number, caliperHa: number, out: Float64Array): void => {
    const through = couplingWPerK * (rotorC - caliperC);
    out[0] =
      (rotorShare * powerW -
        rotorHa * (rotorC - ambientC) -
        (radiates * (rotorC + KELVIN) ** 4 - space) -
        through) /
      rotorJPerK;
    out[1] = ((1 - rotorShare) * powerW + through - caliperHa * (caliperC - ambientC)) / caliperJPerK;
  };
}
