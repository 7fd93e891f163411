/** What gets done up to a figure; each figure is the maker's, kept with the car. */
export const TORQUES = {
  wheel: 'Wheel nuts or bolts',
  bleeder: 'Bleeder screw',
  banjo: 'Hose banjo or union',
  caliper_bracket: 'Caliper bracket',
  slide_pin: 'Slide pins',
  caliper_bridge: 'Caliper halves',
  master_nut: 'Master to booster or firewall',
  line_union: 'Pipe union at the master',
  booster_nut: 'Booster to firewall',
  clevis_nut: 'Pushrod lock nut',
  pedal_pivot: 'Pedal pivot',
  hub_nut: 'Hub nut of a unit',
  hub_preload: 'Preload of an adjustable bearing',
  float_hardware: 'Rotor float hardware',
  wheel_cylinder: 'Wheel cylinder bolts',
  suspension_joint: 'Suspension joint',
  modulator_union: 'Modulator unions',
} as const;

export type TorqueId = keyof typeof TORQUES;
export const TORQUE_IDS = Object.keys(TORQUES) as TorqueId[];

/** Accepted range of a torque on file, N·m: an M5 float screw to a centre-lock nut. */
export const TORQUE_RANGE = { low: 1, high: 900, unit: 'N·m' } as const;
