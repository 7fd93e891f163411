import { axleOf, type Corner, cornersOf, type Place } from '../car/corner';
import { carMayFit, cornerMayFit } from '../car/fits';
import type { CarSpec } from '../car/spec';
import { traitsOf } from '../car/traitsOf';
import { measureOfKind } from './measureOf';
import { type FindingId, findingOf } from './vocabulary/findings';

/** Whether a check makes sense on this car, at this place: what the car does not have is not asked about. */
export function applies(id: FindingId, car: CarSpec, place?: Place): boolean {
  const traits = traitsOf(car);
  const { fits } = findingOf(id);
  return carMayFit(traits, fits) && cornersOf(place).some((each) => cornerMayFit(traits, each, fits));
}

/** Why a reading cannot be of this corner; undefined when it can. */
export function readingRefused(kind: string, corner: Corner | '', car: CarSpec): string | undefined {
  if (corner === '') return undefined;
  const { brake } = car[axleOf(corner)];
  const needed = measureOfKind(kind)?.brake;
  if (needed === undefined || needed === brake) return undefined;
  return needed === 'disc'
    ? `${corner} has a drum: there is no rotor and no pad to read there`
    : `${corner} has a disc: there is no drum to read there`;
}
