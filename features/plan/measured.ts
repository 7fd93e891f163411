import type { Corner } from '@/core/car/corner';
import type { PadsInput } from '@/core/pads/schema';
import { readRotor } from '@/core/rotor/rotor';
import type { RotorInput } from '@/core/rotor/schema';
import type { PlanPad, PlanPads, PlanRotor } from '@/ui/DiscOnPlan';

type Read = { kind: string; corner: string; input: Record<string, unknown> | null };

export type MeasuredCorner = {
  rotor: Pick<PlanRotor, 'mm' | 'shape'>;
  pads: Pick<PlanPads, 'inner' | 'outer'>;
};

/** What the plan draws of a corner's newest readings; later ones in the list count over earlier ones. */
export function measuredAt(corner: Corner, readings: readonly Read[]): MeasuredCorner {
  const of = (kind: string) =>
    readings.findLast((row) => row.kind === kind && row.corner === corner && row.input !== null)?.input;
  const rotor = of('rotor') as RotorInput | undefined;
  const pads = (of('pads') as PadsInput | undefined)?.corners[corner];
  return {
    rotor: rotor ? rotorOf(rotor) : {},
    pads: pads ? { inner: padOf(pads.inner), outer: padOf(pads.outer) } : {},
  };
}

function rotorOf(input: RotorInput): MeasuredCorner['rotor'] {
  const { lowestMm, states } = readRotor(input);
  return { ...(lowestMm === undefined ? {} : { mm: lowestMm }), shape: states.rotor_shape };
}

function padOf({ leading, trailing }: PlanPad): PlanPad {
  return { leading, trailing };
}
