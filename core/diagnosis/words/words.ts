import type { Corner } from '../../car/corner';
import { type FindingId, findingOf } from '../../readings/vocabulary/findings';
import { type Conditions, conditionsIn, cornerIn, isPlaceAlone } from './conditions';
import { isDenied, isOver, isWhyDone, type Match } from './denied';
import { RULES } from './lexicon/all';
import { inBase } from './lexicon/measured';
import type { Rule } from './lexicon/rule';
import { isOfNothing, isUnsaid } from './lexicon/unsaid';
import { type Clause, clausesOf, covered } from './text';

/** An answer that what was said suggests, and the words it came from: from and to are positions in the text. */
export type Suggestion = { finding: FindingId; state: string; corner?: Corner; from: number; to: number };

export type WordsRead = { suggestions: Suggestion[]; conditions: Conditions };

/**
 * What a driver's line says, as answers to offer: each with the words it came from. Nothing is taken by itself.
 * Deterministic; the same text gives the same answers in the order of the words.
 */
export function readWords(text: string): WordsRead {
  const clauses = clausesOf(text);
  const found = clauses.flatMap((clause, index) => {
    if (isOfNothing(clause.text)) return [];
    const corner = cornerIn(clause) ?? placeBeside(clauses, index);
    const matches = figuresFirst(RULES.flatMap((rule) => matchesOf(rule, clause)));
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

/** What was measured is told by its figure: "bearing play 0.02" is no complaint. */
function figuresFirst(matches: readonly Match[]): Match[] {
  const told = new Set(matches.filter(isFigure).map(({ rule }) => rule.finding));
  return matches.filter((match) => isFigure(match) || !told.has(match.rule.finding));
}

const isFigure = ({ rule }: Match): boolean => typeof rule.state === 'function';

function matchesOf(rule: Rule, clause: Clause): Match[] {
  const match = rule.words.exec(clause.text);
  if (!match || rule.unless?.test(clause.text) || isUnsaid(rule, clause.text)) return [];
  const [first, last] = covered(clause, match.index, match[0].length);
  const { figure = '', unit } = match.groups ?? {};
  const state = typeof rule.state === 'string' ? rule.state : rule.state(inBase(figure, unit));
  return state === undefined ? [] : [{ rule, state, first, last }];
}

function suggested(
  match: Match,
  others: readonly Match[],
  clause: Clause,
  at: Corner | undefined,
): Suggestion[] {
  const { rule, state, first, last } = match;
  const denied = isDenied(match, others, clause) || isOver(match, clause);
  if (isWhyDone(match, clause)) return [];
  if (denied && rule.denied === undefined && !rule.steady) return [];
  const corner = findingOf(rule.finding).place === 'corner' ? at : undefined;
  return [
    {
      finding: rule.finding,
      state: denied && rule.denied ? rule.denied : state,
      ...(corner && !denied && state !== 'all' ? { corner } : {}),
      from: clause.words[first]!.from,
      to: clause.words[last]!.to,
    },
  ];
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
