import { CORNERS, type Corner } from '../../car/corner';
import type { CarSpec } from '../../car/spec';
import { applies } from '../applies';
import { MEASURES, type MeasureId } from '../measures';
import { type FindingId, findingOf } from '../vocabulary/findings';

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
  'caliper_mount',
  'piston_return',
  'slide_pins',
  'bleeder_position',
  'bleeder_screw',
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
export function walkRoute(car: CarSpec, start: Corner): Stop[] {
  const stop = (area: Area, id: FindingId | MeasureId): Stop[] => {
    const corner = (CORNERS as readonly string[]).includes(area) ? (area as Corner) : undefined;
    const common = { id: `${area}.${id}`, area, ...(corner ? { corner } : {}) };
    if (isMeasure(id)) {
      const { label, covers } = MEASURES[id];
      return covers.some((each) => applies(each, car, corner)) ? [{ ...common, label, measure: id }] : [];
    }
    return applies(id, car, corner) ? [{ ...common, label: findingOf(id).label, finding: id }] : [];
  };
  return [
    ...IN_CABIN.flatMap((id) => stop('cabin', id)),
    ...UNDER_BONNET.flatMap((id) => stop('engine_bay', id)),
    ...cornersFrom(start).flatMap((corner) => AT_CORNER.flatMap((id) => stop(corner, id))),
  ];
}

function isMeasure(id: FindingId | MeasureId): id is MeasureId {
  return Object.hasOwn(MEASURES, id);
}
