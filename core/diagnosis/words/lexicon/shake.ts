import { COAST, MANY_CLICKS, near, type Rule, rx, says, yes } from './rule';

const SHAKE =
  'shak(?:e|es|ing|y)|shook|judder(?:s|ing|y|ed)?|vibrat(?:e|es|ed|ing|ion|ions)|wobbl(?:e|es|ing)|shudder(?:s|ing)?|shimm(?:y|ies)|tremor|trembl(?:e|es|ing)|jiggl(?:e|es|ing)|buzz(?:es|ing)? (?:in|through)';
/** Told of what is heard, not of what is felt. */
const NOISE = '(?:click|knock|clunk|clonk|tick|squeak|creak|scrap|rub|rattl|bang)\\w*';
const SEAT = 'backside|bum|butt|seat|pants|hips';
const feltIn = (where: string) => `(?:feel|felt|feels) (?:it )?(?:in|through) (?:my |the )?(?:${where})`;
const TURN = '(?:per|a|every|each) (?:wheel )?(?:turn|rev|revolution|rotation)';

/** Shake, noise, smell and lamp. */
export const SHAKE_WORDS: readonly Rule[] = [
  yes(
    'vibration_braking',
    rx(SHAKE),
    new RegExp(
      `\\b(?:${COAST}|off the brake|shake(?:s|n)? hands|clutch|gearbox|pedal (?:shakes|shaking|vibrates|vibrating)|(?:i|you|we) (?:rock|spin|turn|rotate) (?:it|the (?:wheel|disc|rotor))|spinning|spun|(?:12|twelve) (?:o'clock )?and (?:6|six))\\b`,
    ),
  ),
  says('vibration_braking', 'yes', near('discs?|rotors?', 'warped', 3)),
  says('vibration_braking', 'yes', near(SHAKE, 'and (?:when |while |under )?(?:the )?brak(?:es?|ing)', 8)),
  says(
    'vibration_braking',
    'yes',
    rx(
      `like (?:i'm |we're )?(?:driving |riding |going |braking )?(?:over |on )?(?:a |the )?(?:cattle grids?|rumble strips?|washboard|cobbles|corrugations|ripples)`,
    ),
    rx(`${COAST}|${NOISE}`),
  ),
  says(
    'vibration_braking',
    'yes',
    rx(feltIn(`${SEAT}|steering wheel|hands|fingers`), 'like a washing machine'),
    new RegExp(`\\b(?:${COAST})\\b|pull|drag|heat`),
  ),
  yes('vibration_coasting', near(SHAKE, `${COAST}|off the brake`, 10)),
  says(
    'shake_where',
    'wheel',
    near(
      SHAKE,
      'steering wheel|steering|(?:in|through) (?:my|the) (?:hands|fingers)|(?:the )?wheel rim|through the wheel|(?:and|in|at) the wheel',
      7,
    ),
    rx('seat|floor'),
  ),
  says(
    'shake_where',
    'wheel',
    rx("^(?:it is |it's |mostly |all |only )+(?:in|through) the (?:steering wheel|wheel|steering)"),
  ),
  says('shake_where', 'seat', near(SHAKE, 'seat|backside|floor|whole car', 5)),
  says(
    'shake_where',
    'seat',
    near(SHAKE, '(?:back|rear) (?:end|axle|of the car)|(?:at|in|from) the (?:back|rear)|from behind', 4),
    rx('steering wheel'),
  ),
  says('shake_where', 'seat', rx(feltIn(SEAT)), rx(COAST)),
  says('judder_order', 'first', rx(`once ${TURN}`), rx(NOISE)),
  says('judder_order', 'first', rx('(?:1st|first) order')),
  says('judder_order', 'second_or_more', rx('(?:2nd|second|3rd|third) order')),
  says('judder_order', 'second_or_more', rx(`(?:twice|(?:two|three|four|several|many) times) ${TURN}`)),
  yes(
    'smell_or_smoke',
    rx(
      'smell(?:s|ed|ing|y)?|stink(?:s|ing|y)?|stank|smok(?:e|es|ed|ing|y)',
      'burn(?:s|t|ing) (?:smell|brakes?|pads?)|smelt|(?:brakes?|caliper|wheel) (?:was |were |are |is )?(?:caught |on )fire|flames',
    ),
    rx('paint|petrol|fuel|perfume|coolant|damp|mould|exhaust'),
  ),
  yes(
    'noise_hiss',
    near(
      'hiss(?:es|ing)?(?: (?:sound|noise))?|whoosh(?:es|ing)?|air (?:escap(?:es|ing)|leak(?:s|ing)?|rush(?:es|ing)?)',
      `pedal|when (?:i |you )?(?:press|brake|push)(?:ing)?|foot|booster|servo|under the dash`,
      5,
    ),
    rx('hot|wet|rotor|disc|cooling'),
  ),
  yes(
    'noise_squeal',
    rx(
      'squeal(?:s|ed|ing|y)?|squeak(?:s|ed|ing|y)?|screech(?:es|ed|ing|y)?|scream(?:s|ed|ing)?|squawk(?:s|ed|ing)?|sing(?:s|ing)',
      'nois(?:e|es) like (?:a )?(?:goose|pig|whistle|trumpet|seagull|(?:train|tram|bus) braking)',
      'whin(?:e|es|ing)|whistl(?:e|es|ing)|howl(?:s|ing)?|chirp(?:s|ing)?|high ?pitch(?:ed)?',
    ),
    rx('tyres?|belt|diff|gear\\w*|bearings?|turbo|suspension|bush(?:es)?'),
  ),
  yes(
    'noise_grind',
    rx(
      'grind(?:s|ing|y)?|ground like|(?:metal|iron|steel) (?:on|to|against) (?:metal|iron|steel)|metallic|scrap(?:e|es|ing)',
      'groan(?:s|ing)?|moan(?:s|ing)?|grat(?:e|es|ing)|graunch(?:es|ing)?|crunch(?:es|ing|y)?|growl(?:s|ing)?',
      'grumbl(?:e|es|ing)|like sandpaper|gritty|scratch(?:ing|y)',
    ),
  ),
  yes(
    'noise_rattle',
    rx(
      'rattl(?:e|es|ed|ing)|clunk(?:s|ed|ing|y)?|knock(?:s|ed|ing)?|clack(?:s|ing)?',
      'clonk(?:s|ing)?|click(?:s|ed|ing)?|clatter(?:s|ing)?|thunk(?:s|ing)?|thud(?:s|ding)?',
      'tick(?:s|ing)(?: noise| sound)?|tapp?(?:s|ing) (?:noise|sound)',
      'like (?:a )?(?:stones?|marbles|nuts|bolts?) in a|bang(?:s|ing)|(?:loud|big|almighty) (?:bang|thump)',
    ),
    rx(
      'knock(?:ed|s)? (?:back|off)|knock-?back|engine|exhaust|clicks on the|(?:one|a|each|first) clicks?$|(?:one|a) click (?!when|as|from|at|in)|(?:two|three|four|five|six|seven|eight) clicks|clicks? (?:forward|forwards|back|more|less|to the)|up and down',
      MANY_CLICKS,
    ),
  ),
  says('warning_light', 'none', rx('no warning (?:lights?|lamps?)')),
  says('warning_light', 'abs', near('abs', 'lights?|lamps?|warning|fault(?! codes?)', 3)),
  says(
    'warning_light',
    'brake',
    near(
      'brake|handbrake|pads?(?: wear| low)?|red|exclamation(?: mark)?|fluid|level(?: sensor)?',
      'warning(?: light| lamp)?|lamps?|light (?:is |has |came |come |comes |stays )*(?:on|lit|up)|light on the dash|light flickers?',
      3,
    ),
    rx('coolant|water|washer|abs|brake lights? (?:don|do|not|fail)|at (?:a|the) red light'),
  ),
  says(
    'warning_light',
    'brake',
    rx(
      "(?:warning|red) (?:light|lamp)(?: [\\w']+){0,2}? (?:on|lit|up|flicker(?:s|ing)?)",
      'warning (?:light|lamp)|exclamation mark|^(?:the |a )?(?:lamp|warning) (?:is |was |came |comes |stays )?on$',
    ),
    rx('abs|at (?:a|the) red light'),
  ),
];
