import type { FindingId } from '../diagnosis/vocabulary/findings';
import type { Limit } from '../fluid/reading';

/** How a finding was worked out of a reading: the figure, what it was held against, and by which rule. */
export type Trace = { value: number; unit: string; decimals: number; limit?: Limit; rule: string };

export type Figures = Record<string, unknown> & { limits?: Limit[] };
type Rule = { value: string; unit: string; decimals: number; limits: string[]; rule: string };

const rule = (value: string, unit: string, decimals: number, limits: string[], words: string): Rule => ({
  value,
  unit,
  decimals,
  limits,
  rule: words,
});

/** One rule a finding and reading; `value` names the result's own field. */
const RULES: Partial<Record<FindingId, Rule>> = {
  rotor_runout: rule('tirMm', 'mm', 3, ['runoutMm'], 'highest station less lowest; over the limit is high'),
  rotor_shape: rule(
    'waveMm',
    'mm',
    3,
    [],
    'what is left without order 1; over half of the total it is a wave',
  ),
  rotor_dtv: rule('dtvMm', 'mm', 3, ['dtvMm'], 'thickest station less thinnest; over the limit is high'),
  rotor_thickness: rule(
    'lowestMm',
    'mm',
    2,
    ['minimumMm'],
    'thinnest station against discard; the last quarter is near',
  ),
  hub_runout: rule('hubMm', 'mm', 3, ['hubLimitMm'], 'dial round the hub face at its own radius'),
  bearing_play: rule('playMm', 'mm', 3, ['limitMm'], 'dial on the rim of the hub, rocked'),
  hub_flex: rule('deflectionMm', 'mm', 2, ['hubFlexMm'], 'rotor against caliper under a bar'),
  pad_thickness: rule(
    'lowestMm',
    'mm',
    1,
    ['replaceMm', 'minimumMm'],
    'lowest reading of both pads; at the minimum it is worn out',
  ),
  pad_wear_sides: rule(
    'leftMinusRightMm',
    'mm',
    1,
    ['sidesMm'],
    'mean of the left pads less mean of the right',
  ),
  fluid_moisture: rule(
    'moisturePct',
    '%',
    1,
    ['wetFromPct', 'dryBelowPct'],
    'tester set to the fluid’s class',
  ),
  fluid_boiling: rule(
    'boilingC',
    '°C',
    0,
    ['boilingOkFromC', 'boilingLowBelowC'],
    'as read, brought to sea level',
  ),
  caliper_peak: rule(
    'marginK',
    'K',
    0,
    ['marginK', 'trackMarginK'],
    'boiling point here less the caliper’s peak',
  ),
  heat_spread: rule(
    'overOtherK',
    'K',
    0,
    ['wheelSpreadK', 'allHotC'],
    'this face less the other one of its axle',
  ),
  rotor_peak: rule(
    'rotorPeakC',
    '°C',
    0,
    ['padLimitC.front', 'padLimitC.rear'],
    'paint on the rotor against the pad’s own limit',
  ),
  pedal_ratio: rule('ratio', '', 2, ['ratioLow', 'ratioHigh'], 'pivot to pad over pivot to clevis'),
  pedal_free_play: rule(
    'freePlayMm',
    'mm',
    1,
    ['freePlayLeastMm', 'freePlayMostMm'],
    'by hand to the first resistance, at the pad',
  ),
  pedal_hold: rule('sankMm', 'mm', 0, ['sinkMm'], 'how far it went down under a steady foot'),
  master_movement: rule(
    'masterMovementMm',
    'mm',
    1,
    ['masterMoveMm'],
    'the master against something fixed, hard press',
  ),
  assist_vacuum: rule('vacuumKPa', 'kPa', 0, ['vacuumKPa'], 'gauge at the booster, idling'),
  judder_order: rule('order', '', 2, [], 'felt beats a second over turns of the wheel a second'),
  drum_surface: rule('ovalMm', 'mm', 2, ['drumOvalMm'], 'widest bore less narrowest'),
  drum_adjustment: rule('clearanceMm', 'mm', 2, ['shoeGapMm'], 'drum bore less the diameter over the shoes'),
};

/** Which of a pad's figures its shape was told by. */
const SHAPE_RULES: Record<string, Rule> = {
  inner_thin: rule(
    'innerMinusOuterMm',
    'mm',
    1,
    ['innerOuterMm'],
    'mean of the inner pad less mean of the outer',
  ),
  outer_thin: rule(
    'innerMinusOuterMm',
    'mm',
    1,
    ['innerOuterMm'],
    'mean of the inner pad less mean of the outer',
  ),
  taper_along: rule('taperAlongMm', 'mm', 1, ['taperAlongMm'], 'leading end less trailing end'),
  taper_radial: rule('taperRadialMm', 'mm', 1, ['taperRadialMm'], 'outer edge less inner edge'),
  even: rule('innerMinusOuterMm', 'mm', 1, ['innerOuterMm'], 'no difference over its own limit'),
};

/**
 * Traces a derived finding back to the figure it came from.
 * @param result what the reading's calc gave, with the reading's own input for figures that are read rather than worked out
 * @param place corner or axle, for readings of several corners
 */
export function traceOf(
  finding: FindingId,
  state: string,
  result: Figures,
  input: Record<string, unknown>,
  place?: string,
): Trace | undefined {
  const found = finding === 'pad_wear_shape' ? SHAPE_RULES[state] : RULES[finding];
  if (!found) return undefined;
  const at = (of: unknown, key: string) => (of as Record<string, Record<string, unknown>> | undefined)?.[key];
  const sources = [
    ...(place === undefined
      ? []
      : [at(result.corners, place), at(result.axles, place), at(input.corners, place)]),
    result,
    input,
    input.held as Record<string, unknown> | undefined,
  ];
  const value = sources.map((each) => each?.[found.value]).find((each) => typeof each === 'number');
  if (value === undefined) return undefined;
  const limits = (result.limits ?? []).filter((limit) => found.limits.includes(limit.name));
  const limit = closest(limits, value as number, place);
  return {
    value: value as number,
    unit: found.unit,
    decimals: found.decimals,
    ...(limit ? { limit } : {}),
    rule: found.rule,
  };
}

/** Of two bounds the one the figure is nearer to; of two axles the one it is on. */
function closest(limits: readonly Limit[], value: number, place: string | undefined): Limit | undefined {
  const axle = place?.startsWith('R') ? '.rear' : '.front';
  const own = limits.filter((limit) => !limit.name.includes('.') || limit.name.endsWith(axle));
  return [...own].sort((left, right) => Math.abs(left.value - value) - Math.abs(right.value - value))[0];
}
