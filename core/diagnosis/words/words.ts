import { type Axle, axleOf, type Corner, isAxle, type Place } from '../../car/corner';
import { type FindingId, findingOf } from '../../readings/vocabulary/findings';
import { placeFields } from '../verdict';
import { heardByWheel } from './byWheel';
import { type Conditions, conditionsIn } from './conditions';
import { isDenied, isOver, isWhyDone, type Match } from './denied';
import type { Heard } from './heard';
import { RULES } from './lexicon/all';
import { inBase } from './lexicon/measured';
import type { Rule } from './lexicon/rule';
import { isOfNothing, isUnsaid } from './lexicon/unsaid';
import { axleOfParts, bothIn, isPlaceAlone, onlyCorner, placeIn, wheelBy } from './places';
import { ready } from './readied';
import { type Clause, clausesOf, covered } from './text';

/** An answer that what was said suggests, and the words it came from: from and to are positions in the text. */
export type Suggestion = {
  finding: FindingId;
  state: string;
  corner?: Corner;
  axle?: Axle;
  from: number;
  to: number;
};

export type WordsRead = { suggestions: Suggestion[]; conditions: Conditions };

/**
 * What a driver's line says, as answers to offer: each with the words it came from. Nothing is taken by itself.
 * Deterministic; the same text gives the same answers in the order of the words.
 */
export function readWords(text: string): WordsRead {
  const clauses = clausesOf(text);
  const found = clauses.flatMap((clause, index) => {
    if (isOfNothing(clause.text)) return [];
    const place = placeOf(clauses, index);
    const matches = figuresFirst(RULES.flatMap((rule) => matchesOf(rule, clause)));
    return matches.flatMap((match) => heardOf(match, matches, clause, place));
  });
  const byWheel = heardByWheel(clauses);
  const rest = found.filter(({ finding }) => byWheel.every((heard) => heard.finding !== finding));
  const heard = inOrder([...settled(rest), ...byWheel]);
  return {
    suggestions: heard.flatMap(suggested),
    conditions: { ...conditionsIn(text, clauses), ...heatOf(heard) },
  };
}

/** What is heard of the heat goes before the bare words: "drags in town, frees off when cold" is hot. */
function heatOf(heard: readonly Heard[]): Pick<Conditions, 'hot'> {
  const links = heard.flatMap(({ finding, state }) => (finding === 'temperature_link' ? [state] : []));
  const [isHot, isCold] = [links.includes('only_hot'), links.includes('only_cold')];
  return isHot === isCold ? {} : { hot: isHot };
}

/** Where a clause speaks of: the place it names, a side said behind it taken in, or the one named beside it. */
function placeOf(clauses: readonly Clause[], index: number): Place | undefined {
  const named = placeIn(clauses[index]!);
  const behind = clauses[index + 1];
  return (named && behind && wheelBy(named, behind)) ?? named ?? placeBeside(clauses, index);
}

/** The place named in a clause of its own, behind, before or last of all: "it grinds, front left"; else the only wheel named. */
function placeBeside(clauses: readonly Clause[], index: number): Place | undefined {
  const beside = [clauses[index + 1], clauses[index - 1], clauses.at(-1)].find(
    (each) => each && isPlaceAlone(each),
  );
  return beside ? placeIn(beside) : onlyCorner(clauses);
}

/** What was measured is told by its figure: "bearing play 0.02" is no complaint. */
function figuresFirst(matches: readonly Match[]): Match[] {
  const told = new Set(matches.filter(isFigure).map(({ rule }) => rule.finding));
  return matches.filter((match) => isFigure(match) || !told.has(match.rule.finding));
}

const isFigure = ({ rule }: Match): boolean => typeof rule.state === 'function';

