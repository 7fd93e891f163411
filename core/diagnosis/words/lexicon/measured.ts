import { usualLimits } from '../../../car/limits/catalogue';
import { exceeds, fallsShort } from '../../../car/limits/limit';
import { startingSet } from '../../../car/startingSets';
import { FLUID_RANGES } from '../../../readings/fluid/ranges';
import { boilingState, moistureState } from '../../../readings/fluid/states';
import { PLAUSIBLE_DIAL_MM } from '../../../readings/rotor/ranges';
import { rotorStanding } from '../../../readings/rotor/standing';
import type { FindingId } from '../../../readings/vocabulary/findings';
import { SPELLED } from '../numbers';
import { type Judged, ROTOR, type Rule, rx, says, upTo } from './rule';

const USUAL = usualLimits(
  ...(['runoutMm', 'hubLimitMm', 'dtvMm', 'playLimitMm', 'trackPadMm', 'innerOuterMm'] as const),
  ...(['freePlayLeastMm', 'freePlayMostMm', 'vacuumKPa'] as const),
  ...(['dryBelowPct', 'wetFromPct', 'boilingOkFromC', 'boilingLowBelowC'] as const),
);

/** Under this a pad is worn out where its own minimum is not known, mm: what a new car of the shop begins with. */
const PAD_MINIMUM_MM = startingSet('saloon').front.padMinimumMm!;

/** Lengths as they are said of a dial, mm. */
const MM = {
  mm: 1,
  thou: 0.0254,
  hundredths: 0.01,
  tenths: 0.1,
  um: 0.001,
  microns: 0.001,
};
/** What a vacuum gauge shows, kPa; an inch of mercury by the conventional value (NIST SP 811, appendix B.8). */
const KPA = {
  kpa: 1,
  bar: 100,
  mbar: 0.1,
  inhg: 3.386389,
  inches: 3.386389,
};
const BASE: Readonly<Record<string, number>> & typeof MM = { ...MM, ...KPA };

/**
 * What a figure is in base units; millimetres, per cent, degrees and kilopascals are those already. One in thou is told to the next
 * hundredth of a millimetre, finer than it was read: 2 thou and 0.05 mm are one limit, printed two ways.
 */
export function inBase(figure: string, unit = 'mm', inches?: string): number {
  const said = SPELLED[figure] ?? Number(figure);
  if (unit === 'thou') return Math.round(said * BASE.thou * 100) / 100;
  return said * (inches ? MM_PER_INCH : (BASE[unit] ?? 1));
}

/** A dial in inches has three places or four; one in millimetres, of which "in the rotor" may be said, two. */
const INCHES = '(?<=\\.\\d{3,4} )(?:in|inch(?:es)?)';
const MM_PER_INCH = 25.4;

const LENGTH = Object.keys(MM).join('|');
const VACUUM = Object.keys(KPA).join('|');
const PER_CENT = 'percent|per cent';
const DEGREES = 'degrees?|celsius|centigrade|c';

/** A figure behind what it is of, or before it ("0.12 of runout"). Only a decimal needs no unit: a 3 may be a lap. */
function measured(finding: FindingId, what: string, units: string, judged: Judged, unless?: RegExp): Rule[] {
  const bare = units === LENGTH ? '\\d*\\.\\d+|' : '';
  const inches = units === LENGTH ? `(?<inches>${INCHES})|` : '';
  const figure = `(?<figure>${bare}(?:\\d+(?:\\.\\d+)?|${Object.keys(SPELLED).join('|')})(?= (?:${units})\\b))(?: (?:${inches}(?<unit>${units})))?`;
  return [`(?:${what}) ${upTo(4)}${figure}`, `${figure} (?:of )?${upTo(1)}(?:${what})`].map((words) =>
    says(finding, judged, rx(words), unless),
  );
}

const ONE = '(?<figure>\\d+(?:\\.\\d+)?)(?: (?<unit>mm))?';
const OTHER = '(?<other>\\d+(?:\\.\\d+)?)(?: mm)?';

