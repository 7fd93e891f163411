import { type Axle, type Corner, cornersOf, isAxle, type Place, sideOf } from '../../car/corner';
import type { Clause } from './text';

const LEFT_OVER =
  /(?<=\d(?: ?mm| percent| per cent|%)?(?: pad| lining)?|nothing|little|much|any|none|more) left\b(?! (?:front|rear|back|side|wheel|hand|in front|behind))/g;

/** What a clause names, when it names one only. */
function onlyIn<T>({ text }: Clause, names: readonly (readonly [T, RegExp])[]): T | undefined {
  // What is left of something is no side, and what it is held against is another place: "front left hotter than front right".
  const own = text
    .replace(LEFT_OVER, '')
    .replace(/\b(?:left to right|right to left)\b/, '')
    .replace(
      / (?:than|compared (?:to|with)) (?:on |at )?(?:the |its )?(?:front|rear|back|left|right|[fr][lr]|[lr][fr])\b.*$/,
      '',
    );
  const named = names.filter(([, words]) => words.test(own));
  return named.length === 1 ? named[0]![0] : undefined;
}

/** By the kerb where one keeps left: only there is it called so. */
const LEFT = '(?:left|near ?side|n ?s)';
const RIGHT = '(?:right|off ?side|o ?s)';
const wheelOf = (end: string, side: string, short: string) =>
  new RegExp(
    `\\b(?:(?:${end}) (?:\\w+ )?(?:on the )?${side}|${side} (?:\\w+ )?(?:at the |on the )?(?:${end})|(?:${end}) (?:\\w+ ){1,3}${side}(?: hand)? side|${short})\\b`,
  );
const PLACES: readonly [Corner, RegExp][] = [
  ['FL', wheelOf('front|forward', LEFT, 'fl|lf|l f|ns ?f|n s f')],
  ['FR', wheelOf('front|forward', RIGHT, 'fr|rf|r f|os ?f|o s f')],
  ['RL', wheelOf('rear|back', LEFT, 'rl|lr|ns ?r|n s r|behind left|left behind')],
  ['RR', wheelOf('rear|back', RIGHT, 'rr|r r|os ?r|o s r|behind right|right behind')],
];

/** The wheel that is spoken of, when it is only one. */
export function onlyCorner(clauses: readonly Clause[]): Corner | undefined {
  const named = new Set(clauses.map(cornerIn).filter((corner) => corner !== undefined));
  return named.size === 1 ? [...named][0] : undefined;
}

/** A wheel by its name, and where that stands in a text. */
type NamedWheel = { corner: Corner; from: number; to: number };

/**
 * The wheels that are named in a text, in their order.
 * @param axle where sides alone are wheels of: "left 420, right 300"
 */
export function wheelsIn(text: string, axle?: Axle): NamedWheel[] {
  const named = PLACES.flatMap(([corner, words]) => namedBy(text, corner, words));
  const sides = axle && named.length === 0 ? sidesIn(text, axle) : [];
  return [...named, ...sides].sort((left, right) => left.from - right.from);
}

const sidesIn = (text: string, axle: Axle): NamedWheel[] =>
  cornersOf(axle).flatMap((corner) =>
    namedBy(text, corner, new RegExp(`\\b${sideOf(corner) === 'left' ? LEFT : RIGHT}\\b`)),
  );

const namedBy = (text: string, corner: Corner, words: RegExp): NamedWheel[] =>
  [...text.matchAll(new RegExp(words, 'g'))].map(({ index, 0: { length } }) => ({
    corner,
    from: index,
    to: index + length,
  }));

/** The wheel a clause speaks of, when it names one only. */
const cornerIn = (clause: Clause): Corner | undefined => onlyIn(clause, PLACES);

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
export const axleIn = (clause: Clause): Axle | undefined => onlyIn(clause, ENDS);

const partsOf = (parts: string): readonly [Axle, RegExp][] => {
  const named = `(?:(?:brake|disc) )?(?:${parts})`;
  const at = (names: string) =>
    new RegExp(`\\b(?:(?:${names}) ${named}|${named} (?:at|in|on) the (?:${names}))\\b`);
  return [
    ['front', at('front')],
    ['rear', at('rear|back')],
  ];
};
const PARTS_OF = partsOf('pads?|linings?|shoes|discs?|rotors?|drums?');
const SEVERAL_OF = partsOf('pads|linings|shoes|discs|rotors|drums');

/** The end of the car that parts are named by, when it is one only: "new front pads". */
export const axleOfParts = (clause: Clause): Axle | undefined => onlyIn(clause, PARTS_OF);

/** Where a clause says that something is: at a wheel, at one end of the car, or nowhere. */
export const placeIn = (clause: Clause): Place | undefined => cornerIn(clause) ?? axleIn(clause);

const sideAlone = (names: string) =>
  new RegExp(`^(?:on |at |the )*${names}(?: hand)?(?: side| one| wheel)?(?: only)?(?: i think)?$`);
const LEFT_ALONE = sideAlone(LEFT);
const RIGHT_ALONE = sideAlone(RIGHT);

/** The wheel of an axle on the side that a clause names and nothing else: "grinds at the front, left side". */
export function wheelBy(place: Place, { text }: Clause): Corner | undefined {
  if (!isAxle(place)) return undefined;
  const [left, right] = cornersOf(place);
  if (LEFT_ALONE.test(text)) return left;
  return RIGHT_ALONE.test(text) ? right : undefined;
}

/** The wheels that a clause names by their end: "both fronts", "front discs". */
export function bothIn(clause: Clause): readonly Corner[] {
  const axle = (BOTH.test(clause.text) && axleIn(clause)) || onlyIn(clause, SEVERAL_OF);
  return axle ? cornersOf(axle) : [];
}

/** So many words tell of a place and of nothing else: "at the front left wheel". */
const PLACE_ONLY =
  /^(?:at |on |from |only |just |the |front |rear |back |left |right |near ?side |off ?side |fl|fr|rl|rr|lf|rf|lr|[no] ?s ?[fr]|wheel|corner|side|end|axle| )+$/;

/** Whether a clause only says where. */
export function isPlaceAlone(clause: Clause): boolean {
  return placeIn(clause) !== undefined && PLACE_ONLY.test(`${clause.text} `);
}
