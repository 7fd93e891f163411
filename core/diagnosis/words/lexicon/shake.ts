import { COAST, NOT, near, type Rule, rx, says, upTo, yes } from './rule';

const SHAKE =
  'shak(?:e|es|ing|y)|shook|judder(?:s|ing|y|ed)?|vibrat(?:e|es|ed|ing|ion|ions)|wobbl(?:e|es|ing)|shudder(?:s|ing)?|shimm(?:y|ies)|tremor|trembl(?:e|es|ing)|jiggl(?:e|es|ing)|buzz(?:es|ing)? (?:in|through)';
/** Told of what is heard, not of what is felt. */
const NOISE = '(?:click|knock|clunk|clonk|tick|squeak|creak|scrap|rub|rattl|bang)\\w*';
const SEAT = 'backside|bum|butt|seat|pants|hips';
const feltIn = (where: string) => `(?:feel|felt|feels) (?:it )?(?:in|through) (?:my |the )?(?:${where})`;
const LAMP =
  'warning(?: light| lamp)?|lamps?|light (?:is |has |came |come |comes |stays )*(?:on|lit|up)|light on the dash|light flickers?';
/** The lamp of the wire in the lining. */
const PAD_WEAR = '(?:brake )?(?:pads?|linings?)(?: wear| low| sensor)?|wear (?:sensor|indicator|light|lamp)';
/** Denied of one place, said of another: "the wheel doesn't shake, only the seat does". */
const ONLY_IN_THE_SEAT = `(?:${NOT}) (?:${SHAKE}) only (?:the|my) (?:seat|floor)(?: does| is)?$`;
/** There without the brake, and gone with it. */
const STOPS_AS_ONE_BRAKES =
  '(?:goes|went) away (?:when|as soon as|once|if) (?:i |you |we )?(?:brake|press)(?! (?:any )?hard)';
const COASTS = rx(`(?:${SHAKE}) ${upTo(4)}${STOPS_AS_ONE_BRAKES}`);
const TURN = '(?:per|a|every|each) (?:wheel )?(?:turn|rev|revolution|rotation)';

