import type { Issue, Outcome } from '../../base/issues/issue';
import { showValue } from '../../base/issues/issue';
import { type BoilingPair, FLUID_CLASSES, type FluidClass } from '../../car/fluidClasses';
import { usualLimits } from '../../car/limits/catalogue';
import type { Gap, Limit } from '../../car/limits/limit';
import { exceeds, fallsShort } from '../../car/limits/limit';
import { altitudeShift, seaLevelBoiling } from './altitude';
import { boilingAtMoisture, FLOOR_C, moistureAtBoiling } from './boiling';
import { FLUID_LIMITS, type FluidLimits } from './limits';
import { FLUID_RANGES } from './ranges';
import { boilingState, moistureState } from './states';

/** On the road the margin may be used up (common practice, no source); no shop sets that. */
const USUAL: FluidLimits = { ...usualLimits(...FLUID_LIMITS), roadMarginK: 0 };

export type FluidInput = {
  class: FluidClass;
  /** The product's own data-sheet pair, °C; both or neither. */
  dryC?: number;
  wetC?: number;
  moisturePct?: number;
  /** Boiling point as read, °C, at `altitudeM`. */
  boilingC?: number;
  altitudeM?: number;
  caliperPeakC?: number;
  use?: 'road' | 'track';
  /** The shop's own limits; what is not there is common practice. */
  limits?: Partial<Omit<FluidLimits, 'roadMarginK'>>;
  /** The bottle the new fluid is to come from. */
  bottle?: { sealed: boolean; openedDaysAgo?: number };
};

export type FluidResult = {
  /** Boiling point at sea level, °C. */
  boilingC: number | null;
  /** As read, or from the boiling point; left out where the pair on file cannot be this fluid's. */
  moisturePct?: number | null;
  /** What a boiling tester's own error leaves of a water figure worked out of it, %. */
  moistureRangePct?: [low: number, high: number];
  /** It boils above what its class demands when new: the class says nothing of its water. */
  betterThanClass?: true;
  /** How far altitude moves it, K, and where it boils here, °C. */
  altitudeShiftK: number | null;
  boilingHereC: number | null;
  /** Boiling point here less the caliper's peak, K. */
  marginK: number | null;
  /** Boiling reading less what the moisture reading predicts, K, when both are given. */
  disagreementC?: number;
  states: Partial<{
    fluid_moisture: 'dry' | 'borderline' | 'wet';
    fluid_boiling: 'ok' | 'borderline' | 'low';
    caliper_peak: 'within' | 'over_fluid_limit';
  }>;
  notes: string[];
  limits: Limit[];
  defaults: Limit[];
  gaps: Gap[];
};

/**
 * Reads a fluid: boiling point, water, altitude, margin over the caliper, and the findings they imply.
 * A moisture reading speaks only for moisture and a boiling reading only for boiling; given both, boiling wins for
 * the margin and the disagreement is shown. Formulas: `boiling.ts`, `altitude.ts`.
 */
export function readFluid(input: FluidInput): Outcome<FluidResult> {
  const limits: FluidLimits = { ...USUAL, ...input.limits };
  const issues = refuse(input);
  if (issues.length > 0) return { ok: false, issues };

  const product = FLUID_CLASSES[input.class];
  const pair = { dryC: input.dryC ?? product.dryC, wetC: input.wetC ?? product.wetC };
  const altitudeM = input.altitudeM ?? 0;
  const use = input.use ?? 'track';

  const modelled = input.moisturePct === undefined ? null : boilingAtMoisture(pair, input.moisturePct);
  const measured = input.boilingC === undefined ? null : seaLevelBoiling(input.boilingC, altitudeM);
  const boilingC = measured ?? modelled;
  const above = measured !== null && exceeds(measured, pair.dryC);
  const altitudeShiftK = boilingC === null ? null : altitudeShift(boilingC, altitudeM);
  const boilingHereC = boilingC === null ? null : boilingC + altitudeShiftK!;
  const marginK =
    boilingHereC === null || input.caliperPeakC === undefined ? null : boilingHereC - input.caliperPeakC;
  const leastMarginK = use === 'track' ? limits.trackMarginK : limits.roadMarginK;

  return {
    ok: true,
    value: {
      boilingC,
      ...waterOf(input, pair, measured),
      ...(above && input.dryC === undefined ? { betterThanClass: true as const } : {}),
      altitudeShiftK,
      boilingHereC,
      marginK,
      ...(measured !== null && modelled !== null && !above ? { disagreementC: measured - modelled } : {}),
      states: {
        ...(input.moisturePct === undefined
          ? {}
          : { fluid_moisture: moistureState(input.moisturePct, limits) }),
        ...(measured === null ? {} : { fluid_boiling: boilingState(measured, limits) }),
        ...(marginK === null ? {} : { caliper_peak: peakState(marginK, leastMarginK) }),
      },
      notes: notes(input, limits),
      limits: limitsHeld(input, limits, leastMarginK, pair),
      defaults: defaultsTaken(input, limits),
      gaps: [...gaps(input, product.silicone), ...(above ? [otherPair(input, pair.dryC)] : [])],
    },
  };
}

/** What was taken where nothing was said. */
function defaultsTaken(input: FluidInput, { trackMarginK }: FluidLimits): Limit[] {
  return [
    ...(input.altitudeM === undefined ? [{ name: 'altitudeM', value: 0, from: 'model' as const }] : []),
    ...(input.use === undefined
      ? [{ name: 'trackMarginK', value: trackMarginK, from: fromOf(input, 'trackMarginK') }]
      : []),
  ];
}