/** A figure and another that it is held against: "21.4 mm, minimum 22". */
const heldAgainst = (finding: FindingId, what: string, against: string, judged: Judged): Rule[] =>
  [
    `(?:${what}) ${upTo(2)}${ONE} ${upTo(2)}(?:${against}) ${upTo(2)}${OTHER}`,
    `${ONE} ${upTo(3)}(?:${what}) ${upTo(1)}(?:${against}) ${upTo(2)}${OTHER}`,
    `${ONE} ${upTo(3)}(?:${what}) ${upTo(2)}${OTHER} ${upTo(2)}(?:${against})`,
    `(?:${what}) ${upTo(1)}(?:${against}) ${upTo(2)}${OTHER} ${upTo(4)}${ONE}`,
  ].map((words) => says(finding, judged, rx(words)));

/** Which of two pads is the thinner by more than pads wear apart. */
const thinner =
  (first: string, second: string): Judged =>
  (mm, otherMm) =>
    exceeds(Math.abs(mm - otherMm), USUAL.innerOuterMm) ? (mm < otherMm ? first : second) : 'even';

/** Nothing of a figure that no reading would be: it is of something else. */
const inRange =
  ([low, high]: readonly [number, number], judged: Judged): Judged =>
  (figure, other) =>
    figure < low || figure > high ? undefined : judged(figure, other);

const BOILS_AT = inRange(FLUID_RANGES.boilingC, (celsius) => boilingState(celsius, USUAL));

const INNER = '(?:inner|inside)(?: pad)?';
const OUTER = '(?:outer|outside)(?: pad)?';

/** Past a limit, mm, or inside it; further out than any dial is taken for the figure is of something else. */
const past = (limitMm: number, inside: string, outside: string): Judged =>
  inRange([0, PLAUSIBLE_DIAL_MM], (mm) => (exceeds(mm, limitMm) ? outside : inside));

/** A pad that is worn out, or low for the track; of any other nothing is told. */
export const padState = (mm: number): 'worn_out' | 'low' | undefined =>
  fallsShort(mm, PAD_MINIMUM_MM) ? 'worn_out' : fallsShort(mm, USUAL.trackPadMm) ? 'low' : undefined;

/** Two thicknesses of one rotor, as far apart as they are, mm. */
const apart: Judged = (mm, otherMm) => past(USUAL.dtvMm, 'ok', 'high')(Math.abs(mm - otherMm), 0);
const FROM_TO =
  '(?<figure>\\d{1,2}\\.\\d{2,3})(?: mm)? (?:to|and|up to|down to) (?<other>\\d{1,2}\\.\\d{2,3})(?: mm)?';

/**
 * Figures said in passing, held against what is usual: a hint to press. Typed as a reading they are held against the
 * limits of the car and its shop.
 */
