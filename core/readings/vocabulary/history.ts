/** What was touched and how the car is used. */
export const HISTORY = [
  {
    id: 'system_opened',
    stage: 'history',
    label: 'Hydraulics opened since the pedal was last good',
    states: ['no', 'yes'],
  },
  {
    id: 'caliper_fitted',
    stage: 'history',
    label: 'Calipers off or replaced recently',
    states: ['no', 'yes'],
  },
  {
    id: 'master_fitted',
    stage: 'history',
    label: 'Master cylinder or booster replaced recently',
    states: ['no', 'yes'],
  },
  {
    id: 'fluid_age',
    stage: 'history',
    label: 'Fluid age',
    states: ['fresh', 'aging', 'old'],
    ask: 'fresh: under 6 months or new for this event; aging: up to 2 years; old: over 2 years',
  },
  { id: 'friction_new', stage: 'history', label: 'New pads or rotors', states: ['no', 'yes'] },
  {
    id: 'bed_in_done',
    stage: 'history',
    label: 'Bedded in after the change',
    states: ['yes', 'no'],
    after: {
      any: [
        ['friction_new', 'yes'],
        ['vibration_braking', 'yes'],
        ['pedal_pulses', 'yes'],
        ['noise_squeal', 'yes'],
        ['noise_grind', 'yes'],
      ],
    },
  },
  {
    id: 'held_hot',
    stage: 'history',
    label: 'Held still on hot brakes',
    states: ['no', 'yes'],
    after: {
      any: [
        ['vibration_braking', 'yes'],
        ['pedal_pulses', 'yes'],
        ['noise_squeal', 'yes'],
        ['noise_grind', 'yes'],
      ],
    },
    ask: 'Stopped with the foot or the parking brake on straight after hard use',
  },
  { id: 'off_track', stage: 'history', label: 'Left the track or drove on gravel', states: ['no', 'yes'] },
  {
    id: 'level_falls',
    stage: 'history',
    label: 'Level keeps falling between fills',
    states: ['no', 'slowly', 'quickly'],
  },
  { id: 'assist_removed', stage: 'history', label: 'Booster removed', states: ['no', 'yes'] },
  {
    id: 'brake_conversion',
    stage: 'history',
    label: 'Different size calipers or master fitted',
    states: ['no', 'yes'],
  },
  {
    id: 'hose_kind',
    stage: 'history',
    label: 'Flexible hoses',
    states: ['braided', 'rubber_recent', 'rubber_old'],
  },
  { id: 'stood_long', stage: 'history', label: 'Car stood for months', states: ['no', 'yes'] },
  {
    id: 'hub_work',
    stage: 'history',
    label: 'Hub, bearing or rotor disturbed recently',
    states: ['no', 'yes'],
  },
  { id: 'compound', stage: 'history', label: 'Pad compound', states: ['fast_road', 'street', 'track'] },
  { id: 'usage', stage: 'history', label: 'How it is used', states: ['road', 'mixed', 'track'] },
] as const;
