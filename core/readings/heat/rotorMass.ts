/** Cast iron, kg/m³ (handbook: 7100 to 7300, recalled from memory). */
const IRON = 7150;
/** A rotor thicker than this has vanes, mm; of their thickness this share is metal (model). */
const VENTED_FROM_MM = 16;
const VENTED_SHARE = 0.68;
/** Ring from this share of the outer radius, and hat on top of the ring's mass (model). */
const INNER_SHARE = 0.58;
const HAT_SHARE = 0.2;
/** The dial stands this far in from the edge, mm. */
const DIAL_IN_MM = 12;

/**
 * Mass of a rotor, kg, from its thickness (mm) and the radius the dial stands at (mm), when nobody has weighed it (model):
 * an iron ring, part of it air if vented, with a hat.
 */
export function rotorMassKg(thicknessMm: number, dialRadiusMm: number): number {
  const outer = (dialRadiusMm + DIAL_IN_MM) / 1000;
  const area = Math.PI * (outer ** 2 - (outer * INNER_SHARE) ** 2);
  const metal = thicknessMm > VENTED_FROM_MM ? VENTED_SHARE : 1;
  return area * (thicknessMm / 1000) * metal * IRON * (1 + HAT_SHARE);
}