function matchesOf(rule: Rule, clause: Clause): Match[] {
  const match = ready(rule.words).exec(clause.text);
  if (!match || rule.unless?.test(clause.text) || isUnsaid(rule, clause)) return [];
  const [first, last] = covered(clause, match.index, match[0].length);
  const { figure = '', other = '', unit, inches } = match.groups ?? {};
  const state =
    typeof rule.state === 'string'
      ? rule.state
      : rule.state(inBase(figure, unit, inches), inBase(other, unit));
  return state === undefined ? [] : [{ rule, state, first, last }];
}

const suggested = ({ places, ...heard }: Heard): Suggestion[] =>
  (places.length > 0 ? places : [undefined]).map((place) => ({ ...heard, ...placeFields(place) }));

function heardOf(match: Match, others: readonly Match[], clause: Clause, at: Place | undefined): Heard[] {
  const { rule, state, first, last } = match;
  const denied = isDenied(match, others, clause) || isOver(match, clause);
  if (isWhyDone(match, clause)) return [];
  if (denied && rule.denied === undefined && !rule.steady) return [];
  return [
    {
      finding: rule.finding,
      state: denied && rule.denied ? rule.denied : state,
      places: denied || OF_SEVERAL.has(state) ? [] : placesOf(rule.finding, clause, at),
      from: clause.words[first]!.from,
      to: clause.words[last]!.to,
    },
  ];
}

/** States that tell of several wheels by themselves. */
const OF_SEVERAL: ReadonlySet<string> = new Set(['all', 'one_axle']);

/**
 * The places of an answer. A driver may know only the end of the car; what was seen was seen at a wheel, or at both of
 * an axle.
 */
function placesOf(finding: FindingId, clause: Clause, at: Place | undefined): readonly Place[] {
  const { place, stage } = findingOf(finding);
  if (place === undefined) return [];
  if (place === 'axle') {
    // Of what was done to the car only the parts say where: "the rears lock since the pad change".
    const axle = axleOfParts(clause) ?? (stage === 'history' ? undefined : at && axleOf(at));
    return axle ? [axle] : [];
  }
  const where = at ?? axleOfParts(clause);
  if (where === undefined) return [];
  if (stage === 'complaint' || !isAxle(where)) return [where];
  return bothIn(clause);
}

/** What was said outright before what was denied, then what names a place, the longer words, the earlier. */
const weightOf = ({ finding, state, places, from, to }: Heard): number =>
  (state === findingOf(finding).states[0] ? 0 : 1000) +
  (places.length > 0 ? 200 : 0) +
  (to - from) -
  from / 1e4;

const isOfWheels = ({ places }: Heard): boolean => places.length > 0 && !places.some(isAxle);

/** Whether the same is said of other wheels: "front left smokes, rear right smells". */
const isElsewhere = (heard: Heard, kept: Heard): boolean =>
  heard.state === kept.state &&
  isOfWheels(heard) &&
  isOfWheels(kept) &&
  !heard.places.some((place) => kept.places.includes(place));

/** Whether both can hold at once: it knocks over bumps, and is quiet as the foot presses. */
const isBeside = (heard: Heard, kept: Heard): boolean => {
  const { several, states } = findingOf(heard.finding);
  return (
    several !== undefined &&
    [heard, kept].every(({ state }) => state !== states[0]) &&
    heard.state !== kept.state
  );
};

/** One answer a question, or one a wheel, or what can hold beside it: of several the one with the most weight. */
function settled(found: readonly Heard[]): Heard[] {
  const settledOn: Heard[] = [];
  for (const heard of [...found].sort((left, right) => weightOf(right) - weightOf(left))) {
    const same = settledOn.filter(({ finding }) => finding === heard.finding);
    if (same.every((kept) => isElsewhere(heard, kept) || isBeside(heard, kept))) settledOn.push(heard);
  }
  return settledOn;
}

/** In the order of the words. */
const inOrder = (heard: Heard[]): Heard[] =>
  heard.sort(
    (left, right) => left.from - right.from || left.to - right.to || (left.finding < right.finding ? -1 : 1),
  );
