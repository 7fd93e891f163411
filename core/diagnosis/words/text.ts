import { RULES } from './lexicon/all';
import { KNOWN, ORDINARY, SLIPS } from './spelling';

/** A word as it was read, and where it stands in the text. */
export type Word = { text: string; from: number; to: number };

/** Part of what was said that hangs together: words in a row, put together again with single spaces. */
export type Clause = {
  text: string;
  words: Word[];
  starts: number[];
  /** Whether it ends in a question mark. */
  isAsked: boolean;
};

/** With what is written short over a stroke, or letter by letter, as one word. */
const WORD = new RegExp(
  `${Object.keys(SLIPS)
    .filter((slip) => /[/ ]/.test(slip))
    .map((slip) => `\\b${slip}\\b`)
    .join(
      '|',
    )}|(?<![\\p{N}\\p{L}])\\.\\d+|\\d+(?=(?:mm|thou|um|kpa|m?bar|inhg|c)\\b)|[\\p{L}\\p{N}]+(?:['’][\\p{L}]+)?(?:[.,]\\d+)?%?|%`,
  'giu',
);
const SIDE = '(?:inner|inside|outer|outside)';
/** What goes on behind a comma: what is left of a list, and a figure that needs the one it is held against. */
const GOES_ON = [
  ' (?:still (?:soft|spongy|mushy)|all (?:round|four)(?= *[.,;]| *$)|brakes? (?:or no|not applied))\\b',
  ' (?:min(?:imum)?|discard)(?: \\w+)? \\d|(?<=\\d(?: ?mm)?,) new \\d',
  ' (?:left|right) (?:when )?(?:hot|warm|cold)',
  '(?<=\\bfluid\\b[^.;]*,) (?:(?:never|not) (?:been )?(?:changed|flushed)|\\d+ (?:years|yrs)|\\d+(?:[.,]\\d+)? ?%)',
  '(?<=\\bstarted(?: it| the engine)?,) (?:the )?pedal (?:drops|dropped|dips|dipped|sinks|sank)\\b',
  ' only (?:the|my) (?:seat|floor)(?: does| is)?(?= *[.,;]| *$)',
  ' (?:not affected by|regardless of|independent of|nothing to do with) (?:the )?brak(?:es?|ing)',
  ' then (?:to the )?(?:left|right)(?! (?:when|on|as|once|after))\\b',
  '(?<=\\bpins?\\b[^.,;]*,) (?:the )?(?:top|bottom|upper|lower|other) one\\b',
  `(?<=\\d(?: ?mm)?,) ${SIDE}(?: \\w+)? \\d`,
  ' ?(?<=\\b(?:sat|stood|wait(?:ed)?|rest(?:ed)?|parked)(?: for)? (?:\\d+|a few|five|ten|fifteen|twenty) (?:min|mins|minutes|hours?), ?)(?=(?:the )?pedal|back|it )',
  `(?<=\\b${SIDE},) \\d+(?:\\.\\d+)?(?: ?mm)? ${SIDE}`,
];
/** What a clause begins with, or has in it, that only says when or over what the rest of it is so. */
const SAYS_WHERE = '(?:^|[.,;] ?)(?:over|on|in|as|through|off|hit)\\b[^.,;]*';
const SAYS_WHEN =
  '\\b(?:when|once|after|until|till|while|with|if|start(?:s|ed)?|press(?:es|ed)?|pump(?:s|ed)?|loosened|opened|cracked)\\b[^.,;]*';
/** Where one clause ends and another begins. */
const BREAK = new RegExp(
  [
    '[.;!?\\n]',
    `,(?!${GOES_ON.join('|')})`,
    ' but (?!not braking|without brak|(?<=(?:long|low) but )(?:rock |very |quite |still )?(?:hard|solid|firm)\\b)',
    ' then (?!the other|left|right)',
    ' although | though ',
    ' (?=its? (?:long|low|soft|hard|spongy)\\b)',
    // What comes back when it is cold is told by itself.
    ' and (?=(?:it |they |the pedal )?(?:comes?|came) back (?:after|once|when|if|on)\\b)',
    // What the pedal, the brakes or the car do besides; not what they do at that place or moment.
    `(?<!${SAYS_WHERE})(?<!${SAYS_WHEN}) and (?=(?:the |my |its )?(?:brake )?(?:pedal|brakes|car|handbrake|steering(?! wheel)) \\p{L}+)`,
  ].join('|'),
  'giu',
);

/** The text in clauses, spelling slips mended, every word with its place in the text. */
export function clausesOf(text: string): Clause[] {
  const clauses: Clause[] = [];
  let from = 0;
  const add = (to: number) => {
    const clause = clauseOf(text, from, to);
    if (clause.words.length > 0) clauses.push(clause);
  };
  for (const match of text.matchAll(BREAK)) {
    if (isInNumber(text, match)) continue;
    add(match.index);
    from = match.index + match[0].length;
  }
  add(text.length);
  return clauses;
}

