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
  return side < halfRoundMm
    ? undefined
    : `${Math.round(side)} mm of pistons side by side, and half round the rotor is ${Math.round(halfRoundMm)} mm: no caliper is that long`;
}
