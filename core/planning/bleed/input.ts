import type { CarSpec } from '../../car/spec';
import type { Known } from '../known';
import type { WorkOptions } from '../options';
import type { Ways } from '../ways';
import type { BleedInput } from './schema';
import { USUAL_CEILING_KPA } from './usual';

/** What a bleed plan of this car starts from: the car where it is known, else what was chosen, else the shop's ways. */
export function bleedInputFor(
  car: CarSpec,
  ways: Ways,
  chosen: NonNullable<WorkOptions['bleed']>,
  known: Known & Pick<BleedInput, 'corners' | 'share'>,
): BleedInput {
  const { front, rear } = car;
  const lines =
    front.lineLeftM !== null &&
    front.lineRightM !== null &&
    rear.lineLeftM !== null &&
    rear.lineRightM !== null
      ? { FL: front.lineLeftM, FR: front.lineRightM, RL: rear.lineLeftM, RR: rear.lineRightM }
      : undefined;
  const ceilingKPa = car.bleedCeilingKPa ?? undefined;
  const method = chosen.method ?? ways.bleedMethod;
  return {
    ...(car.makerOrder
      ? { makerOrder: car.makerOrder, ...(chosen.order ? { school: chosen.order } : {}) }
      : { school: chosen.order ?? ways.bleedOrder }),
    ...(lines ? { lines } : { masterSide: car.driveSide ?? 'left' }),
    bleeders: { front: front.bleeders, rear: rear.bleeders },
    twoBleeders: chosen.twoBleeders ?? ways.twoBleeders,
    ...(known.corners ? { corners: known.corners } : {}),
    ...(known.clearAtMl ? { clearAtMl: known.clearAtMl } : {}),
    ...(known.share === undefined ? {} : { share: known.share }),
    opened: known.opened,
    softAfterBleed: known.softAfterBleed,
    stabilityControl: car.stabilityControl ?? true,
    method,
    bottleMl: chosen.bottleMl ?? ways.bottleMl,
    catchMl: chosen.catchMl ?? ways.catchMl,
    ...(chosen.reservoirMl === undefined ? {} : { reservoirMl: chosen.reservoirMl }),
    ...(car.masterBoreMm === null ? {} : { masterBoreMm: car.masterBoreMm }),
    // The shop's habit gives way to the reservoir; what was typed for this job is refused instead.
    ...(method === 'pressure'
      ? {
          pot: chosen.pot ?? ways.potSchool,
          pressureKPa: chosen.pressureKPa ?? Math.min(ways.bleedPressureKPa, ceilingKPa ?? USUAL_CEILING_KPA),
        }
      : {}),
    ...(ceilingKPa === undefined ? {} : { ceilingKPa }),
  };
}

/** What the plan had to assume of this car, said. */
export function assumedOf(car: CarSpec, input: BleedInput): string[] {
  return [
    ...(car.driveSide === null && input.masterSide
      ? ['Drive side is not on file: the order assumes the master on the left.']
      : []),
    ...(car.stabilityControl === null
      ? ['Stability control is not on file: the plan assumes the car has it.']
      : []),
  ];
}
