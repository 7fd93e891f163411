import { type Axle, axleOf, type Corner, cornersOf } from '../car/corner';
import { sideAreaMm2 } from '../car/hydraulics/bore';
import type { CarSpec } from '../car/spec';
import { USUAL_RADII } from '../car/usualRadii';
import { type GapPart, type PadGap, padGap } from '../planning/knockback/gaps';
import { reindex } from '../readings/hub/reindex';
import type { ReindexInput } from '../readings/hub/reindexSchema';
import { readRotor } from '../readings/rotor/rotor';
import type { RotorInput } from '../readings/rotor/schema';
import type { JobSheet, ReadingRow } from './sheet';
import { standingReadings } from './standing';

/** Span of a bearing's rows, mm, where it is not on file (common practice, no source). */
const USUAL_SPAN_MM = 40;

export type GapAt = PadGap & {
  corner: Corner;
  /** What nobody has measured there. */
  missing: GapPart[];
};

/** The gap at each corner of an axle from what this job has measured there. */
export function gapsAt(sheet: Pick<JobSheet, 'car' | 'readings'>, axle: Axle, springs: boolean): GapAt[] {
  return gapsOf(sheet.car, standingReadings(sheet), axle, springs);
}

type Read = Pick<ReadingRow, 'kind' | 'corner' | 'input'>;

/**
 * The gap at each corner of an axle: of these readings the last bearing play, rotor runout (else the hub face's) and flex
 * under a bar.
 */
export function gapsOf(car: CarSpec, rows: readonly Read[], axle: Axle, springs: boolean): GapAt[] {
  const { pistonsMm, caliper } = car[axle];
  return cornersOf(axle).map((corner) => {
    const parts = partsAt(car, rows, corner);
    const gap = padGap({
      parts,
      springs,
      ...(caliper && pistonsMm.length > 0
        ? { sideAreaMm2: sideAreaMm2(pistonsMm, caliper === 'opposed') }
        : {}),
      boreMm: car.masterBoreMm,
      pedalRatio: car.pedalRatio,
    });
    return {
      ...gap,
      corner,
      missing: (['bearing', 'wobble', 'flex'] as const).filter((part) => parts[part] === undefined),
    };
  });
}

function partsAt(car: CarSpec, rows: readonly Read[], corner: Corner): Partial<Record<GapPart, number>> {
  const input = (kind: string) =>
    rows.findLast((row) => row.kind === kind && row.corner === corner)?.input ?? undefined;
  const { bearingSpanMm, rotorRadiusMm } = car[axleOf(corner)];
  const radiusMm = rotorRadiusMm ?? USUAL_RADII.rotorMm;
  const playMm = input('bearing')?.playMm as number | undefined;
  const rotor = input('rotor') as RotorInput | undefined;
  const hub = input('reindex') as ReindexInput | undefined;
  const flexMm = input('hub-flex')?.deflectionMm as number | undefined;
  const wobbleMm = rotor ? readRotor(rotor).tirMm : hub && (reindex(hub).hubMm * radiusMm) / hub.hub.radiusMm;
  return {
    ...(playMm === undefined ? {} : { bearing: (playMm * radiusMm) / (bearingSpanMm ?? USUAL_SPAN_MM) }),
    ...(wobbleMm === undefined ? {} : { wobble: wobbleMm }),
    ...(flexMm === undefined ? {} : { flex: flexMm }),
  };
}
