import type { CarSpec } from './spec';
import type { CarTraits } from './traits';

/** What the diagnosis takes from a car on file; facts nobody has entered stay unknown. */
export function traitsOf(car: CarSpec): CarTraits {
  const known = <T>(value: T | null): T | undefined => value ?? undefined;
  return {
    name: car.name,
    ...(car.assist === null ? {} : { booster: car.assist !== 'none', assist: car.assist }),
    abs: known(car.abs),
    stabilityControl: known(car.stabilityControl),
    rearBrake: car.rear.brake,
    caliper: { front: known(car.front.caliper), rear: known(car.rear.caliper) },
    rotor: { front: known(car.front.rotor), rear: known(car.rear.rotor) },
    parkingBrake: known(car.parkingBrake),
  };
}
