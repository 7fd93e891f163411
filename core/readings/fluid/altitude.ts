const SEA_LEVEL_PA = 101325;
const GAS_CONSTANT = 8.314462618;
/** Trouton's rule: molar entropy of vaporisation, J/mol·K (glycols lie above 100, so this is a little pessimistic). */
const TROUTON = 88;
const ZERO_C = 273.15;

/** Air pressure, Pa, at an altitude in metres. Source: ISO 2533 standard atmosphere, from memory. */
export function pressureAtAltitude(altitudeM: number): number {
  return SEA_LEVEL_PA * (1 - 2.25577e-5 * altitudeM) ** 5.25588;
}

/** Relative change of the absolute boiling point with pressure, from Clausius–Clapeyron. */
function relativeShift(altitudeM: number): number {
  return (GAS_CONSTANT / TROUTON) * Math.log(pressureAtAltitude(altitudeM) / SEA_LEVEL_PA);
}

/** How far a sea-level boiling point (°C) moves at altitude, K; negative above the sea. */
export function altitudeShift(boilingC: number, altitudeM: number): number {
  return (boilingC + ZERO_C) * relativeShift(altitudeM);
}

/** The sea-level boiling point, °C, of a fluid seen to boil at `readC` at this altitude. */
export function seaLevelBoiling(readC: number, altitudeM: number): number {
  return (readC + ZERO_C) / (1 + relativeShift(altitudeM)) - ZERO_C;
}
