import { axleOf, byCorner, type Corner } from '@/core/car/corner';
import type { CarSpec } from '@/core/car/spec';
import type { Measured } from '@/core/planning/wear/measured';
import type { PlanCorner } from '@/ui/CornerPlan';

/** Drawn when nobody has entered the figure: ordinary sizes, mm. */
const USUAL = { rotorMm: 22, padMm: 12 };

/** The plan of a car by its specification, with what was last measured on it. */
export function plainCorners(car: CarSpec, measured?: Measured): Record<Corner, PlanCorner> {
  return byCorner((corner) => {
    const axle = car[axleOf(corner)];
    return {
      brake: axle.brake,
      caliper: axle.caliper,
      rotor: {
        newMm: axle.rotorNewMm ?? USUAL.rotorMm,
        minimumMm: axle.rotorMinimumMm,
        ...measured?.[corner].rotor,
      },
      pads: { newMm: axle.padNewMm ?? USUAL.padMm, minimumMm: axle.padMinimumMm, ...measured?.[corner].pads },
      tone: 'plain',
      hub: 'plain',
      hold: false,
      says: '',
      more: 0,
    };
  });
}
