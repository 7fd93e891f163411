import { AXLES, type Axle, type Corner, cornersOf, type Place } from '../../car/corner';
import { usualLimits } from '../../car/limits/catalogue';
import { exceeds } from '../../car/limits/limit';
import { heatAround } from '../../readings/heat/around';
import type { FindingId } from '../../readings/vocabulary/findings';
import type { Heard } from './heard';
import { inBase, padState } from './lexicon/measured';
import { isOfNothing } from './lexicon/unsaid';
import { axleIn, axleOfParts, wheelsIn } from './places';
import { type Clause, covered } from './text';

const USUAL = usualLimits('runoutMm', 'playLimitMm', 'sidesMm');

/** What is measured at a wheel, mm or °C, and where its words are in the text. */
type AtWheel = { corner: Corner; figure: number; from: number; to: number };
type ByWheel = Partial<Record<Corner, number>>;
type Told = { finding: FindingId; state: string; place: Place };

/** What figures at several wheels can be of: by which words it is told, what is one, and what they say. */
type Kind = { words: RegExp; range: readonly [number, number]; says: (figures: ByWheel) => Told[] };

/** Each wheel against one limit. */
const eachOver =
  (finding: FindingId, limit: number, inside: string, outside: string) =>
  (figures: ByWheel): Told[] =>
    entries(figures).map(([place, mm]) => ({ finding, state: exceeds(mm, limit) ? outside : inside, place }));

const HEAT: Kind = {
  words:
    /\b(?:temps?|temperatures?|degrees?|celsius|fahrenheit|hot|hotter|heat|pyrometer|infrared|laser|ir)\b/,
  range: [60, 1000],
  says: heatSays,
};
const KINDS: readonly Kind[] = [
  HEAT,
  {
    words: /\brun ?out\b(?!.*\bhub\b)/,
    range: [0, 3],
    says: eachOver('rotor_runout', USUAL.runoutMm, 'ok', 'high'),
  },
  {
    words: /\b(?:bearings?|hub)\b.*\bplay\b|\bplay\b.*\b(?:bearings?|hub)\b/,
    range: [0, 3],
    says: eachOver('bearing_play', USUAL.playLimitMm, 'ok', 'excess'),
  },
  { words: /\bpads?\b/, range: [0, 30], says: padsSay },
];
/** Where nothing was named: large figures at wheels are temperatures. A side alone, "left at 120", is no wheel then. */
const UNNAMED: Kind = { ...HEAT };
/** Figures of something else, whatever was spoken of before. */
const OF_ANOTHER = /\b(?:tyres?|pressures?|psi|bar|nm|torqued?|camber|toe|ride height|inner|outer)\b/;

const UNITS = 'mm|thou|microns|um|hundredths|tenths|c|celsius|degrees?|f|fahrenheit';
/** What counts something that no wheel has a figure of. */
const NO_FIGURE = '(?! (?:k|km|kmh|kph|mph|miles|laps?|clicks|percent)\\b)';
const FIGURE = new RegExp(
  `(?<![\\w.])(?<figure>\\d+(?:\\.\\d+)?|\\.\\d+)(?![\\d.])${NO_FIGURE}(?: (?<unit>${UNITS})\\b)?`,
  'g',
);
/** So many letters at most between a wheel and its figure: a few words. */
const BESIDE = 24;

/**
 * Figures that were told wheel by wheel, held against each other or against what is usual: "FL 420, FR 290 degrees". Of one
 * wheel alone the rules of the lexicon tell.
 */
export function heardByWheel(clauses: readonly Clause[]): Heard[] {
  let kind: Kind | undefined = UNNAMED;
  let axle: Axle | undefined;
  const read = new Map<Kind['says'], AtWheel[]>();
  for (const clause of clauses) {
    kind = kindOf(clause.text, kind);
    axle = axleOfParts(clause) ?? axleIn(clause) ?? axle;
    if (!kind) continue;
    const { range, says } = kind;
    const figures = figuresIn(clause, kind === UNNAMED ? undefined : axle);
    const own = figures.filter(({ figure }) => figure >= range[0] && figure <= range[1]);
    read.set(says, [...(read.get(says) ?? []), ...own]);
  }
  return [...read].flatMap(([says, figures]) => heardOf(says, figures));
}

/** What a clause speaks of: what it names, else what was spoken of before it; nothing where it is of something else. */
function kindOf(text: string, before: Kind | undefined): Kind | undefined {
  if (OF_ANOTHER.test(text) || isOfNothing(text)) return undefined;
  return KINDS.find(({ words }) => words.test(text)) ?? before;
}

function heardOf(says: Kind['says'], figures: readonly AtWheel[]): Heard[] {
  const byWheel: ByWheel = Object.fromEntries(figures.map(({ corner, figure }) => [corner, figure]));
  if (Object.keys(byWheel).length < 2) return [];
  const from = Math.min(...figures.map((each) => each.from));
  const to = Math.max(...figures.map((each) => each.to));
  return says(byWheel).map(({ place, ...told }) => ({ ...told, places: [place], from, to }));
}

/** The wheels of a clause with their figures, each figure behind its wheel ("FL 420") or each before it ("0.09 at the FL"). */
function figuresIn(clause: Clause, axle: Axle | undefined): AtWheel[] {
  const wheels = wheelsIn(clause.text, axle);
  const figures = [...clause.text.matchAll(FIGURE)];
  if (wheels.length === 0 || figures.length < wheels.length) return [];
  const isBehind = figures[0]!.index > wheels[0]!.from;
  return wheels.flatMap(({ corner, from, to }) => {
    const match = isBehind
      ? figures.find(({ index }) => index >= to && index - to <= BESIDE)
      : figures.findLast(({ index, 0: { length } }) => index < from && from - index - length <= BESIDE);
    if (!match) return [];
    const start = Math.min(from, match.index);
    const end = Math.max(to, match.index + match[0].length);
    const [first, last] = covered(clause, start, end - start);
    return [{ corner, figure: figureOf(match), from: clause.words[first]!.from, to: clause.words[last]!.to }];
  });
}

function figureOf({ groups }: RegExpMatchArray): number {
  const { figure = '', unit = '' } = groups ?? {};
  if (/^f/.test(unit)) return (Number(figure) - 32) / 1.8;
  return /^(?:c|d)/.test(unit) ? Number(figure) : inBase(figure, unit || undefined);
}

/** A wheel that is hotter than the other of its axle, by as much as the reading says. */
function heatSays(figures: ByWheel): Told[] {
  const corners = Object.fromEntries(entries(figures).map(([corner, faceC]) => [corner, { faceC }]));
  const held = heatAround({ corners }).corners;
  return entries(figures).flatMap(([place]) => {
    const state = held[place]?.states.heat_spread;
    return state === 'one_hot' ? [{ finding: 'heat_spread', state, place } as const] : [];
  });
}

/** Pads that are low, and an axle that wears to one side. */
function padsSay(figures: ByWheel): Told[] {
  const low = entries(figures).flatMap(([place, mm]) => {
    const state = padState(mm);
    return state ? [{ finding: 'pad_thickness', state, place } as const] : [];
  });
  const sides = AXLES.flatMap((place) => {
    const [left, right] = cornersOf(place).map((corner) => figures[corner]);
    if (left === undefined || right === undefined) return [];
    const state = exceeds(Math.abs(left - right), USUAL.sidesMm) ? 'differ' : 'even';
    return [{ finding: 'pad_wear_sides', state, place } as const];
  });
  return [...low, ...sides];
}

const entries = (figures: ByWheel): [Corner, number][] => Object.entries(figures) as [Corner, number][];