/** How far a boiling tester may be off, K (common practice, no source). */
const TESTER_K = 3;

/** The water of a fluid: as read, else from where it boils with what the tester's error leaves of it. */
function waterOf(
  { class: fluidClass, moisturePct }: FluidInput,
  pair: BoilingPair,
  boilingC: number | null,
): Pick<FluidResult, 'moisturePct' | 'moistureRangePct'> {
  if (moisturePct !== undefined) return { moisturePct };
  if (boilingC === null || FLUID_CLASSES[fluidClass].silicone) return { moisturePct: null };
  if (boilingC <= FLOOR_C || exceeds(boilingC, pair.dryC)) return {};
  const wettest = boilingC - TESTER_K;
  return {
    moisturePct: moistureAtBoiling(pair, boilingC),
    ...(wettest > FLOOR_C
      ? {
          moistureRangePct: [
            moistureAtBoiling(pair, boilingC + TESTER_K),
            moistureAtBoiling(pair, wettest),
          ] as [number, number],
        }
      : {}),
  };
}

/** Why a reading above the dry point has no water figure. */
function otherPair({ dryC }: FluidInput, pairC: number): Gap {
  return {
    path: 'dryC',
    why:
      dryC === undefined
        ? `it boils above ${pairC} °C, the least its class asks for: for its water give the product’s own dry and wet points`
        : `it boils above ${pairC} °C, the dry point given: is that pair this fluid’s?`,
  };
}

function peakState(marginK: number, leastMarginK: number): 'within' | 'over_fluid_limit' {
  return fallsShort(marginK, leastMarginK) ? 'over_fluid_limit' : 'within';
}

function refuse(input: FluidInput): Issue[] {
  const issues: Issue[] = [];
  const add = (path: string, value: unknown, accepted: string) =>
    issues.push({ code: 'out_of_range', path, value: showValue(value), accepted });
  const product = FLUID_CLASSES[input.class];

  if ((input.dryC === undefined) !== (input.wetC === undefined)) {
    const missing = input.dryC === undefined ? 'dryC' : 'wetC';
    issues.push({
      code: 'missing',
      path: missing,
      value: 'missing',
      accepted: 'a data sheet pair needs both, dryC and wetC',
    });
  }
  const dryC = input.dryC ?? product.dryC;
  if (input.wetC !== undefined && !(input.wetC > FLOOR_C && input.wetC < dryC)) {
    add('wetC', input.wetC, `over ${FLOOR_C} and below the dry boiling point, ${dryC} °C`);
  }
  const [least, most] = FLUID_RANGES.boilingC;
  if (input.boilingC !== undefined && !(input.boilingC >= least && input.boilingC <= most))
    add('boilingC', input.boilingC, `${least} to ${most} °C`);
  if (product.silicone && input.moisturePct !== undefined) {
    issues.push({
      code: 'refused',
      path: 'moisturePct',
      value: showValue(input.moisturePct),
      accepted:
        'water does not dissolve in silicone fluid, so a moisture tester does not apply; read the boiling point',
    });
  }
  return issues;
}

function gaps(input: FluidInput, silicone: boolean): Gap[] {
  const found: Gap[] = [];
  if (input.moisturePct === undefined && input.boilingC === undefined) {
    found.push({
      path: silicone ? 'boilingC' : 'moisturePct',
      why: 'no reading of this fluid yet, so nothing can be said of its boiling point',
    });
  }
  if (input.caliperPeakC === undefined)
    found.push({ path: 'caliperPeakC', why: 'without the caliper peak there is no margin' });
  return found;
}

function notes(input: FluidInput, limits: FluidLimits): string[] {
  const said: string[] = [];
  if (input.class === 'DOT3')
    said.push('New DOT 3 boils at 205 °C, so this class leaves little room above 200 °C.');
  if (FLUID_CLASSES[input.class].silicone)
    said.push('Silicone fluid: water does not dissolve in it. Never mix it with glycol fluid.');
  if (input.bottle && !input.bottle.sealed) said.push(bottleNote(input.bottle.openedDaysAgo, limits));
  return said;
}

function bottleNote(days: number | undefined, { bottleDays }: FluidLimits): string {
  if (days === undefined) return 'The bottle is open and nobody knows since when: use a sealed one.';
  return days > bottleDays
    ? `The bottle has been open ${days} days, more than ${bottleDays}: not fresh fluid for the track.`
    : `The bottle has been open ${days} days: still fresh, up to ${bottleDays}.`;
}

function limitsHeld(
  input: FluidInput,
  limits: FluidLimits,
  marginK: number,
  pair: { dryC: number; wetC: number },
): Limit[] {
  const from = input.dryC === undefined ? ('standard' as const) : ('car' as const);
  return [
    { name: 'dryC', value: pair.dryC, from },
    { name: 'wetC', value: pair.wetC, from },
    ...(['dryBelowPct', 'wetFromPct', 'boilingOkFromC', 'boilingLowBelowC'] as const).map((name) => ({
      name,
      value: limits[name],
      from: fromOf(input, name),
    })),
    {
      name: 'marginK',
      value: marginK,
      from: input.use === 'road' || input.limits?.trackMarginK === undefined ? 'model' : 'shop',
    },
  ];
}

function fromOf(input: FluidInput, name: keyof NonNullable<FluidInput['limits']>): Limit['from'] {
  return input.limits?.[name] === undefined ? 'practice' : 'shop';
}
