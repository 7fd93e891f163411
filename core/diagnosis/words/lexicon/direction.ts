import {
  HANDBRAKE,
  HANDBRAKE_PULLED,
  LESS_THAN_THE_OTHER,
  NOT,
  near,
  type Rule,
  rx,
  says,
  upTo,
  yes,
} from './rule';

const PULLS =
  'squats?|noses?|tramlin(?:es|ing)|haul(?:s|ing)|dips?|nods|slew(?:s|ing)?|pull(?:s|ed|ing)?|veer(?:s|ing)?|dart(?:s|ing)?|dives?|steers?|swerv(?:es?|ing)|drifts?|wanders?|tug(?:s|ging)?|yanks?|snatch(?:es)?|lurch(?:es)?|shot|shoots|jerks?|twitch(?:es)?|leans?|creeps?|drags?|goes|go|going(?= to )|moves|heads|jumps?|leads|crab(?:s|bing|bed)?';
const towards = (side: string) =>
  rx(
    `(?:${PULLS}) (?:me |us |it |itself |over |off |the wheel |the steering |hard |strongly |slightly |badly |sharply |a (?:bit|tad|little) )?(?:too? )?(?:the )?(?:hard )?${side}`,
  );
/** What goes aside there is not the car, or nothing does. */
const NOT_ASIDE =
  'rear|back end|tail|foot(?! off)|pedal (?:goes|moves|drops)|right (?:down|through|to the (?:floor|bottom)|away|back|after|up)';
/** That it pulls, wherever to. */
const PULLS_ASIDE = 'pull(?:s|ed|ing)?|veer(?:s|ing)?|drifts?|wanders?|tug(?:s|ging)?|dart(?:s|ing)?';
/** It goes there by itself, which is no brake. */
const UNBRAKED =
  '(?<!(?:even|also|and) (?:with (?:my |the )?foot )?)(?:without braking|when not braking|off the brakes|under (?:power|throttle|acceleration)|(?:on|with) the (?:throttle|power)|when accelerating)';
/** Held straight by hand: it pulls the other way. */
const heldAgainst = (side: string) =>
  rx(
    `(?:hold|steer|keep|turn)(?:ing)? (?:the )?(?:steering )?(?:wheel )?(?:to )?(?:the )?${side} (?:to|just to|and|or)`,
  );
/** One side brakes the other one's share: it pulls there. */
const strongerAt = (side: string) =>
  rx(
    `(?:${side} (?:front|rear|back|side)|(?:front|rear|back) ${side}|${side}) (?:wheel |brake |side )?(?:is )?(?:brak(?:es|ing)|bit(?:es|ing)|grab(?:s|bing)|grip(?:s|ping)) (?:more|harder|stronger|earlier|sooner) than|${side}(?: hand)?(?: side| front)? does (?:all|most of) the braking|(?:brakes?|bites?|grabs?|grips?) (?:more|harder|stronger) (?:on|at) the ${side}`,
  );
/** It pulls to one side, and not now there, now to the other. */
const pullsTo = (side: 'left' | 'right', names: string, other: string): Rule =>
  says(
    'pull_side',
    side,
    towards(`(?:${names})`),
    rx(
      `${NOT_ASIDE}|${UNBRAKED}|${side} (?:and|or) ${other}|${side} ${upTo(3)}then ${other}`,
      `${side} (?:one|the first) (?:time|stop|lap)`,
      `${side} (?:when )?(?:hot|cold|warm) ${other}`,
      `${side} (?:when|as|once|after) (?:i|you|we) (?:let go|lift|release|come off)`,
    ),
  );

