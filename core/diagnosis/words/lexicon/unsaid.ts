import type { FindingId } from '../../../readings/vocabulary/findings';
import type { Clause } from '../text';
import { IS_SEEN } from './all';
import type { Rule } from './rule';

/** Whatever says that there is nothing to complain of. */
const NOTHING_WRONG =
  /\b(?:nothing to report(?! (?:except|but|apart))|(?:likes|prefers|loves) (?:a |the |it |this |its )?|nothing(?: is|'s)? wrong|all (?:good|fine|ok|okay|well)|no (?:problems?|complaints?|issues?|faults?)|(?:works?|working|feels?|brakes?) (?:is |are )?(?:fine|perfect(?:ly)?|great|as (?:it|they) should)|everything (?:is |was )?(?:fine|good|ok|okay|perfect))\b(?! (?:for|until|till|when|but|except|apart|besides|bar|other|only|two|three|four|five|a few|cold|hot|warm)\b)/;

/** Talk of something else than the brakes, and the words by which it is of the brakes after all. */
const OTHER_SYSTEM =
  /\b(?:engine(?! (?:off|on|running|started|starts$|it|the pedal))|gearbox|gears?|transmission|clutch|exhaust|air ?con|conditioning|heater|cabin|fuel|radiator|battery|radio|alternator|wipers?|belt|to start|starter|idl(?:e|es|ing)|tyres?|petrol|diesel|coolant|oil level|(?:soft|stiff|hard|coil|road|new|lowering) springs?|springs|dampers?|shocks|doors?|windows?|windscreen|bonnet|turbo|diff|prop ?shaft|drive ?shafts?|cv joints?|washer|sump|hood|roof|soft top|heat shield|seat (?:squeaks|creaks|rattles)|(?:shift|gear) lever|bumper|console|spoiler|splitter|tool ?box|glove ?box|boot lid|from the (?:boot|trunk)|trunk lid|(?:squeak|creak|rattl)\w* (?:\w+ ){0,3}dashboard|(?:throttle|accelerator|gas) pedal|power steering|wind noise)\b/;
const OF_THE_BRAKES =
  /\b(?:brak\w*|(?<!(?:clutch|throttle|accelerator|gas) )pedal(?! box)|topped up|topped it up|(?:from|at) the wheels?|wheels? (?:would not|wouldn't|will not|won't|does not|doesn't) (?:turn|spin|roll)|wheel arch|pads?|shoes|discs?|rotors?|calipers?|servo|vacuum|(?:no|little) boost|booster|master|handbrake|abs|(?<!full )lock\w*|flat ?spot\w*|(?<!(?:light|lamp) .*)tyre pressures?|(?:sinks?|to the floor) .*idle|tyres? (?:is |are )?(?:low|flat|soft) on one|tyres? .*(?:bulg|out of|egg)\w*|bulg\w* .*tyres?|(?:fluid|oily?|wet|leak\w*|drip(?:s|ping)?) .*tyres?)\b/;

/** Talk of another car than this one, or of what is no brake whatever else is said. */
const OTHER_CAR =
  /\b(?<!than (?:in |on |with )?)(?:(?:the|my|his|her|their|our) (?:(?:other|old|previous) (?:car|one)|last car)|(?:another|his|her) car|my (?:brother|sister|dad|father|mate|friend|neighbour|wife|husband|boss) (?:says|said|thinks|has|had) (?:his|her|their)|a friend's|trailer brakes?|pedal (?:rubber|cover)s?|brake clean(?:er)?|(?:oil|water) (?:pressure|temp\w*)|temperature gauge)\b/;

/** Not yet done: wanted, due, to come. */
const TO_COME =
  /\b(?:wants?|wanted|(?:annual|yearly|routine) (?:\w+ )*(?:change|flush|service)|would like|here for|booked in for|please|due|going to|will(?! not)|to be|next (?:week|month|service|time)|quote|price|arriv(?:es?|ing)|on order|ordered|booked|thinking (?:about|of)|considering|need(?:s|ed)?(?: [\w']+){0,2} (?:bled|bleeding|change|changed|changing|doing|replacing|new|flush|flushing)|ask(?:s|ed)? (?:for|us|if)|should)\b/;
/** Done so long ago that it changed nothing lately. */
const LONG_AGO =
  /\b(?:(?:\d+|two|three|four|five|six|few|several|many|couple of) years (?:ago|back|old)|(?:years|ages|long) ago|when (?:i|we|he|she) (?:bought|got) (?:it|the car))\b/;
/** Not seen yet: asked, supposed, to be looked at. */
const IN_DOUBT =
  /\b(?:whether|wonder(?:s|ing|ed)?|might|may|maybe|perhaps|possibly|could be|suspects?|suspected|(?:to|please|will|should|must|can you) (?:check|measure|look|inspect)|check (?:the|for|if)|in case|looking for)\b/;
/** Asked in general, or said of a day that has not come. */
const NOT_NOW =
  /^(?:is it (?:normal|(?:ok|okay|fine|safe|alright) to)|is \d[\w. ]* (?:ok|okay|normal|fine|bad|too much)$|(?:should|do) (?:i|we) (?:need to )?(?:worry|be worried|be concerned)|how (?:often|long|much|many)|when should|do (?:you|i|we) |does it need)\b|^(?:if|should) .* (?:will|we'll|i'll|would|let us|call|change|replace)\b/;

/** Work that changes what a car does: only when it is done, and lately. */
const WORK_DONE: ReadonlySet<FindingId> = new Set<FindingId>([
  'system_opened',
  'caliper_fitted',
  'master_fitted',
  'friction_new',
  'pads_new',
  'rotors_new',
  'hub_work',
]);
/** What is put on or in, told by its state: it stays, however long ago. */
const PUT_ON: ReadonlySet<string> = new Set([
  'fluid_age fresh',
  'hose_kind braided',
  'brake_conversion yes',
  'compound track',
  'compound street',
]);

/** Whether a clause complains of nothing, or of something else than the brakes of this car. */
export const isOfNothing = (text: string): boolean =>
  NOTHING_WRONG.test(text) ||
  (OTHER_SYSTEM.test(text) && !OF_THE_BRAKES.test(text)) ||
  OTHER_CAR.test(text) ||
  NOT_NOW.test(text);

/** Whether what a rule finds is only wanted and not done, done so long ago that it is no history, or in doubt and not seen. */
export const isUnsaid = (rule: Rule, { text, isAsked }: Pick<Clause, 'text' | 'isAsked'>): boolean =>
  (WORK_DONE.has(rule.finding) && (TO_COME.test(text) || LONG_AGO.test(text))) ||
  (PUT_ON.has(`${rule.finding} ${rule.state}`) && TO_COME.test(text)) ||
  (IS_SEEN.has(rule) && (isAsked || IN_DOUBT.test(text)));
