import { usualLimits } from '../../../car/limits/catalogue';
import { exceeds, fallsShort } from '../../../car/limits/limit';
import { FLUID_RANGES } from '../../../readings/fluid/ranges';
import { boilingState, moistureState } from '../../../readings/fluid/states';
import type { FindingId } from '../../../readings/vocabulary/findings';
import { SPELLED } from '../numbers';
import { type Judged, type Rule, says, upTo } from './rule';

const USUAL = usualLimits(
  ...(['runoutMm', 'hubLimitMm', 'dtvMm', 'playLimitMm', 'trackPadMm'] as const),
  ...(['dryBelowPct', 'wetFromPct', 'boilingOkFromC', 'boilingLowBelowC'] as const),
);

/** Lengths as they are said of a dial, mm. */
const MM: Readonly<Record<string, number>> = {
  mm: 1,
  thou: 0.0254,
  hundredths: 0.01,
  tenths: 0.1,
  um: 0.001,
  microns: 0.001,
};

/** What a figure is in base units; millimetres, per cent and degrees are those already. */
export const inBase = (figure: string, unit = 'mm'): number =>
  (SPELLED[figure] ?? Number(figure)) * (MM[unit] ?? 1);

const LENGTH = Object.keys(MM).join('|');
const PER_CENT = 'percent|per cent';
const DEGREES = 'degrees?|celsius|centigrade|c';

/** A figure behind what it is of, or before it ("0.12 of runout"). Only a decimal needs no unit: a 3 may be a lap. */
function measured(finding: FindingId, what: string, units: string, judged: Judged, unless?: RegExp): Rule[] {
  const bare = units === LENGTH ? '\\d*\\.\\d+|' : '';
  const figure = `(?<figure>${bare}(?:\\d+(?:\\.\\d+)?|${Object.keys(SPELLED).join('|')})(?= (?:${units})\\b))(?: (?<unit>${units}))?`;
  return [`(?:${what}) ${upTo(4)}${figure}`, `${figure} (?:of )?${upTo(1)}(?:${what})`].map((words) =>
    says(finding, judged, new RegExp(`\\b${words}\\b`), unless),
  );
}

/** Past a limit, mm, or inside it. */
const past =
  (limitMm: number, inside: string, outside: string): Judged =>
  (mm) =>
    exceeds(mm, limitMm) ? outside : inside;

/** Nothing of a figure that no reading would be: it is of something else. */
const inRange =
  ([low, high]: readonly [number, number], judged: Judged): Judged =>
  (figure) =>
    figure < low || figure > high ? undefined : judged(figure);

/**
 * Figures said in passing, held against what is usual: a hint to press. Typed as a reading they are held against the
 * limits of the car and its shop.
 */
export const MEASURED: readonly Rule[] = [
  ...measured(
    'hub_runout',
    'hub(?: face)?(?=.* run ?out)|run ?out(?=.* hub)',
    LENGTH,
    past(USUAL.hubLimitMm, 'ok', 'high'),
  ),
  ...measured('rotor_runout', 'run ?out', LENGTH, past(USUAL.runoutMm, 'ok', 'high'), /\bhub\b/),
  ...measured(
    'rotor_dtv',
    'dtv|thickness (?:variation|varies)|var(?:y|ies) in thickness',
    LENGTH,
    past(USUAL.dtvMm, 'ok', 'high'),
  ),
  ...measured(
    'bearing_play',
    `(?:bearings?|hub) ${upTo(2)}play|play in the (?:wheel )?(?:bearing|hub)`,
    LENGTH,
    past(USUAL.playLimitMm, 'ok', 'excess'),
  ),
  ...measured(
    'fluid_moisture',
    'fluid|moisture|water',
    PER_CENT,
    inRange(FLUID_RANGES.moisturePct, (pct) => moistureState(pct, USUAL)),
    /\b(?:full|empty|left|worn|level|reservoir|dropped|lost)\b/,
  ),
  ...measured(
    'pad_thickness',
    'pads?',
    'mm|millimet(?:er|re)s?',
    (mm) => (fallsShort(mm, USUAL.trackPadMm) ? 'low' : undefined),
    /\b(?:inner|outer|inside|outside|than|taper\w*|wide|long|disc|rotor|gap|play|clearance)\b/,
  ),
  ...measured(
    'fluid_boiling',
    'boil(?:s|ed|ing)?(?: point)?',
    DEGREES,
    inRange(FLUID_RANGES.boilingC, (celsius) => boilingState(celsius, USUAL)),
  ),
];
