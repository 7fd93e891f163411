import type { FindingId } from '@/core/readings/vocabulary/findings';

/** The complaint as a driver tells it, the separating questions close together. */
export const COMPLAINT_GROUPS: { title: string; findings: FindingId[] }[] = [
  {
    title: 'What the pedal did',
    findings: [
      'pedal_spongy',
      'pedal_long',
      'pedal_to_floor',
      'pedal_sinks',
      'pedal_hard',
      'pedal_soft_end',
      'first_press_long',
      'pedal_pulses',
      'pedal_slow_return',
    ],
  },
  { title: 'When, and does it come back', findings: ['temperature_link', 'recovery', 'after_cornering'] },
  {
    title: 'How the car stopped',
    findings: ['poor_stopping', 'pulls', 'pull_side', 'axle_locks_early', 'wheel_drags', 'pads_wear_fast'],
  },
  {
    title: 'Shake, noise, smell, lamp',
    findings: [
      'vibration_braking',
      'shake_where',
      'vibration_coasting',
      'noise_squeal',
      'noise_grind',
      'noise_rattle',
      'smell_or_smoke',
      'warning_light',
    ],
  },
];

/** What was touched since the brakes were last good. */
export const HISTORY_FINDINGS: FindingId[] = [
  'usage',
  'system_opened',
  'caliper_fitted',
  'master_fitted',
  'fluid_age',
  'level_falls',
  'friction_new',
  'bed_in_done',
  'compound',
  'held_hot',
  'hub_work',
  'off_track',
  'hose_kind',
  'stood_long',
  'brake_conversion',
  'assist_removed',
];
