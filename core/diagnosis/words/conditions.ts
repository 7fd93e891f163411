import type { Corner } from '../../car/corner';
import { SPELLED } from './numbers';
import { onlyCorner } from './places';
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
/** Not so yet, and a mark on a rotor. */
const NOT_HOT =
  /\b(?:until|till|before) (?:[\w']+ ){0,3}?(?:hot|warm(?:ed)?|heat|laps?)\b|\b(?:no|never|not|doesn't|don't|didn't) (?:more )?fad\w+|\bhot ?spot|\bheat ?(?:crack|check|craz)/g;

const inKmh = ([, written, per, at, short]: RegExpExecArray): number =>
  Number(written ?? at) * (/^m/i.test((per ?? short)!) ? KMH_PER_MPH : 1);

/** The conditions in what was said; each only when it was said. */
export function conditionsIn(text: string, clauses: readonly Clause[]): Conditions {
  const speed = SPEED.exec(text);
  const said = clauses.map((clause) => clause.text).join(' ');
  const laps = LAPS.map((pattern) => pattern.exec(said)?.[1]).find((each) => each !== undefined);
  const corner = onlyCorner(clauses);
  const hot = HOT.test(said.replace(NOT_HOT, ''));
  const cold = COLD.test(said);
  return {
    ...(speed ? { speedKmh: inKmh(speed) } : {}),
    ...(laps === undefined ? {} : { laps: NUMBERS[laps] ?? Number(laps) }),
    // Both, or neither: it is not said.
    ...(hot === cold ? {} : { hot }),
    ...(corner ? { corner } : {}),
  };
}
