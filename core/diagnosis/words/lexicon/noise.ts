import { MANY_CLICKS, near, type Rule, rx, says, upTo, yes } from './rule';

const SQUEAL =
  'squeal(?:s|ed|ing|y)?|squeak(?:s|ed|ing|y)?|screech(?:es|ed|ing|y)?|shriek(?:s|ed|ing)?|scream(?:s|ed|ing)?|squawk(?:s|ed|ing)?|sing(?:s|ing)|whin(?:e|es|ing)|whistl(?:e|es|ing)|howl(?:s|ing)?|chirp(?:s|ing)?';
const GRIND =
  'grind(?:s|ing|y)?|scrap(?:e|es|ing)|groan(?:s|ing)?|moan(?:s|ing)?|grat(?:e|es|ing)|graunch(?:es|ing)?|crunch(?:es|ing|y)?|growl(?:s|ing)?|grumbl(?:e|es|ing)|rumbl(?:e|es|ing)|scratch(?:ing|y)';
const KNOCK =
  'rattl(?:e|es|ed|ing|y)|cracking (?:nois(?:e|es)|sounds?)|clunk(?:s|ed|ing|y)?|knock(?:s|ed|ing)?|clack(?:s|ing)?|clonk(?:s|ing)?|click(?:s|ed|ing)?|clatter(?:s|ing)?|thunk(?:s|ing)?|thud(?:s|ding)?|tick(?:s|ing)|tick tick|creak(?:s|ing)?|popp?(?:s|ing)(?! (?:off|out|up))';
const NOISE = `${SQUEAL}|${GRIND}|${KNOCK}|nois(?:e|es|y)|sounds?|metallic`;
/** Whatever is heard; pads that are knocked back are not. */
export const HEARD = `(?!knock(?:ed|s)?[ -]?(?:back|off))(?:${NOISE})`;
/** What is said of one is said of what was heard. */
const heard = (when: string): RegExp => near(HEARD, when, 7);

/** Of a shake the same words say something else. */
const SHAKE = 'shimm\\w+|shak\\w+|judder\\w*|vibrat\\w+|wobbl\\w+|shudder\\w*|trembl\\w+|puls\\w+';
/** Noises that nothing here is known by. */
const UNKNOWN = 'hum(?:s|ming)?|whirr?(?:s|ing)?|dron(?:es?|ing)';
const GOES =
  '(?:goes|go|going|went) (?:away|quiet)|goes|stops?|stopped|disappears?|vanish(?:es)?|(?:is |gets )?quiet(?:er)?|gone|ceases?|silent|shuts? up|until';
const FOOT_ON =
  '(?:(?:i|you|we) )?(?:brak(?:e|es|ing)|(?:press|touch|apply|hit|use)(?:ing)? ?(?:on )?(?:the )?(?:pedal|brakes?)|(?:the )?brakes? (?:is |are |gets? )?(?:lightly |slightly |gently |just )?(?:pressed|applied|touched|on)|(?:(?:put|putting|rest|resting) )?(?:a |my |the )?foot on the brakes?)(?! (?:more |really |very )?hard)';
const STOPS_AT_A_FOOT = `(?:${GOES}) (?:(?:when|if|as soon as|as|once|while|with|under|on) (?:the )?(?:(?:slight|light|gentle|a bit of|a little) )?)?${FOOT_ON}`;
const NO_FOOT =
  "only (?:(?:when|while|if) (?:(?:i am|i'm|we are|it is) )?not (?:on the )?brak(?:es?|ing)|without brak(?:es?|ing)|off the brakes?|with (?:my |the )?foot off)";
const STEERED =
  '(?:when|while|if|as|in|on|during|through|round|around) (?:(?:i|you|we) )?(?:(?:a|the|fast|slow|tight|long|hard|sharp) )*(?:turn(?:s|ing)?(?! (?:\\d|one|two|three|four|five|the (?:rotor|disc)|it|by))|corner(?:s|ing)?|bends?|roundabouts?|steer(?:ing)?|(?:left|right) ?(?:lock|turns?|handers?|(?:hand(?:ed)? )?(?:bends?|corners?|turns?))|full lock)|turn(?:s|ing)? (?:left|right|hard)';
const BUMPY =
  '(?:over|on|across|off) (?:(?:the|a|every|each|any|small|little|big|rough|bad|bumpy|uneven|speed) )*(?:bumps?|pot ?holes?|cobbles?(?:tones?)?|kerbs?|curbs?|humps?|ripples|(?:rough|bad|bumpy|uneven) (?:roads?|surfaces?))';
const TURNS_WITH =
  '(?:with|per|every|each|once (?:a|per|every)) (?:the )?(?:wheel )?(?:turn|rev|revolution|rotation)s?|(?:in time )?with (?:the )?wheels?(?: speed)?|(?:faster|louder|rises|changes|increases|goes up) with (?:the )?(?:road )?speed|(?:in|with) rotation|follows (?:road |wheel )?speed|(?:while|when) (?:driving|rolling|cruising)(?! (?:over|through|on|across))|even (?:when |while |if )?(?:without|not|off)(?: the)? brak(?:es?|ing)|even (?:when|while|if) (?:i|you|we) (?:am not|don.t|do not) (?:touch|press|use|brak)\\w*|brak(?:e|ing) or not|whether .*brak(?:e|ing)|(?<!only )(?:without brak(?:es?|ing)|(?:when |while )?coasting)';
const ALWAYS = 'all the time|constant(?:ly)?|permanent(?:ly)?';

