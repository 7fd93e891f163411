import { DONE, ROTOR, type Rule, rx, says, upTo } from './rule';

const LININGS = 'pads?|shoes|linings?';
const TURNING = `${ROTOR}|drums?`;
const EITHER = `${LININGS}|${TURNING}`;
/** Said of the part that stayed. */
const STAYED = 'old|same|existing|original|used|worn';
/** Up to three words between, none of which says that the part behind it is the one that stayed. */
const UP_TO_NEW = `(?:(?!(?:on|onto|with|against|${STAYED}) )[\\w'.]+ ){0,3}?`;

/** How it is said that parts were put in new. */
const putIn = (parts: string, between: string): readonly string[] => [
  `(?:${DONE}|fresh|put in|put on|different) ${between}(?:(?:${EITHER}) and (?:the |new )*)?(?:${parts})`,
  `(?:${parts}) (?:and (?:${EITHER}) )?(?:were |was |have been |are |is |just |got )?(?:all |both |brand )?(?:changed|replaced|renewed|fitted|new|swapped)`,
  `(?:with|than) (?:the |my )?old (?:${parts})`,
  `(?:since|after|when) ${upTo(4)}(?:${parts}) (?:went|were put|have gone) (?:in|on)`,
  `put ${between}(?:${parts}) (?:in|on)`,
  `(?:went|gone|moved|switched|upgraded|changed over) (?:back )?to ${between}(?:${parts})`,
  `(?:${parts}) (?:change|swap|job)`,
  `(?:${parts}) (?:were |was |got )?done (?:(?:last|this) (?:week|weekend|month)|yesterday|recently|${upTo(2)}(?:days?|weeks?) ago)`,
  `had (?:the |new |my |its )?(?:front |rear )?(?:(?:${EITHER}) and )?(?:${parts}) (?:and (?:${EITHER}) )?done`,
];

/** Asked for, seen as they are put in, wanted, due, like new, or changed over from one side to the other. */
const NOT_NEW = `^(?:please )?(?:fit|replace|change|renew|supply) |(?:when|while) (?:changing|fitting|doing)|(?:needs?|wants?|every|order(?:ed)?|like) ${upTo(3)}new|new pads every|wrong way|(?:inner|outer) pads? (?:like )?new|(?:nearly|almost|still|like|as good as) new|(?:disc|drum) circuit|side to side|left to right|swapped (?:them )?(?:over|round)`;
/** The new ones on what stayed. */
const onWhatStayed = (fitted: string, stayed: string): string =>
  `(?:${fitted}) ${upTo(4)}(?:on|onto|with|against) (?:to )?(?:the |my |our |its )?(?:${STAYED}) (?:${stayed})`;
/** What stayed, against the new ones. */
const stayedUnder = (stayed: string, fitted: string): string =>
  `(?:${STAYED}) (?:${stayed}) (?:on|onto|with|against|to) (?:the |my )?new (?:${fitted})`;
const kept = (parts: string): string =>
  `(?:kept|reused|re-used) (?:the |my |our |its )?(?:(?:${STAYED}) )?(?:${parts})`;

/** One of the two: put in new, or kept while the other was. */
function newOrKept(finding: 'pads_new' | 'rotors_new', own: string, other: string): Rule[] {
  const stayed = [onWhatStayed(other, own), stayedUnder(own, other), kept(own)];
  return [
    says(finding, 'yes', rx(...putIn(own, UP_TO_NEW)), rx(NOT_NEW, ...stayed)),
    says(finding, 'no', rx(...stayed)),
  ];
}

/** Which of what wears against each other was put in new. */
export const RENEWED_WORDS: readonly Rule[] = [
  says(
    'friction_new',
    'yes',
    rx(
      ...putIn(EITHER, upTo(3)),
      '^(?:the |my )?new (?:fronts|rears)',
      'brakes (?:were|was|have been|got|just) (?:all )?(?:replaced|changed|renewed|redone)',
      'had (?:the|my|its) brakes (?:done|redone|replaced)',
    ),
    rx(NOT_NEW),
  ),
  ...newOrKept('pads_new', LININGS, TURNING),
  ...newOrKept('rotors_new', TURNING, LININGS),
];
