import { CORNERS, type Corner } from '../car/corner';
import type { CarSpec } from '../car/spec';
import { FINDINGS, type Finding, type FindingId } from '../diagnosis/vocabulary/findings';
import { applies } from '../job/applies';
import type { MeasureId } from './measures';

export type Area = 'cabin' | 'engine_bay' | Corner;

/** One thing to look at or to measure on the way round. */
export type Stop = { id: string; area: Area; corner?: Corner; label: string } & (
  | { finding: FindingId; measure?: undefined }
  | { measure: MeasureId; finding?: undefined }
);

/** A corner as it is worked: nuts and tyre before the wheel comes off, by eye before anything is moved, then by hand, then with gauges, rotor off last. */
const AT_CORNER: readonly (FindingId | MeasureId)[] = [
  'wheel_nuts',
  'tyres',
  'leak',
  'rotor_colour',
  'rotor_surface',
  'shield_look',
  'cooling_path',
  'pads',
  'pad_surface',
  'pad_fit',
  'piston_return',
  'slide_pins',
  'bleeder_position',
  'hose_swell',
  'rotor_float',
  'bearing',
  'rotor',
  'flex',
  'suspension_joints',
  'wheel_mounting',
  'hub',
  'drum',
  'drum_surface',
  'shoe_lining',
  'wheel_cylinder',
];

const IN_CABIN: readonly (FindingId | MeasureId)[] = [
  'pedal_now',
  'pedal_pump',
  'pedal',
  'pedal_linkage',
  'assist_start',
  'ratio',
];
const UNDER_BONNET: readonly (FindingId | MeasureId)[] = [
  'reservoir_level',
  'reservoir_cap',
  'fluid_look',
  'fluid_type',
  'fluid',
  'assist_fluid',
];

/** What a measure stands for when asking whether the car has it. */
const STANDS_FOR: Partial<Record<MeasureId, FindingId>> = {
  pads: 'pad_thickness',
  rotor: 'rotor_runout',
  hub: 'hub_runout',
  drum: 'drum_adjustment',
};

/** Round the car from a corner on, the short way to the next: down one side and up the other. */
export function cornersFrom(start: Corner): Corner[] {
  const round: readonly Corner[] = ['RL', 'FL', 'FR', 'RR'];
  const first = round.indexOf(start);
  return [...round.slice(first), ...round.slice(0, first)];
}

/**
 * One working order for the whole car: the seat, under the bonnet, then each corner with everything that is looked at
 * while its wheel is off. What the car does not have is left out.
 */
export function walkRoute(
  car: CarSpec,
  start: Corner,
  labels: (id: FindingId | MeasureId) => string,
): Stop[] {
  const stop = (area: Area, id: FindingId | MeasureId): Stop[] => {
    const corner = (CORNERS as readonly string[]).includes(area) ? (area as Corner) : undefined;
    const finding = FINDING_IDS.has(id as FindingId) ? (id as FindingId) : undefined;
    const asked = finding ?? STANDS_FOR[id as MeasureId];
    if (asked && !applies(asked, car, corner)) return [];
    const common = { id: `${area}.${id}`, area, label: labels(id), ...(corner ? { corner } : {}) };
    return [finding ? { ...common, finding } : { ...common, measure: id as MeasureId }];
  };
  return [
    ...IN_CABIN.flatMap((id) => stop('cabin', id)),
    ...UNDER_BONNET.flatMap((id) => stop('engine_bay', id)),
    ...cornersFrom(start).flatMap((corner) => AT_CORNER.flatMap((id) => stop(corner, id))),
  ];
}

const FINDING_IDS: ReadonlySet<FindingId> = new Set(
  (FINDINGS as readonly Finding[]).map((finding) => finding.id),
);