/** What is heard and smelt, and when it is there. */
export const NOISE_WORDS: readonly Rule[] = [
  yes(
    'smell_or_smoke',
    rx(
      'smell(?:s|ed|ing|y)?|stink(?:s|ing|y)?|stank|smok(?:e|es|ed|ing|y)',
      'burn(?:s|t|ing) (?:smell|brakes?|pads?)|smelt',
      '(?:brakes?|caliper|wheel) (?:was |were |are |is )?(?:caught |on )fire|flames',
    ),
    rx(
      'paint|petrol|fuel|perfume|coolant|damp|mould|exhaust|fluid smells?|smells? (?:of|like) (?:brake )?fluid',
    ),
  ),
  yes(
    'noise_hiss',
    near(
      'hiss(?:es|ing)?(?: (?:sound|noise))?|whistl(?:e|es|ing)(?=.*(?:booster|servo))|whoosh(?:es|ing)?|air (?:escap(?:es|ing)|leak(?:s|ing)?|rush(?:es|ing)?)|hear(?:s|ing)? (?:the |some )?air',
      `pedal|(?:when|each time|every time) (?:i |you )?(?:press|brake|push|hold)(?:ing)?|foot|footwell|booster|servo|(?:under|behind) the dash(?:board)?`,
      5,
    ),
    rx('hot|wet|rotor|disc|cooling'),
  ),
  says(
    'noise_hiss',
    'yes',
    rx(
      "^(?:and )?(?:there is |there's |i (?:can )?hear |with )?(?:a |some )?hiss(?:ing)?(?: sound| noise)?$",
    ),
  ),
  // What sounds over bumps is loose.
  says('noise_rattle', 'yes', near('nois(?:e|es|y)', BUMPY, 5), rx(`rumble strips?|${SQUEAL}|${GRIND}`)),
  yes(
    'noise_squeal',
    rx(
      SQUEAL,
      'nois(?:e|es) like (?:a )?(?:goose|pig|whistle|trumpet|seagull|(?:train|tram|bus) braking)',
      'high ?pitch(?:ed)?',
    ),
    rx(
      'tyres?|belt|diff|gear\\w*|bearings?|turbo|suspension|bush(?:es)?|whistl\\w+ (?:\\w+ ){0,3}(?:booster|servo)',
    ),
  ),
  yes(
    'noise_grind',
    rx(
      GRIND,
      'rubb?(?:ing|s) (?:noise|sound)|hear (?:something |it )?(?:is )?rubbing|something(?:.s| is) rubbing (?=.*turn)|ground like',
      '(?:metal|iron|steel) (?:on|to|against) (?:metal|iron|steel)|nois(?:e|es) (?:\\w+ ){0,3}like (?:iron|metal|a grinder)|metallic(?! (?:rattl|knock|click|clunk|clonk|tick|ping)\\w*)|like sandpaper|(?<!fluid .*)gritty',
    ),
    rx('bearings? (?:\\w+ ){0,2}rumbl(?:es|ing)|rumble strips?'),
  ),
  yes(
    'noise_rattle',
    rx(
      KNOCK,
      'tapp?(?:s|ing) (?:noise|sound)|(?<!pedal )thumps? (?:when|as|whenever|(?:from .*)?with (?:each|every))',
      'like (?:a )?(?:stones?|marbles|nuts|bolts?) in a|bang(?:s|ing)|(?:loud|big|almighty) (?:bang|thump)',
    ),
    rx(
      'dash(?:board)? (?:rattles?|creaks?|buzz(?:es)?)|in the (?:boot|glove ?box|door)|from the (?:boot|dash(?:board)?|glove ?box|door)|(?:rattle|windy|impact) gun|anti ?rattle|knock(?:ed|s)? (?:back|off)|knock-?back|engine|exhaust|clicks on the',
      '(?:one|a|each|first) clicks?$|(?:one|a) click (?!when|as|from|at|in)',
      '(?:two|three|four|five|six|seven|eight|couple of|few) clicks|pedal creaks',
      'creak\\w* (?:\\w+ ){0,3}(?:pedal|dash|seat)|clicks? (?:forward|forwards|back|more|less|to the)',
      'up and down',
      MANY_CLICKS,
    ),
  ),
  says(
    'noise_when',
    'off_brake',
    rx(
      STOPS_AT_A_FOOT,
      `(?:${NOISE}) ${upTo(3)}${NO_FOOT}`,
      `(?:when|as|once|if) ${FOOT_ON} (?:\\w+ )?(?:it |the \\w+ |this )?(?:${GOES})`,
      'brak(?:e|es|ing) (?:stops|cures|kills|silences|quiets) it|brak(?:e|es|ing) makes it (?:go away|stop|quiet|disappear)',
    ),
    rx(SHAKE, UNKNOWN),
  ),
  says('noise_when', 'turning', heard(STEERED), rx('by hand', 'spin(?:s|ning)?')),
  says('noise_when', 'turning', rx(`^(?:more|louder|mostly|mainly) (?:${STEERED})`)),
  says('noise_when', 'bumps', heard(BUMPY), rx('rumble strips?')),
  says('noise_when', 'rolling', heard(TURNS_WITH), rx(SHAKE, UNKNOWN, 'by hand', STOPS_AT_A_FOOT)),
  says('noise_when', 'rolling', near(`${GRIND}|${KNOCK}`, ALWAYS, 7), rx(SHAKE, STOPS_AT_A_FOOT)),
  says(
    'noise_when',
    'braking',
    rx(
      "^(?:and )?(?:it )?(?:gone|goes|stops|goes away|quiet|silent) (?:when|once|as soon as|if) (?:(?:i|it is|it's|the pedal is) )?(?:release[ds]?|let(?:ting)? go|lift(?: off)?|off the (?:pedal|brakes?))",
    ),
  ),
  says(
    'noise_when',
    'braking',
    heard('only (?:when|under|on|while|if|as) (?:(?:i|you|we) )?(?:(?:the )?brak(?:e|es|ing)|press(?:ing)?)'),
  ),
];