/** A point inside a number, or at its beginning, ends nothing, nor a comma where it is written so. */
function isInNumber(text: string, { 0: mark, index }: RegExpExecArray): boolean {
  if (!/\d/.test(text[index + 1] ?? '')) return false;
  const before = text[index - 1] ?? ' ';
  return mark === '.' ? /[\d\s]/.test(before) : mark === ',' && /\d/.test(before);
}

function clauseOf(text: string, from: number, to: number): Clause {
  const words = [...text.slice(from, to).matchAll(WORD)].map((match): Word => {
    const start = from + match.index;
    return {
      text: mended(inPlainSigns(match[0].toLowerCase())),
      from: start,
      to: start + match[0].length,
    };
  });
  const starts: number[] = [];
  let joined = '';
  for (const word of words) {
    starts.push(joined.length === 0 ? 0 : joined.length + 1);
    joined += joined.length === 0 ? word.text : ` ${word.text}`;
  }
  return { text: joined, words, starts, isAsked: /^\s*\?/.test(text.slice(to)) };
}

/** One apostrophe, one decimal sign, and per cent as a word. */
const inPlainSigns = (word: string): string =>
  word.replace('’', "'").replace(',', '.').replace('%', ' percent').trim();

/** The words of a clause that a stretch of its text covers: from the first to the last, as indexes. */
export function covered({ starts, words }: Clause, index: number, length: number): [number, number] {
  const first = starts.findLastIndex((start) => start <= index);
  const last = starts.findLastIndex((start) => start < index + length);
  return [Math.max(0, first), Math.min(words.length - 1, last)];
}

/** Shorter words are taken as they stand: too many others are a letter away. */
const SHORTEST = 5;
/** Words this long may have two slips in them. */
const LONG = 8;

const known = new Set([...KNOWN, ...ORDINARY]);
const ENDING = /^(?:e|es|s|ed|ing|y|ey|ion|ions|er|ers|ly)?$/;
/** Beginnings that the rules look for: a word of one of these is none other mistyped. */
const beginnings = [...new Set(RULES.flatMap(({ words }) => words.source.match(/[a-z]{5,}/g) ?? []))];
const mendedBefore = new Map<string, string>();
/** So many mended words are kept at a time. */
const MOST_KEPT = 2000;

/** The word that was meant, when exactly one of those known here is a slip or two away. */
function mended(word: string): string {
  if (Object.hasOwn(SLIPS, word)) return SLIPS[word]!;
  if (word.length < SHORTEST || known.has(word) || /\d/.test(word)) return word;
  if (beginnings.some((beginning) => word.startsWith(beginning) && ENDING.test(word.slice(beginning.length))))
    return word;
  if (word.endsWith('in') && known.has(`${word}g`)) return `${word}g`;
  const before = mendedBefore.get(word);
  if (before !== undefined) return before;
  const most = word.length >= LONG ? 2 : 1;
  let best = word;
  let least = most + 1;
  for (const candidate of KNOWN) {
    if (candidate.length < SHORTEST || beginningOf(candidate) !== beginningOf(word)) continue;
    if (Math.abs(candidate.length - word.length) > most) continue;
    const slips = slipsBetween(word, candidate, most);
    // What only adds an ending to a known word is that word's own form, not a slip.
    if (slips < least && !word.startsWith(candidate) && !candidate.startsWith(word)) {
      least = slips;
      best = candidate;
    }
  }
  if (mendedBefore.size > MOST_KEPT) mendedBefore.clear();
  mendedBefore.set(word, best);
  return best;
}

/** What a word begins with as it sounds: "kaliper", "silinder". */
const beginningOf = (word: string): string =>
  word
    .replace(/^c(?=[eiy])/, 's')
    .replace(/^[cq]/, 'k')
    .replace(/^ph/, 'f')[0]!;

/** Letters left out, put in, changed or swapped between two words (Damerau 1964, optimal string alignment). */
export function slipsBetween(left: string, right: string, most: number): number {
  let before: number[] = [];
  let above = Array.from({ length: right.length + 1 }, (_, at) => at);
  for (let row = 1; row <= left.length; row++) {
    const line = [row];
    let least = row;
    for (let column = 1; column <= right.length; column++) {
      const same = left[row - 1] === right[column - 1] ? 0 : 1;
      let cost = Math.min(line[column - 1]! + 1, above[column]! + 1, above[column - 1]! + same);
      if (row > 1 && column > 1 && left[row - 1] === right[column - 2] && left[row - 2] === right[column - 1])
        cost = Math.min(cost, before[column - 2]! + 1);
      line.push(cost);
      least = Math.min(least, cost);
    }
    if (least > most) return most + 1;
    before = above;
    above = line;
  }
  return above[right.length]!;
}