export const MEASURED: readonly Rule[] = [
  ...measured(
    'hub_runout',
    'hub(?: face)?(?=.* run ?out)|(?:run ?out|dial)(?=.* hub)',
    LENGTH,
    past(USUAL.hubLimitMm, 'ok', 'high'),
  ),
  ...measured('rotor_runout', 'run ?out|wobbles?', LENGTH, past(USUAL.runoutMm, 'ok', 'high'), /\bhub\b/),
  ...measured(
    'rotor_runout',
    `(?:dial|dti|indicator|clock)(?: gauge| indicator)?(?=.*(?:${ROTOR}))`,
    LENGTH,
    past(USUAL.runoutMm, 'ok', 'high'),
    /\bhub\b/,
  ),
  says(
    'rotor_runout',
    past(USUAL.runoutMm, 'ok', 'high'),
    rx(`(?:${ROTOR}) (?:is |was |runs |ran )?(?<figure>\\d*\\.\\d+)(?: (?<unit>${LENGTH}))? out`),
  ),
  // "Hub runout 0.03 and disc 0.09": what was said of one is said of the other.
  says(
    'rotor_runout',
    past(USUAL.runoutMm, 'ok', 'high'),
    rx(`run ?out .*?(?<=hub.*)(?:${ROTOR}) ${upTo(1)}(?<figure>\\d*\\.\\d+)(?: (?<unit>${LENGTH}))?`),
  ),
  ...measured(
    'rotor_dtv',
    'dtv|parallelism|thickness (?:variation|varies|differs|changes)(?: by)?|var(?:y|ies) in thickness|mic(?:rometer)?(?=.*(?:differ|vari))',
    LENGTH,
    past(USUAL.dtvMm, 'ok', 'high'),
  ),
  ...[
    `(?:thickness|mic(?:s|ed|rometer)?) ${upTo(3)}${FROM_TO}`,
    `${FROM_TO} (?:all )?(?:round|around|across|over) (?:the |one )?(?:${ROTOR})`,
  ].map((words) =>
    says('rotor_dtv', apart, rx(words), /\b(?:left|right|min(?:imum)?|new|stamp\w*|other|discard)\b/),
  ),
  ...measured(
    'bearing_play',
    `(?:bearings?|hub) ${upTo(2)}play|play (?:in|at) (?:the )?${upTo(3)}(?:bearing|hub)`,
    LENGTH,
    past(USUAL.playLimitMm, 'ok', 'excess'),
  ),
  ...heldAgainst(
    'rotor_thickness',
    `(?:${ROTOR})(?: thickness)?`,
    'min(?:imum)?(?: thickness)?|stamped|stamp|discard|limit',
    (mm, minimumMm) => rotorStanding(mm, minimumMm, undefined),
  ),
  ...heldAgainst('pad_wear_shape', INNER, OUTER, thinner('inner_thin', 'outer_thin')),
  ...heldAgainst('pad_wear_shape', OUTER, INNER, thinner('outer_thin', 'inner_thin')),
  ...measured(
    'pedal_free_play',
    'free ?play',
    LENGTH,
    (mm) =>
      exceeds(mm, USUAL.freePlayMostMm)
        ? 'excess'
        : fallsShort(mm, USUAL.freePlayLeastMm)
          ? 'none'
          : 'in_range',
    /\b(?:bearings?|hub|wheel|joints?)\b/,
  ),
  ...measured('assist_vacuum', 'vacuum', VACUUM, (kPa) => (fallsShort(kPa, USUAL.vacuumKPa) ? 'low' : 'ok')),
  ...measured(
    'fluid_moisture',
    'fluid|moisture|water',
    PER_CENT,
    inRange(FLUID_RANGES.moisturePct, (pct) => moistureState(pct, USUAL)),
    /\b(?:full|empty|left|worn|level|reservoir|dropped|lost)\b/,
  ),
  ...measured(
    'pad_thickness',
    `(?:left (?:on|of|in) ${upTo(3)})?pads?`,
    'mm|millimet(?:er|re)s?',
    padState,
    /\b(?:(?:inner|inside)\b.*\b(?:outer|outside)|(?:outer|outside)\b.*\b(?:inner|inside)|thinner|thicker|less|more|than|taper\w*|wide|long|disc|rotor|gap|play|clearance)\b/,
  ),
  // What is left of a pad in thirty-seconds of an inch.
  says(
    'pad_thickness',
    (parts) => padState((parts * MM_PER_INCH) / 32),
    rx(`pads? ${upTo(3)}(?<figure>\\d{1,2}) 32(?:nds?)?`),
  ),
  ...measured('fluid_boiling', 'boil(?:s|ed|ing)?(?: point)?', DEGREES, BOILS_AT),
  says(
    'fluid_boiling',
    BOILS_AT,
    rx(
      `(?:boil(?:s|ing)? (?:point|temperature|test(?:er)?)|fluid ${upTo(2)}boils|^(?:it )?boils at) ${upTo(3)}(?<figure>\\d{3})`,
    ),
    /\b(?:f|fahrenheit)\b/,
  ),
];
