import type { Corner } from '../car/corner';
import type { CarSpec } from '../car/spec';
import { assistOf, brakeAt } from '../car/traits';
import { traitsOf } from '../car/traitsOf';
import type { FindingId } from '../diagnosis/vocabulary/findings';

const OF_DISCS = /^(rotor_|pad_|piston_|slide_|bleeder_|hub_runout)/;

/** Whether a check makes sense on this car, at this corner: what the car does not have is not asked about. */
export function applies(id: FindingId, car: CarSpec, corner?: Corner): boolean {
  const traits = traitsOf(car);
  const assist = assistOf(traits);
  const axle = corner && (corner.startsWith('F') ? 'front' : 'rear');
  if (id === 'assist_start') return assist !== 'none';
  if (id === 'assist_vacuum') return assist === undefined || assist === 'vacuum';
  if (id === 'assist_fluid') return assist === undefined || assist === 'hydraulic';
  if (id === 'parking_brake') return car.parkingBrake !== 'none';
  if (id === 'rotor_float')
    return axle
      ? car[axle].rotor !== 'one_piece' && car[axle].brake === 'disc'
      : car.front.rotor !== 'one_piece' || car.rear.rotor !== 'one_piece';
  if (id === 'slide_pins' && axle) return car[axle].caliper !== 'opposed' && car[axle].brake === 'disc';
  if (id.startsWith('drum_') || id === 'wheel_cylinder') return car.rear.brake === 'drum' && axle !== 'front';
  if (OF_DISCS.test(id) && axle) return brakeAt(traits, axle) === 'disc';
  return true;
}

/** Why a reading cannot be of this corner; undefined when it can. */
export function readingRefused(kind: string, corner: Corner | '', car: CarSpec): string | undefined {
  if (corner === '') return undefined;
  const { brake } = car[corner.startsWith('F') ? 'front' : 'rear'];
  if (brake === 'drum' && ['rotor', 'reindex', 'pads'].includes(kind))
    return `${corner} has a drum: there is no rotor and no pad to read there`;
  if (brake === 'disc' && kind === 'drum') return `${corner} has a disc: there is no drum to read there`;
  return undefined;
}
