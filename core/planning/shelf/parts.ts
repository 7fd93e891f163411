/** What the shelf holds and a car wears. */
export const PART_KINDS = {
  fluid: 'Brake fluid',
  pads: 'Pads, axle set',
  shoes: 'Brake shoes, axle set',
  rotor: 'Rotor',
  drum: 'Drum',
  hose: 'Hose',
  caliper: 'Caliper',
  seal_kit: 'Seal kit',
  slide_kit: 'Slide pin kit',
  springs: 'Piston springs',
  boots: 'Piston boots',
  float_kit: 'Float hardware',
  bearing: 'Wheel bearing',
  master: 'Master cylinder',
  booster: 'Booster',
  wheel_cylinder: 'Wheel cylinder',
  studs: 'Wheel studs and nuts',
  cap: 'Reservoir cap',
  bush: 'Bush or joint',
  other: 'Other',
} as const;

export type PartKind = keyof typeof PART_KINDS;
export const PART_KIND_IDS = Object.keys(PART_KINDS) as [PartKind, ...PartKind[]];
