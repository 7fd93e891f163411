/** Why the pistons of one side do not go round a rotor of this radius; nothing where they do. */
export function roomFor({
  caliper,
  pistonsMm,
  effectiveRadiusM,
}: {
  caliper: 'opposed' | 'sliding';
  pistonsMm: readonly number[];
  effectiveRadiusM: number;
}): string | undefined {
  const side = pistonsMm.reduce((sum, each) => sum + each, 0) / (caliper === 'opposed' ? 2 : 1);
  const halfRoundMm = Math.PI * effectiveRadiusM * 1000;
  // Where the radius is not known, nothing is.
  return side >= halfRoundMm
    ? `${Math.round(side)} mm of pistons side by side, and half round the rotor is ${Math.round(halfRoundMm)} mm: no caliper is that long`
    : undefined;
}

/** The dial stands near the edge of a rotor; the pad acts this much further in, mm (model). */
const DIAL_TO_PAD_MM = 8;

/** Where a pad acts on a rotor on which the dial stands at this radius, m. */
export function padRadiusM(rotorRadiusMm: number): number {
  return (rotorRadiusMm - DIAL_TO_PAD_MM) / 1000;
}

/** Why a pad cannot act at this radius: the rotor on file ends before it; nothing where it does not. */
export function outsideRotor(effectiveRadiusM: number, rotorRadiusMm: number): string | undefined {
  return effectiveRadiusM * 1000 >= rotorRadiusMm
    ? `below rotorRadiusMm, ${rotorRadiusMm} mm: the pad would act outside the rotor`
    : undefined;
}
