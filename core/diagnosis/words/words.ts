import type { Corner } from '../../car/corner';
import { type FindingId, findingOf } from '../../readings/vocabulary/findings';
import { type Conditions, conditionsIn, cornerIn, isPlaceAlone } from './conditions';
import { DENIALS, IS_OVER, RULES } from './lexicon/all';
import type { Rule } from './lexicon/rule';
import { isOfNothing, isUnsaid } from './lexicon/unsaid';
import { type Clause, clausesOf, covered } from './text';

/** An answer that what was said suggests, and the words it came from: from and to are positions in the text. */
export type Suggestion = { finding: FindingId; state: string; corner?: Corner; from: number; to: number };

export type WordsRead = { suggestions: Suggestion[]; conditions: Conditions };

/** What is behind these is said of something else: "no pedal after a pad change". */
const SINCE = /^(?:after|since|once|because|until|till|while)$/;

/** How many words back a denial still counts. */
const DENIED_WITHIN = 3;

/**
 * What a driver's line says, as answers to offer: each with the words it came from. Nothing is taken by itself.
 * Deterministic; the same text gives the same answers in the order of the words.
 */
export function readWords(text: string): WordsRead {
  const clauses = clausesOf(text);
  const found = clauses.flatMap((clause, index) => {
    if (isOfNothing(clause.text)) return [];
    const corner = cornerIn(clause) ?? placeBeside(clauses, index);
    const matches = RULES.flatMap((rule) => matchesOf(rule, clause));
    return matches.flatMap((match) => suggested(match, matches, clause, corner));
  });
  return { suggestions: settled(found), conditions: conditionsIn(text, clauses) };
}

/** The wheel named in a clause of its own, behind, before or last of all: "it grinds, front left"; else the only one named. */
function placeBeside(clauses: readonly Clause[], index: number): Corner | undefined {
  const beside = [clauses[index + 1], clauses[index - 1], clauses.at(-1)].find(
    (each) => each && isPlaceAlone(each),
  );
  return beside ? cornerIn(beside) : onlyCorner(clauses);
}

/** The wheel that is spoken of, when it is only one. */
function onlyCorner(clauses: readonly Clause[]): Corner | undefined {
  const named = new Set(clauses.map(cornerIn).filter((corner) => corner !== undefined));
  return named.size === 1 ? [...named][0] : undefined;
}

/** A rule that fits, and the words it fits: from the first to the last, as indexes. */
type Match = { rule: Rule; first: number; last: number };

function matchesOf(rule: Rule, clause: Clause): Match[] {
  const match = rule.words.exec(clause.text);
  if (!match || rule.unless?.test(clause.text) || isUnsaid(rule, clause.text)) return [];
  const [first, last] = covered(clause, match.index, match[0].length);
  return [{ rule, first, last }];
}

function suggested(
  match: Match,
  others: readonly Match[],
  clause: Clause,
  at: Corner | undefined,
): Suggestion[] {
  const { rule, first, last } = match;
  const denied = isDenied(match, others, clause) || isOver(match, clause);
  if (denied && rule.denied === undefined && !rule.steady) return [];
  const corner = findingOf(rule.finding).place === 'corner' ? at : undefined;
  return [
    {
      finding: rule.finding,
      state: denied && rule.denied ? rule.denied : rule.state,
      ...(corner && !denied && rule.state !== 'all' ? { corner } : {}),
      from: clause.words[first]!.from,
      to: clause.words[last]!.to,
    },
  ];
}

/** Rules that look for a denial themselves ("won't stop"). */
const holdsDenial = ({ words }: Rule) => /\b(?:no|not|never|without|hardly)\b|n't/.test(words.source);

/**
 * Turned round by a word just before it, or between two that were looked for ("pedal is not soft"); what begins with a
 * denial of its own is not, nor what stands behind another complaint that the denial belongs to ("no bite from new pads").
 */
function isDenied({ rule, first, last }: Match, others: readonly Match[], { words }: Clause): boolean {
  const text = words.map((word) => word.text);
  if (DENIALS.test(text[first]!)) return false;
  const until = holdsDenial(rule) ? first : last;
  const at = text.findLastIndex(
    (word, index) => index >= first - DENIED_WITHIN && index < until && DENIALS.test(word),
  );
  if (at < 0 || text.slice(at, first).some((word) => SINCE.test(word))) return false;
  const isOfAnother = others.some(
    (other) =>
      holdsDenial(other.rule) &&
      other.first <= at &&
      other.last > at &&
      other.last < first &&
      !text.slice(other.last, first).some((word) => AND.test(word)),
  );
  return !isOfAnother && text[at + 1] !== 'only' && text[at + 1] !== 'just';
}

/** What is joined by these shares a denial: "doesn't squeal or shake". */
const AND = /^(?:or|nor|and)$/;

/** Said of what was and is no more: "used to be spongy", "squeal gone since". */
function isOver({ rule, first, last }: Match, { text, words }: Clause): boolean {
  if (rule.denied === undefined) return false;
  const before = words.slice(Math.max(0, first - DENIED_WITHIN), first).map((word) => word.text);
  const behind = words.slice(last + 1).map((word) => word.text);
  return (
    (/\bused to\b/.test(before.join(' ')) && !/\bused to\b.*\bnow\b/.test(text)) ||
    IS_OVER.test(behind.join(' '))
  );
}

/** One answer a question: what was said outright before what was denied, then one that names the wheel, the longer words, the earlier. */
function settled(found: readonly Suggestion[]): Suggestion[] {
  const best = new Map<FindingId, Suggestion>();
  const weight = ({ finding, state, corner, from, to }: Suggestion) =>
    (state === findingOf(finding).states[0] ? 0 : 1000) + (corner ? 200 : 0) + (to - from) - from / 1e4;
  for (const each of found) {
    const before = best.get(each.finding);
    if (!before || weight(each) > weight(before)) best.set(each.finding, each);
  }
  return [...best.values()].sort(
    (left, right) => left.from - right.from || left.to - right.to || (left.finding < right.finding ? -1 : 1),
  );
}
