import type { FindingId } from '../../../readings/vocabulary/findings';

/**
 * What a figure that the words catch (groups `figure` and `unit`) comes to, in base units, or two that are held against
 * each other (group `other`, of the same unit); nothing where it says nothing.
 */
export type Judged = (figure: number, other: number) => string | undefined;

/**
 * Shop language for one state of a finding. `words`: a pattern over the words of one clause, small letters, single
 * spaces. `unless`: said in the same clause it means something else. `denied`: what it is when it is denied; nothing
 * when a denial says nothing. Common practice, no source.
 */
export type Rule = {
  finding: FindingId;
  state: string | Judged;
  words: RegExp;
  unless?: RegExp;
  denied?: string;
  /** Tells when or how: a denial beside it is of something else. */
  steady?: true;
};

/** Whole words: any of these. */
export const rx = (...words: string[]): RegExp => new RegExp(`\\b(?:${words.join('|')})\\b`);

/** Two things said close to each other, either first. */
export function near(left: string, right: string, gap = 5): RegExp {
  const between = upTo(gap);
  return new RegExp(`\\b(?:${left}) ${between}(?:${right})\\b|\\b(?:${right}) ${between}(?:${left})\\b`);
}

/** So many other words between, each with its space. */
export const upTo = (words: number): string => `(?:[\\w'.]+ ){0,${words}}?`;

/** A complaint, which can be denied. */
export const yes = (finding: FindingId, words: RegExp, unless?: RegExp): Rule => ({
  finding,
  state: 'yes',
  words,
  denied: 'no',
  ...(unless ? { unless } : {}),
});

/** One state; a denial of it says nothing. */
export const says = (finding: FindingId, state: Rule['state'], words: RegExp, unless?: RegExp): Rule => ({
  finding,
  state,
  words,
  ...(unless ? { unless } : {}),
});

/** When or how it shows. */
export const when = (finding: FindingId, state: string, words: RegExp, unless?: RegExp): Rule => ({
  ...says(finding, state, words, unless),
  steady: true,
});

/** Something found to be wrong, or not when it is denied. */
export const found = (
  finding: FindingId,
  state: string,
  words: RegExp,
  denied: string,
  unless?: RegExp,
): Rule => ({ ...says(finding, state, words, unless), denied });

/** What turns with the wheel, by the names it goes by. */
export const ROTOR = 'discs?|rotors?';
export const HANDBRAKE = '(?:hand|parking|park|e|emergency) ?brake';
/** A lever that is pulled, and no car that is. */
export const HANDBRAKE_PULLED = `pull(?:s|ed|ing)? (?:on |up )?(?:the |my )?${HANDBRAKE}`;
/** So many clicks of a lever are too many. */
export const MANY_CLICKS =
  '(?:too many|many|lots of|\\d+|[a-z]+teen|nine|ten|eleven|twelve|twenty) (?:clicks|notches)';
export const PADS = '(?:brake )?(?:pads?|linings?)';
/** Said of a part that was changed. */
export const DONE =
  'new|changed|changing|replaced|replacing|fitted|fitting|swapped|swapping|rebuilt|rebuilding|renewed|renewing|overhauled|refurbished';
/** Said of what should move. */
export const STUCK = 'seized|ceased|stuck|stiff|sticking|dry|tight|rusted|frozen|binding';
export const WET = 'leak(?:s|ing)?|weep(?:s|ing)?|seep(?:s|ing)?|drip(?:s|ping)?|wet';
/** Said of a figure that is past its limit. */
export const HIGH =
  'high|bad|excessive|out of (?:spec|limits|limit|tolerance)|over (?:the )?limit|too much|past (?:the )?limit';
/** A shake that the foot feels, through the pedal. */
export const FELT_IN_PEDAL =
  '(?:vibrat|shak|judder|shudder|tremor|wobbl)\\w* (?:only |just |mostly )?(?:in|through) (?:the |my )?(?:brake )?pedal';
/** Said of brakes that do not do. */
export const POOR = 'terrible|awful|rubbish|useless|hopeless|poor|weak|bad|no good|dreadful|crap|feeble';
/** One side of an axle against the other, on rollers say. */
export const LESS_THAN_THE_OTHER =
  'less (?:brakes?|braking|effort|force) than (?:on )?(?:the )?(?:left|right|other)';
/** No brake until it is warm. */
export const NOTHING_COLD = "cold (?:there is |there's )?nothing";
/** Without the brake. */
export const COAST =
  "(?:without (?:touching )?(?:the )?|with no )brak(?:e|es|ing)|whether (?:or not )?(?:i|you|we|i am|i'm|it is)? ?brak(?:e|ing)(?: or not)?|not braking|off the brakes?|brakes? not (?:applied|pressed)|(?:without|not) touching the brakes?|coasting|cruising|all the time|even when not|(?:not affected by|regardless of|independent of|nothing to do with) (?:the )?brak(?:es?|ing)|no brakes? on|brak(?:e|ing) or not|brakes? or no brakes?|(?:if|when|while) (?:i|you|we|i am|i'm|you are) (?:do not|don't|am not|not) (?:brak(?:e|ing)|touch(?:ing)? (?:the )?(?:brakes?|pedal))";
/** Says that it is not so. */
export const NOT =
  "doesn't|don't|do not|does not|won't|wouldn't|will not|isn't|not|hardly|barely|didn't|can't|could not|couldn't|did not";
/** Said of what should let go, and does so late. */
export const AT_ONCE = '(?:right away|straight away|at once|immediately|instantly|quick(?:ly)?)';
/** Since it stood: what is stuck then is no balance. */
export const STANDING =
  '(?:after|since|from|when|while) (?:parking|parked|standing|being parked|overnight)|overnight';
/** One press of a pedal. */
export const PRESS = '(?:press|push|stab|pump|application|touch|stroke|dab|stamp|prod)';
/** Said of the pedal as well: "not spongy and not long". */
export const NOT_EITHER =
  "(?:^|(?:spongy|soft|mushy|long|low|hard|stiff|heavy) (?:and|or|nor) (?:it is |it's )?)not ";
/** Without the engine any pedal goes hard. */
export const ENGINE_OFF = 'engine (?:is |was )?(?:off|stopped|not running|switched off)';
/** Said of what is right. */
export const AS_IT_SHOULD = '(?:as|where|how) it should(?: be)?|as (?:a |any )?pedals? should';