/** Where the car goes as it brakes. */
export const DIRECTION_WORDS: readonly Rule[] = [
  yes(
    'pulls',
    rx(
      `pull(?:s|ed|ing)? ${upTo(3)}(?:left|right|side|one way|offside|nearside)`,
      'pulls|pulling|pull(?:s|ing)? (?:under|when|on) (?:the )?brak(?:es?|ing)',
      'pull(?! (?:over|in|into|up|away|off|the))',
      '(?:steering |the )?wheel (?:turns|goes|jerks|twitches) (?:to the )?(?:left|right) (?:by|on|under|when)',
      '(?:steering |the )wheel (?:turns|moves|pulls) (?:(?:by|on) )?(?:itself|its own)',
      'veers?|veering|tramlin(?:es|ing) (?:under|when|while|on|in) (?:\\w+ )?brak(?:es?|ing)|weav(?:es|ing)|darts?|darting|dives? (?:left|right|to)',
      'wants? to change lanes?|steers? (?:itself|left|right)|swerv(?:es?|ing)|wanders? (?:under|when|to|on the brakes?)',
      'drifts? (?:left|right|to|(?:when|while|under|on) brak\\w*)|crab(?:s|bing|bed)?',
      `(?:${NOT}) (?:brake|stop|slow|pull up) (?:evenly|straight|in a straight line)`,
      '(?:brakes?|braking|slows|stops) (?:is |are |feels? )?uneven(?:ly)?(?! (?:wear|worn))|uneven braking',
      '(?:keep|keeping|hold|holding) (?:it|the car) (?:in a )?straight',
      '(?<!(?:rear|back|tail)(?: end)? )squirm(?:s|ing)? (?:under|when|on) (?:the )?brak\\w*|steering (?:tugs|jerks|twitches)',
      'twitch(?:es|y)? (?:when|under|on) (?:initial |first )?brak\\w*|tug(?:s|ging) at the (?:steering )?wheel',
      '(?:two|both) hands on the wheel|steering wheel (?:is )?(?:not straight|crooked|off cent(?:re|er)) (?:under|when|while|on) brak(?:es?|ing)',
      '(?:brak(?:es?|ing)|working|biting|gripping) (?:seem(?:s)? to be )?(?:working )?only on one side',
      'one side (?:of the )?(?:front |rear )?(?:axle |brakes? )?(?:brakes|bites|grabs|grips|works) (?:harder|more|earlier|first|better)',
      LESS_THAN_THE_OTHER,
      `brakes? imbalance|imbalance ${upTo(2)}(?:front|rear|axle)|only one (?:side|(?:of the )?(?:front |rear )?wheels?) (?:works|brakes|bites)`,
    ),
    rx(
      `${HANDBRAKE}(?: lever)? (?:is )?pull(?:s|ing)`,
      UNBRAKED,
      'pull(?:s|ed|ing)? (?:all the way |right )?(?:over|in|into|up(?! straight)|away|off)|does it|trailer|caravan',
      '^(?:it )?pulls on (?:the )?straights?$',
      'pulls (?:well|strongly|hard|fine|ok|okay|nicely) (?:up|out of|from|away|through|in)',
      'pull(?:s|ed|ing)? it|clicks|notches|steering pulls on the straights?|wheel alignment|needs? (?:an )?alignment',
    ),
  ),
  yes(
    'pulls',
    towards('(?:left|right|l|r|near ?side|off ?side|one side|(?:the|a) side)'),
    rx(`corners?|turn(?:s|ing)? (?:left|right)|${UNBRAKED}|${NOT_ASIDE}`),
  ),
  says('pulls', 'yes', heldAgainst('(?:left|right)')),
  says('pulls', 'yes', strongerAt('(?:left|right)')),
  says(
    'pull_side',
    'changes',
    rx(
      `(?:${PULLS}) ${upTo(3)}(?:(?:whichever|either|both) (?:side|way)s?|one way ${upTo(3)}(?:the )?other|left (?:and|then|or) right|left ${upTo(3)}then right|right ${upTo(3)}then left|(?:one time|sometimes|once) left ${upTo(2)}right|alternate sides|left (?:when )?(?:hot|cold|warm) right (?:when )?(?:hot|cold|warm))`,
      'sometimes (?:to the )?left(?: and)?(?: sometimes)? (?:to the )?right|left one time right the next',
      // The second half of "sometimes left, sometimes right".
      '^(?:and |then )?(?:sometimes|other times) (?:to the )?(?:left|right)$',
      `left (?:one|the first) (?:time|stop|lap) ${upTo(1)}right`,
      `right (?:one|the first) (?:time|stop|lap) ${upTo(1)}left`,
    ),
  ),
  pullsTo('left', 'left|l|near ?side', 'right'),
  pullsTo('right', 'right|r|off ?side', 'left'),
  says(
    'pull_off_brake',
    'yes',
    near(
      PULLS_ASIDE,
      '(?:even|also|and) (?:when |while |if )?(?:without (?:touching )?(?:the )?brak\\w+|not braking|(?:with (?:my |the )?foot )?off the brakes?|coasting|cruising|driving)|braking or not|brakes? or no brakes?|all the time|constantly',
      6,
    ),
    rx(HANDBRAKE_PULLED),
  ),
  says(
    'pull_off_brake',
    'yes',
    near(PULLS_ASIDE, 'under (?:power|throttle|acceleration)|when accelerating', 5),
  ),
  says(
    'pull_off_brake',
    'no',
    rx(
      near(PULLS_ASIDE, 'only (?:when|under|on|while|if) (?:(?:i|you|we) )?(?:the )?brak\\w*', 6).source,
      'only pulls (?:under|on|when (?:(?:i|you|we) )?(?:the )?brak\\w*)',
    ),
  ),
  says('pull_side', 'left', strongerAt('left')),
  says('pull_side', 'right', strongerAt('right')),
  says('pull_side', 'left', heldAgainst('right')),
  says('pull_side', 'right', heldAgainst('left')),
];
