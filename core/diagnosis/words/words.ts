import type { Corner } from '../../car/corner';
import { type FindingId, findingOf } from '../../readings/vocabulary/findings';
import { type Conditions, conditionsIn, cornerIn } from './conditions';
import { DENIALS, NOTHING_WRONG, RULES, type Rule } from './lexicon';
import { type Clause, clausesOf, covered } from './text';

/** An answer that what was said suggests, and the words it came from: from and to are positions in the text. */
export type Suggestion = { finding: FindingId; state: string; corner?: Corner; from: number; to: number };

export type WordsRead = { suggestions: Suggestion[]; conditions: Conditions };

/** How many words back a denial still counts. */
const DENIED_WITHIN = 3;

/**
 * What a driver's line says, as answers to offer: each with the words it came from. Nothing is taken by itself.
 * Deterministic; the same text gives the same answers in the order of the words.
 */
export function readWords(text: string): WordsRead {
  const clauses = clausesOf(text);
  const found = clauses.flatMap((clause) =>
    NOTHING_WRONG.test(clause.text) ? [] : RULES.flatMap((rule) => suggested(rule, clause)),
  );
  return { suggestions: settled(found), conditions: conditionsIn(text, clauses) };
}

function suggested(rule: Rule, clause: Clause): Suggestion[] {
  const match = rule.words.exec(clause.text);
  if (!match || rule.unless?.test(clause.text)) return [];
  const [first, last] = covered(clause, match.index, match[0].length);
  const denied = isDenied(clause, first, match[0]);
  if (denied && rule.denied === undefined && !rule.steady) return [];
  const corner = findingOf(rule.finding).place === 'corner' ? cornerIn(clause) : undefined;
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

/** Turned round by a word just before it; what holds its own denial ("won't stop") is not. */
function isDenied({ words }: Clause, first: number, matched: string): boolean {
  const [start] = matched.split(' ');
  if (DENIALS.test(start!)) return false;
  const before = words.slice(Math.max(0, first - DENIED_WITHIN), first).map((word) => word.text);
  const at = before.findLastIndex((word) => DENIALS.test(word));
  const after = at >= 0 ? (before[at + 1] ?? start) : '';
  return at >= 0 && after !== 'only' && after !== 'just';
}

/** One answer a question: what was said outright before what was denied, then the longer words, then the earlier. */
function settled(found: readonly Suggestion[]): Suggestion[] {
  const best = new Map<FindingId, Suggestion>();
  const weight = ({ finding, state, from, to }: Suggestion) =>
    (state === findingOf(finding).states[0] ? 0 : 1000) + (to - from) - from / 1e4;
  for (const each of found) {
    const before = best.get(each.finding);
    if (!before || weight(each) > weight(before)) best.set(each.finding, each);
  }
  return [...best.values()].sort(
    (left, right) => left.from - right.from || left.to - right.to || (left.finding < right.finding ? -1 : 1),
  );
}
