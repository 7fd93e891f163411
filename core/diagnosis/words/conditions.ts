import { type Axle, type Corner, cornersOf, type Place } from '../../car/corner';
import { SPELLED } from './numbers';
import type { Clause } from './text';

/** What was said of when and where: speed in km/h, laps, hot or cold, the corner. */
export type Conditions = { speedKmh?: number; laps?: number; hot?: boolean; corner?: Corner };

const KMH_PER_MPH = 1.609344;

const NUMBERS: Readonly<Record<string, number>> = {
  ...SPELLED,
  ...{ a: 1, couple: 2, few: 3, dozen: 12 },
  ...{ first: 1, second: 2, third: 3, fourth: 4, fifth: 5, sixth: 6, seventh: 7 },
};
const NUMBER = `(\\d+(?:\\.\\d+)?|${Object.keys(NUMBERS).join('|')})`;

/** "70 miles" is a speed only where one is at it: "after 500 miles" is a distance. */
const SPEED =
  /\b(\d{2,3})\s*(km\/?h|kph|kmh|kmph|mph|miles (?:an|per) hour)(?![a-z])|\b(?:at|from|above|over|past|around|about|below|under|to) (\d{2,3})\s*(k|miles)(?! (?:ago|old|since|on|left)|[a-z])/i;
const LAPS = [
  new RegExp(`\\b${NUMBER}(?: of| hard| quick| flying| or so| good)* laps?\\b`),
  new RegExp(`\\blaps? ${NUMBER}\\b`),
  new RegExp(`\\b${NUMBER}(?:st|nd|rd|th)? lap\\b`),
];
const COLD = /\b(?:cold|first thing|in the mornings?)\b/;
const HOT = /\b(?:hot|warm(?:ed)?(?: up)?|heat|laps?|session|stint|fad(?:e|es|ed|ing))\b/;

const inKmh = ([, written, per, at, short]: RegExpExecArray): number =>
  Number(written ?? at) * (/^m/i.test((per ?? short)!) ? KMH_PER_MPH : 1);

/** The conditions in what was said; each only when it was said. */
export function conditionsIn(text: string, clauses: readonly Clause[]): Conditions {
  const speed = SPEED.exec(text);
  const said = clauses.map((clause) => clause.text).join(' ');
  const laps = LAPS.map((pattern) => pattern.exec(said)?.[1]).find((each) => each !== undefined);
  const corner = clauses.map(cornerIn).find((each) => each !== undefined);
  const hot = HOT.test(said);
  const cold = COLD.test(said);
  return {
    ...(speed ? { speedKmh: inKmh(speed) } : {}),
    ...(laps === undefined ? {} : { laps: NUMBERS[laps] ?? Number(laps) }),
    // Both, or neither: it is not said.
    ...(hot === cold ? {} : { hot }),
    ...(corner ? { corner } : {}),
  };
}

/** By the kerb where one keeps left: only there is it called so. */
const LEFT = '(?:left|near ?side|n ?s)';
const RIGHT = '(?:right|off ?side|o ?s)';
const wheelOf = (end: string, side: string, short: string) =>
  new RegExp(
    `\\b(?:(?:${end}) (?:\\w+ )?(?:on the )?${side}|${side} (?:\\w+ )?(?:at the |on the )?(?:${end})|${short})\\b`,
  );
const PLACES: readonly [Corner, RegExp][] = [
  ['FL', wheelOf('front|forward', LEFT, 'fl|lf|l f|ns ?f|n s f')],
  ['FR', wheelOf('front|forward', RIGHT, 'fr|rf|r f|os ?f|o s f')],
  ['RL', wheelOf('rear|back', LEFT, 'rl|lr|ns ?r|n s r|behind left|left behind')],
  ['RR', wheelOf('rear|back', RIGHT, 'rr|r r|os ?r|o s r|behind right|right behind')],
];

/** The wheel a clause speaks of, when it names one only. */
export function cornerIn({ text }: Clause): Corner | undefined {
  const named = PLACES.filter(([, words]) => words.test(text));
  return named.length === 1 ? named[0]![0] : undefined;
}

/** An end of the car as the place of something; "comes back" and "the front of the pad" are none. */
const endOf = (names: string) =>
  new RegExp(
    `\\b(?:(?:at|in|from|on|both|up) (?:the )?(?:very )?(?:${names})(?! (?:of (?:the )?(?:pad|disc|rotor|pedal)|foot|edge|face|seats?|pads?|discs?|rotors?))|(?:${names})s|(?:${names}) (?:end|axle|wheels?|brakes?|drums?|corners?))\\b`,
  );
const ENDS: readonly [Axle, RegExp][] = [
  ['front', endOf('front')],
  ['rear', endOf('rear|back')],
];
const BOTH = /\b(?:both|two|each) (?:of the )?(?:fronts?|rears?|backs?)\b/;

/** The end of the car a clause speaks of, when it names one only. */
function axleIn({ text }: Clause): Axle | undefined {
  const named = ENDS.filter(([, words]) => words.test(text));
  return named.length === 1 ? named[0]![0] : undefined;
}

/** Where a clause says that something is: at a wheel, at one end of the car, or nowhere. */
export const placeIn = (clause: Clause): Place | undefined => cornerIn(clause) ?? axleIn(clause);

const LEFT_ONLY = new RegExp(
  `^(?:on |at |the )*${LEFT}(?: hand)?(?: side| one| wheel)?(?: only)?(?: i think)?$`,
);
const RIGHT_ONLY = new RegExp(
  `^(?:on |at |the )*${RIGHT}(?: hand)?(?: side| one| wheel)?(?: only)?(?: i think)?$`,
);

/** The wheel of an axle on the side that a clause names and nothing else: "grinds at the front, left side". */
export function wheelBy(axle: Place, { text }: Clause): Corner | undefined {
  if (axle !== 'front' && axle !== 'rear') return undefined;
  const [left, right] = cornersOf(axle);
  if (LEFT_ONLY.test(text)) return left;
  return RIGHT_ONLY.test(text) ? right : undefined;
}

/** The wheels that a clause names by their end: "both fronts". */
export function bothIn(clause: Clause): readonly Corner[] {
  const axle = BOTH.test(clause.text) ? axleIn(clause) : undefined;
  return axle ? cornersOf(axle) : [];
}

/** So many words tell of a place and of nothing else: "at the front left wheel". */
const PLACE_ONLY =
  /^(?:at |on |from |only |just |the |front |rear |back |left |right |near ?side |off ?side |fl|fr|rl|rr|lf|rf|lr|[no] ?s ?[fr]|wheel|corner|side|end|axle| )+$/;

/** Whether a clause only says where. */
export function isPlaceAlone(clause: Clause): boolean {
  return placeIn(clause) !== undefined && PLACE_ONLY.test(`${clause.text} `);
}
