import { type BoilingPair, FLUID_CLASSES } from '../../car/fluidClasses';
import type { CarSpec } from '../../car/spec';
import { altitudeShift } from '../../readings/fluid/altitude';
import { boilingAtMoisture } from '../../readings/fluid/boiling';
import { type FluidInput, readFluid } from '../../readings/fluid/fluid';

type Filled = Pick<CarSpec, 'fluidClass' | 'fluidDryC' | 'fluidWetC' | 'fluidFilledOn'>;

/** What is known of the fluid in a car today. */
export type FluidNow = {
  /** Its product's own boiling points, else those of its class. */
  pair?: BoilingPair;
  /** What was last read of it, where that was after it was filled. */
  read?: FluidInput;
  moisturePct?: number;
  /** Where it boils with that water at this height, °C. */
  boilsHereC?: number;
};

/** The fluid a car was filled with, and the last reading of it: what every curve and every heat margin begins with. */
export function fluidNow(
  { fluidClass, fluidDryC, fluidWetC, fluidFilledOn }: Filled,
  last: { input: FluidInput; on: string } | undefined,
  altitudeM: number,
): FluidNow {
  const own = fluidDryC !== null && fluidWetC !== null ? { dryC: fluidDryC, wetC: fluidWetC } : undefined;
  const pair = own ?? (fluidClass ? FLUID_CLASSES[fluidClass] : undefined);
  // What was read on the day of the fill, or before it, may be of the fluid that went.
  const read = last && (fluidFilledOn === null || last.on > fluidFilledOn) ? last.input : undefined;
  const result = read && readFluid(read);
  const moisturePct = result?.ok ? (result.value.moisturePct ?? undefined) : undefined;
  const seaC = pair && moisturePct !== undefined ? boilingAtMoisture(pair, moisturePct) : undefined;
  return {
    ...(pair ? { pair: { dryC: pair.dryC, wetC: pair.wetC } } : {}),
    ...(read ? { read } : {}),
    ...(moisturePct === undefined ? {} : { moisturePct }),
    ...(seaC === undefined ? {} : { boilsHereC: seaC + altitudeShift(seaC, altitudeM) }),
  };
}
