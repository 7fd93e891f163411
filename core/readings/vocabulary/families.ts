import type { FindingId } from './findings';

/**
 * Families of complaints. What nobody listed brings about one of them, and leaves the checks of its family open: two
 * complaints are two listed faults before they are one unlisted. Common practice, no source.
 */
export const FAMILIES = {
  pedal: [
    'pedal_spongy',
    'pedal_long',
    'pedal_to_floor',
    'pedal_sinks',
    'pedal_soft_end',
    'first_press_long',
    'after_cornering',
    'level_falls',
  ],
  effort: ['pedal_hard', 'noise_hiss'],
  stopping: ['poor_stopping', 'grabs', 'pulls', 'axle_locks_early'],
  drag: ['wheel_drags', 'pedal_slow_return', 'smell_or_smoke'],
  shake: ['vibration_braking', 'vibration_coasting', 'pedal_pulses'],
  noise: ['noise_squeal', 'noise_grind', 'noise_rattle'],
  wear: ['pads_wear_fast'],
  lamp: ['warning_light'],
} as const satisfies Record<string, readonly FindingId[]>;

export type Family = keyof typeof FAMILIES;

export const FAMILY_NAMES = Object.keys(FAMILIES) as Family[];

/** The family a complaint belongs to; undefined for what only describes another. */
export function familyOf(finding: FindingId): Family | undefined {
  return FAMILY_NAMES.find((family) => (FAMILIES[family] as readonly FindingId[]).includes(finding));
}
