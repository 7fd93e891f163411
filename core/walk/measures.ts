import type { FindingId } from '../diagnosis/vocabulary/findings';

/** The readings a technician takes, each with its calc, answering several checks in one go. */
export const MEASURES = {
  fluid: { label: 'Fluid', kind: 'fluid', covers: ['fluid_moisture', 'fluid_boiling'] },
  pedal: {
    label: 'Pedal',
    kind: 'pedal',
    covers: ['pedal_hold', 'pedal_free_play', 'master_movement', 'assist_vacuum'],
  },
  ratio: { label: 'Pedal ratio', kind: 'pedal-ratio', covers: ['pedal_ratio'] },
  pads: { label: 'Pads', kind: 'pads', covers: ['pad_thickness', 'pad_wear_shape', 'pad_wear_sides'] },
  rotor: {
    label: 'Rotor',
    kind: 'rotor',
    covers: ['rotor_runout', 'rotor_dtv', 'rotor_shape', 'rotor_thickness'],
  },
  hub: { label: 'Hub face', kind: 'reindex', covers: ['hub_runout'] },
  bearing: { label: 'Bearing play', kind: 'bearing', covers: ['bearing_play'] },
  flex: { label: 'Hub flex', kind: 'hub-flex', covers: ['hub_flex'] },
  drum: { label: 'Drum', kind: 'drum', covers: ['drum_adjustment', 'drum_surface'] },
  heat: { label: 'Heat round the car', kind: 'heat', covers: ['heat_spread', 'rotor_peak', 'caliper_peak'] },
  judder: { label: 'Judder', kind: 'judder', covers: ['judder_order'] },
} as const satisfies Record<string, { label: string; kind: string; covers: readonly FindingId[] }>;

export type MeasureId = keyof typeof MEASURES;

/** The measure that yields a finding, where there is one. */
export function measureOf(finding: FindingId): MeasureId | undefined {
  return (Object.keys(MEASURES) as MeasureId[]).find((id) =>
    (MEASURES[id].covers as readonly FindingId[]).includes(finding),
  );
}
