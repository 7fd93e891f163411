import type { Corner } from '../../car/corner';
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

const SPEED = /\b(\d{2,3})\s*(km\/?h|kph|kmh|kmph|k|mph|miles(?: an hour| per hour)?)(?![a-z])/i;
const LAPS = [
  new RegExp(`\\b${NUMBER}(?: of| hard| quick| flying| or so| good)* laps?\\b`),
  new RegExp(`\\blaps? ${NUMBER}\\b`),
  new RegExp(`\\b${NUMBER}(?:st|nd|rd|th)? lap\\b`),
];
const COLD = /\b(?:cold|first thing|in the mornings?)\b/;
const HOT = /\b(?:hot|warm(?:ed)?(?: up)?|heat|laps?|session|stint|fad(?:e|es|ed|ing))\b/;

/** The conditions in what was said; each only when it was said. */
export function conditionsIn(text: string, clauses: readonly Clause[]): Conditions {
  const speed = SPEED.exec(text);
  const said = clauses.map((clause) => clause.text).join(' ');
  const laps = LAPS.map((pattern) => pattern.exec(said)?.[1]).find((each) => each !== undefined);
  const corner = clauses.map(cornerIn).find((each) => each !== undefined);
  const hot = HOT.test(said);
  const cold = COLD.test(said);
  return {
    ...(speed ? { speedKmh: Number(speed[1]) * (/^m/i.test(speed[2]!) ? KMH_PER_MPH : 1) } : {}),
    ...(laps === undefined ? {} : { laps: NUMBERS[laps] ?? Number(laps) }),
    // Both, or neither: it is not said.
    ...(hot === cold ? {} : { hot }),
    ...(corner ? { corner } : {}),
  };
}

/** By the kerb where one keeps left: only there is it called so. */
const LEFT = '(?:left|near ?side|ns)';
const RIGHT = '(?:right|off ?side|os)';
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

/** So many words tell of a wheel and of nothing else: "at the front left wheel". */
const PLACE_ONLY =
  /^(?:at |on |from |only |just |the |front |rear |back |left |right |near ?side |off ?side |fl|fr|rl|rr|lf|rf|lr|[no] ?s ?[fr]|wheel|corner|side| )+$/;

/** Whether a clause only says at which wheel. */
export function isPlaceAlone(clause: Clause): boolean {
  return cornerIn(clause) !== undefined && PLACE_ONLY.test(`${clause.text} `);
}