/** Shake and lamp. */
export const SHAKE_WORDS: readonly Rule[] = [
  yes(
    'vibration_braking',
    rx(SHAKE),
    new RegExp(
      `\\b(?:${ONLY_IN_THE_SEAT}|${COAST}|off the brake|shake(?:s|n)? hands|${STOPS_AS_ONE_BRAKES}|clutch|gearbox|(?:hub|disc|rotor) wobbles?|pedal (?:shakes|shaking|vibrates|vibrating|wobbles)|(?:i|you|we) (?:rock|spin|turn|rotate) (?:it|the (?:wheel|disc|rotor))|jack(?:ed)?|only in (?:the |my )?pedal|spinning|spun|wobbles? of \\d|top (?:and|to) (?:the )?bottom|(?:12|twelve) (?:o'clock )?and (?:6|six))\\b`,
    ),
  ),
  says('vibration_braking', 'yes', near('discs?|rotors?', 'warp(?:s|ed|ing)?', 3)),
  says('vibration_braking', 'yes', rx(ONLY_IN_THE_SEAT)),
  says('shake_where', 'seat', rx(ONLY_IN_THE_SEAT)),
  says('vibration_braking', 'yes', near(SHAKE, 'and (?:when |while |under )?(?:the )?brak(?:es?|ing)', 8)),
  says(
    'vibration_braking',
    'yes',
    rx(
      `like (?:i'm |we're )?(?:driving |riding |going |braking )?(?:over |on )?(?:a |the )?(?:cattle grids?|rumble strips?|washboard|cobbles|cobble ?stones|(?:cobbled|gravel) roads?|corrugations|ripples)`,
    ),
    rx(`${COAST}|${NOISE}`),
  ),
  says(
    'vibration_braking',
    'yes',
    rx(
      feltIn(`${SEAT}|steering wheel|hands|fingers`),
      '(?:rhythmic(?:al)?|regular) thump(?:s|ing)?|like a washing machine|(?:brakes?|braking) (?:is |are |feels? )?(?:very |a bit |really )?(?:lumpy|notchy)',
      '(?:steering )?wheel flutters|steering wheel (?:jumps|kicks)|steering (?:jumps|kicks)(?=.* brak)',
      '(?:pulsation|pulsing|pulses) (?:\\w+ ){0,5}?(?:and|in) (?:the )?(?:steering(?: wheel)?|seat|floor)',
    ),
    new RegExp(`\\b(?:${COAST})\\b|pull|drag|heat`),
  ),
  yes('vibration_coasting', near(SHAKE, `${COAST}|off the brake`, 10)),
  says('vibration_coasting', 'yes', COASTS),
  says('vibration_braking', 'no', COASTS),
  says('vibration_coasting', 'no', near(SHAKE, `only (?:when|while|under|as|if) ${upTo(1)}brak(?:e|ing)`, 8)),
  says(
    'shake_where',
    'wheel',
    near(
      SHAKE,
      'steering wheel|steering|(?:in|through) (?:my|me|the) (?:hands|fingers)|(?:the )?wheel rim|through the wheel|(?:and|in|at) the wheel',
      7,
    ),
    rx('seat|floor'),
  ),
  says(
    'shake_where',
    'wheel',
    rx(
      '^(?:the )?steering(?: wheel)?(?: only)?$',
      "^(?:it is |it's |mostly |all |only )+(?:in|through) the (?:steering wheel|wheel|steering)",
      '(?:you|i|we) (?:can )?(?:only |just |mostly )?feel it (?:only |just |mostly )?(?:in|through) the (?:steering wheel|wheel|steering|rim)',
      '(?:steering )?wheel flutters|steering wheel (?:jumps|kicks)|steering (?:jumps|kicks)(?=.* brak)',
    ),
  ),
  says('shake_where', 'all_over', near(SHAKE, '(?:whole|entire) car|all over', 5)),
  says('shake_where', 'seat', near(`${SHAKE}|puls(?:es|ing|ation)`, 'seat|backside|floor', 5)),
  says(
    'shake_where',
    'seat',
    near(SHAKE, '(?:back|rear) (?:end|axle|of the car)|(?:at|in|from) the (?:back|rear)|from behind', 4),
    rx('steering wheel'),
  ),
  says('shake_where', 'seat', rx(feltIn(SEAT)), rx(COAST)),
  says(
    'shake_where',
    'seat',
    rx("^(?:it is |it's |mostly |all |only )+(?:in|through) the (?:pedal and (?:the )?)?(?:seat|floor)"),
  ),
  says('judder_order', 'first', rx(`once ${TURN}`), rx(NOISE, 'by hand', 'spin')),
  says(
    'judder_order',
    'first',
    rx('(?:1st|first) order', `(?:${SHAKE}) (?:at (?:the )?)?same (?:speed|rate|rhythm) as the wheels?`),
  ),
  says('judder_order', 'second_or_more', rx('(?:2nd|second|3rd|third) order')),
  says('judder_order', 'second_or_more', rx(`(?:twice|(?:two|three|four|several|many) times) ${TURN}`)),
  says(
    'warning_light',
    'none',
    rx('no (?:warning )?(?:lights?|lamps?)(?: (?:on|in) the dash(?:board)?)?$|no warning (?:lights?|lamps?)'),
  ),
  says(
    'warning_light',
    'abs',
    near('abs', 'lights?|lamps?|warning|fault(?! codes?)', 3),
    // The car is light there, no lamp.
    rx('(?:gets|goes|becomes|feels|rear|back|end) (?:\\w+ )?light(?! (?:is|came|comes|on|stays))'),
  ),
  says('warning_light', 'abs', rx('abs (?:\\w+ ){1,5}(?:light|lamp) (?:is |stays |came |went )on')),
  says(
    'warning_light',
    'brake',
    near('brake|handbrake|red|exclamation(?: mark)?|fluid|level(?: sensor)?', LAMP, 3),
    rx(
      `(?:light|lamp)s? (?:is |are |was )?off|coolant|water|washer|abs|brake lights? (?:don|do|not|fail)|at (?:a|the) red light|${PAD_WEAR}`,
    ),
  ),
  says(
    'warning_light',
    'brake',
    rx(
      'abs (?:(?:light|lamp) )?(?:and|plus|with) (?:the )?(?:hand ?brake|brake|red) (?:warning )?(?:lights?|lamps?|warning)',
      '(?:hand ?brake|brake|red) (?:(?:warning )?(?:light|lamp) )?(?:and|plus|with) (?:the )?abs (?:lights?|lamps?|warning)',
    ),
  ),
  says('warning_light', 'pad_wear', near(PAD_WEAR, LAMP, 3)),
  says(
    'warning_light',
    'pad_wear',
    rx(
      '(?:brake )?wear (?:light|lamp) (?:on|in) the dash',
      'wear (?:indicator|sensor|warning) (?:has |just )?(?:came|come|comes|is|stays|went) (?:on|up|lit)',
    ),
  ),
  says(
    'warning_light',
    'brake',
    rx(
      "(?:warning|red) (?:light|lamp)(?: [\\w']+){0,2}? (?:on|lit|up|flicker(?:s|ing)?)",
      '(?:fluid |level |low |sensor )*(?:fluid|level) (?:level |low |sensor )*(?:light|lamp|warning)|warning (?:light|lamp)|exclamation mark',
      '^(?:the |a )?(?:lamp|light|warning) (?:is |was |came |comes |stays )?(?:still )?on$',
    ),
    rx(`abs|at (?:a|the) red light|${PAD_WEAR}`),
  ),
];
