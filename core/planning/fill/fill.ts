import { FLUID_CLASSES, type FluidClass } from '../../car/fluidClasses';

/** What a car was filled with, and what every curve and margin after it goes by. */
export type FluidFill = {
  filledOn: string;
  product: string;
  batch: string;
  fluidClass: FluidClass;
  /** The product’s own boiling points, °C; null where only its class is known. */
  dryC: number | null;
  wetC: number | null;
  colour: string;
  odometerKm: number | null;
  /** The lot it was poured from, and when that was opened, where it stood on the shelf. */
  lotId: string | null;
  lotOpenedOn: string | null;
};

export type FillRow = FluidFill & { id: string; jobId: string | null; recordedAt: string };

/** What is known of the fluid in a car: its last fill, or the class that is on file. */
export function fluidIn(
  fill: FluidKind | undefined,
  { fluidClass }: { fluidClass: FluidClass | null },
): FluidKind | undefined {
  return fill ?? (fluidClass ? { fluidClass, colour: '' } : undefined);
}

type FluidKind = Pick<FluidFill, 'fluidClass' | 'colour'>;

/** What another fill changes about a car's fluid, in words; nothing where it is the same kind again. */
export function fillChanges(before: FluidKind | undefined, now: FluidKind): string[] {
  if (!before) return [];
  const from = FLUID_CLASSES[before.fluidClass];
  const to = FLUID_CLASSES[now.fluidClass];
  const colours = [before.colour, now.colour].map((each) => each.trim().toLowerCase());
  return [
    ...(from === to ? [] : [`class from ${from.label} to ${to.label}`]),
    // Silicone and glycol leave what is left of the other in pools.
    ...(from.silicone === to.silicone
      ? []
      : [
          'silicone and glycol fluids do not mix: all of the old one has to be out, and the rubber suits one of them',
        ]),
    ...(colours[0] !== colours[1] && colours.every((each) => each !== '')
      ? [`colour from ${colours[0]} to ${colours[1]}`]
      : []),
  ];
}
