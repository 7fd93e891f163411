/** How near the minimum is near, mm, when nobody knows the new thickness. */
const NEAR_MM = 0.3;

/** Where a rotor stands by its thinnest place, mm, against its discard thickness; the last quarter of its wear is near. */
export function rotorStanding(
  lowestMm: number,
  minimumMm: number,
  newMm: number | undefined,
): 'ok' | 'near_minimum' | 'below_minimum' {
  const near = newMm === undefined ? NEAR_MM : (newMm - minimumMm) / 4;
  return lowestMm < minimumMm ? 'below_minimum' : lowestMm < minimumMm + near ? 'near_minimum' : 'ok';
}
