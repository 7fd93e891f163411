import { DENIALS, IS_OVER } from './lexicon/all';
import { DONE, type Rule } from './lexicon/rule';
import type { Clause } from './text';

/** A rule that fits, the state it comes to, and the words it fits: from the first to the last, as indexes. */
export type Match = { rule: Rule; state: string; first: number; last: number };

/** What is behind these is said of something else: "no pedal after a pad change", "no air, still soft". */
const SINCE = /^(?:after|since|once|because|until|till|while|still)$/;

/** How many words back a denial still counts. */
const DENIED_WITHIN = 3;

/** Rules that look for a denial themselves ("won't stop"). */
const holdsDenial = ({ words }: Rule) => /\b(?:no|not|never|without|hardly)\b|n't/.test(words.source);

/**
 * Turned round by a word just before it, or between two that were looked for ("pedal is not soft"); what begins with a
 * denial of its own is not, nor what stands behind another complaint that the denial belongs to ("no bite from new pads").
 */
export function isDenied({ rule, first, last }: Match, others: readonly Match[], { words }: Clause): boolean {
  const text = words.map((word) => word.text);
  if (DENIALS.test(text[first]!)) return false;
  const until = holdsDenial(rule) ? first : last;
  const at = text.findLastIndex(
    (word, index) => index >= first - DENIED_WITHIN && index < until && DENIALS.test(word),
  );
  if (at < 0 || text.slice(at, first + 1).some((word) => SINCE.test(word))) return false;
  const isOfAnother = others.some(
    (other) =>
      holdsDenial(other.rule) &&
      other.first <= at &&
      other.last > at &&
      other.last < first &&
      !text.slice(other.last, first).some((word) => AND.test(word)),
  );
  const isBounded = UNLESS.test(text.slice(last + 1).join(' '));
  return !isOfAnother && !isBounded && text[at + 1] !== 'only' && text[at + 1] !== 'just';
}

/** A denial holds up to these: "doesn't shake unless I brake hard", "no judder when cold". */
const UNLESS = /\b(?:unless|until|till|except)\b|^(?:when |while )?(?:it is |it's )?(?:cold|hot|warm)$/;

/** What is joined by these shares a denial: "doesn't squeal or shake". */
const AND = /^(?:or|nor|and)$/;

const WHY_DONE = new RegExp(`\\b(?:${DONE})\\b.*\\b(?:because|as it|since it)\\b`);

/** What is behind it was done for it. */
const SO_DONE = new RegExp(`^so (?:i|we|he|she|they)(?: have)? (?:${DONE})\\b`);

/** Said of why work was done that is done by now, which tells nothing of how it is: "replaced because it leaked", "leaked so we replaced it". */
export const isWhyDone = ({ last }: Match, { words }: Clause): boolean => {
  const text = words.map((word) => word.text);
  return WHY_DONE.test(text.slice(0, last).join(' ')) || SO_DONE.test(text.slice(last + 1).join(' '));
};

/** It was so until something was done: "a spongy pedal before we bled it". */
const BEFORE_WORK = new RegExp(
  `^(?:\\w+ ){0,2}before (?:i|we|he|she|they) (?:\\w+ )?(?:bled|flushed|${DONE})\\b`,
);

/** Said of what was and is no more: "used to be spongy", "was spongy before", "squeal gone since". */
export function isOver({ rule, first, last }: Match, { text, words }: Clause): boolean {
  const before = words.slice(Math.max(0, first - DENIED_WITHIN), first).map((word) => word.text);
  if (/\bused to\b/.test(before.join(' ')) && !/\bused to\b.*\bnow\b/.test(text)) return true;
  if (/\b(?:was|were) (?:\w+ ){1,2}before$/.test(text)) return true;
  const behind = words.slice(last + 1).map((word) => word.text);
  if (BEFORE_WORK.test(behind.join(' ')) && !/\bstill\b/.test(text)) return true;
  return rule.denied !== undefined && IS_OVER.test(behind.join(' '));
}
