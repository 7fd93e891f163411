import type { HeatStopsInput } from './stopsSchema';

/** Specific heat of cast iron, J/(kg·K), and the share of a stop's energy that goes into the rotor. */
export const USUAL_SPECIFIC_HEAT = 480;
export const USUAL_ROTOR_SHARE = 0.95;

/** Energy of one slowdown, J: ½·m·(v1² − v2²), speeds in km/h. */
export function slowdownJ(massKg: number, fromKmh: number, toKmh: number): number {
  return (massKg * ((fromKmh / 3.6) ** 2 - (toKmh / 3.6) ** 2)) / 2;
}

/**
 * Heat of repeated equal stops with constant cooling between them.
 * Per rotor E·share/2, rise E/(m·c); peaks by the closed form Ta + ΔT·(1 − xⁿ)/(1 − x), x = exp(−t/τ), τ = m·c/hA.
 * Energies kJ, temperatures °C, rise K. Braking counts as instant.
 */
export function heatStops(input: HeatStopsInput) {
  const specificHeat = input.specificHeat ?? USUAL_SPECIFIC_HEAT;
  const rotorShare = input.rotorShare ?? USUAL_ROTOR_SHARE;
  const ambientC = input.ambientC ?? 20;
  const stops = input.stops ?? 10;
  const energyJ = slowdownJ(input.massKg, input.fromKmh, input.toKmh);
  const perRotorJ = (energyJ * input.axleShare * rotorShare) / 2;
  const capacity = input.rotorMassKg * specificHeat;
  const riseK = perRotorJ / capacity;
  const cooled =
    input.hAWPerK === undefined || input.intervalS === undefined
      ? undefined
      : Math.exp((-input.intervalS * input.hAWPerK) / capacity);
  const peaksC =
    cooled === undefined
      ? []
      : Array.from({ length: stops }, (_, index) => ambientC + riseK * series(cooled, index + 1));
  return {
    energyKJ: energyJ / 1000,
    perRotorKJ: perRotorJ / 1000,
    riseK,
    ...(input.hAWPerK === undefined ? {} : { tauS: capacity / input.hAWPerK }),
    peaksC,
    ...(cooled === undefined || cooled === 1 ? {} : { limitC: ambientC + riseK / (1 - cooled) }),
    limits: [],
    defaults: [
      ...(input.specificHeat === undefined ? [`specificHeat: ${USUAL_SPECIFIC_HEAT}`] : []),
      ...(input.rotorShare === undefined ? [`rotorShare: ${USUAL_ROTOR_SHARE}`] : []),
      ...(input.ambientC === undefined ? ['ambientC: 20'] : []),
      ...(input.stops === undefined ? ['stops: 10'] : []),
    ],
    gaps: [
      ...(input.hAWPerK === undefined ? [{ path: 'hAWPerK', why: 'no peaks without the cooling' }] : []),
      ...(input.intervalS === undefined
        ? [{ path: 'intervalS', why: 'no peaks without the cooling time between stops' }]
        : []),
    ],
  };
}

/** 1 + x + … + xⁿ⁻¹; n where nothing is lost. */
function series(x: number, n: number): number {
  return x === 1 ? n : (1 - x ** n) / (1 - x);
}
