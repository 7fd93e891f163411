import { usualLimits } from '../../car/limits/catalogue';
import type { Gap, Limit } from '../../car/limits/limit';
import { exceeds } from '../../car/limits/limit';
import { studWords } from '../hub/studs';
import { type Order, ordersOf, withoutWobble } from './orders';
import { type Outlier, outlierOf } from './outlier';
import type { RotorInput } from './schema';
import { type Drift, meanOfSets, type Repeat, withoutDrift } from './sets';
import { rotorStanding } from './standing';

const USUAL = usualLimits('runoutMm', 'dtvMm');

/** A workshop dial reads to this, mm. */
const USUAL_RESOLUTION_MM = 0.01;

export type RotorResult = {
  /** Total indicator reading. */
  tirMm: number;
  orders: Order[];
  /** Peak to peak of order 1; and what the readings still move by without it. */
  wobbleMm: number;
  waveMm: number;
  /** The round the rest was worked out from: drift taken out, further rounds averaged in. */
  readMm: number[];
  /** The high side of the wobble by stud, station 1 at stud 1. */
  highAtStud?: string;
  drift?: Drift;
  repeat?: Repeat;
  outlier?: Outlier;
  /** Thickness near the rim less near the hat. */
  taperMm?: number;
  dtvMm?: number;
  meanMm?: number;
  lowestMm?: number;
  wearMm?: number;
  leftMm?: number;
  states: {
    rotor_runout: 'ok' | 'high';
    rotor_shape: 'flat' | 'wobble' | 'wave';
    rotor_dtv?: 'ok' | 'high';
    rotor_thickness?: 'ok' | 'near_minimum' | 'below_minimum';
  };
  limits: Limit[];
  gaps: Gap[];
};

/** What a dial and a micrometer round the face say of a rotor. A value exactly on a limit is inside it. */
export function readRotor(input: RotorInput): RotorResult {
  const { thicknessMm, newMm, minimumMm } = input;
  const { readMm: runoutMm, drift, repeat } = roundOf(input);
  const limit = {
    runoutMm: input.limits?.runoutMm ?? USUAL.runoutMm,
    dtvMm: input.limits?.dtvMm ?? USUAL.dtvMm,
  };
  const tirMm = spread(runoutMm);
  const orders = ordersOf(runoutMm);
  const waveMm = spread(withoutWobble(runoutMm));
  const over = exceeds(tirMm, limit.runoutMm);
  const outlier = outlierOf(runoutMm, input.resolutionMm ?? USUAL_RESOLUTION_MM);
  const high = orders[0]!.highAngleDeg;
  const thickness = thicknessMm && thicknessOf(thicknessMm, newMm, minimumMm);
  return {
    tirMm,
    orders,
    wobbleMm: orders[0]!.peakToPeakMm,
    waveMm,
    readMm: [...runoutMm],
    ...(input.studs === undefined || high === null ? {} : { highAtStud: studWords(high, input.studs) }),
    ...(drift ? { drift } : {}),
    ...(repeat ? { repeat } : {}),
    ...(outlier ? { outlier } : {}),
    ...(input.edgesMm ? { taperMm: input.edgesMm.outer - input.edgesMm.inner } : {}),
    ...(thickness?.figures ?? {}),
    states: {
      rotor_runout: over ? 'high' : 'ok',
      rotor_shape: !over ? 'flat' : waveMm > tirMm / 2 ? 'wave' : 'wobble',
      ...(thickness ? { rotor_dtv: exceeds(thickness.figures.dtvMm, limit.dtvMm) ? 'high' : 'ok' } : {}),
      ...(thickness?.state ? { rotor_thickness: thickness.state } : {}),
    },
    limits: limitsOf(input, limit),
    gaps: gapsOf(input),
  };
}

function limitsOf(input: RotorInput, { runoutMm, dtvMm }: { runoutMm: number; dtvMm: number }): Limit[] {
  const { minimumMm } = input;
  return [
    { name: 'runoutMm', value: runoutMm, from: fromOf(input, 'runoutMm') },
    { name: 'dtvMm', value: dtvMm, from: fromOf(input, 'dtvMm') },
    ...(minimumMm === undefined ? [] : [{ name: 'minimumMm', value: minimumMm, from: 'car' as const }]),
  ];
}

function gapsOf({ thicknessMm, minimumMm }: RotorInput): Gap[] {
  if (!thicknessMm)
    return [{ path: 'thicknessMm', why: 'without thickness nothing is known of variation and wear' }];
  return minimumMm === undefined
    ? [{ path: 'minimumMm', why: 'without the discard thickness nothing is known of what is left' }]
    : [];
}

/** The round as it counts: the first one with its drift taken out if that was asked for, further ones averaged in. */
function roundOf(input: RotorInput): { readMm: readonly number[]; drift?: Drift; repeat?: Repeat } {
  const resolution = input.resolutionMm ?? USUAL_RESOLUTION_MM;
  const mm = input.closingMm === undefined ? undefined : input.closingMm - input.runoutMm[0]!;
  const spread = mm !== undefined && input.spreadDrift === true;
  const first = spread ? withoutDrift(input.runoutMm, mm) : input.runoutMm;
  const drift = mm === undefined ? undefined : { mm, over: exceeds(Math.abs(mm), resolution), spread };
  if (!input.repeatsMm || input.repeatsMm.length === 0) return { readMm: first, drift };
  const { readings, repeat } = meanOfSets([first, ...input.repeatsMm]);
  return { readMm: readings, drift, repeat };
}

function fromOf(input: RotorInput, name: 'runoutMm' | 'dtvMm'): Limit['from'] {
  return input.limits?.[name] === undefined ? 'practice' : (input.limitsFrom?.[name] ?? 'car');
}

function thicknessOf(thickness: readonly number[], newMm: number | undefined, minimumMm: number | undefined) {
  const lowestMm = Math.min(...thickness);
  const meanMm = thickness.reduce((sum, each) => sum + each, 0) / thickness.length;
  const figures = {
    dtvMm: spread(thickness),
    meanMm,
    lowestMm,
    ...(newMm === undefined ? {} : { wearMm: newMm - meanMm }),
    ...(minimumMm === undefined ? {} : { leftMm: lowestMm - minimumMm }),
  };
  if (minimumMm === undefined) return { figures };
  return { figures, state: rotorStanding(lowestMm, minimumMm, newMm) };
}

function spread(values: readonly number[]): number {
  return Math.max(...values) - Math.min(...values);
}
