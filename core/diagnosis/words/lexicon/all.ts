import { HISTORY_WORDS } from './history';
import { PEDAL_WORDS } from './pedal';
import type { Rule } from './rule';
import { SEEN_WORDS } from './seen';
import { SHAKE_WORDS } from './shake';
import { STOPPING_WORDS } from './stopping';
import { WHEN_WORDS } from './when';

/** All that is understood. */
export const RULES: readonly Rule[] = [
  ...PEDAL_WORDS,
  ...STOPPING_WORDS,
  ...SHAKE_WORDS,
  ...WHEN_WORDS,
  ...HISTORY_WORDS,
  ...SEEN_WORDS,
];

/** Whatever says that there is nothing to complain of. */
export const NOTHING_WRONG =
  /\b(?:nothing(?: is|'s)? wrong|all (?:good|fine|ok|okay|well)|no (?:problems?|complaints?|issues?|faults?)|(?:works?|working|feels?|brakes?) (?:is |are )?(?:fine|perfect(?:ly)?|great|as (?:it|they) should)|everything (?:is |was )?(?:fine|good|ok|okay|perfect))\b(?! (?:for|until|till|when|but))/;

/** Talk of something else than the brakes, and the words by which it is of the brakes after all. */
export const OTHER_SYSTEM =
  /\b(?:engine(?! (?:off|on|running|started))|gearbox|gears?|transmission|clutch|exhaust|air ?con|conditioning|heater|cabin|fuel|radiator|battery|radio|alternator|wipers?|belt|to start|starter|idle|tyres?)\b/;
export const OF_THE_BRAKES =
  /\b(?:brak\w*|pedal|pads?|discs?|rotors?|calipers?|servo|booster|master|handbrake|abs|lock\w*|flat ?spot\w*|laps?|sessions?|(?:fluid|oil|wet) .*tyres?)\b/;

/** Words that turn what follows round, within so many words. */
export const DENIALS =
  /^(?:no|not|never|without|isn't|aren't|wasn't|weren't|doesn't|don't|didn't|hasn't|haven't|won't|can't|cannot|nor|neither|hardly|cured|fixed)$/;
