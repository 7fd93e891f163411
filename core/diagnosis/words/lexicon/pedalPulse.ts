import { FELT_IN_PEDAL, near, type Rule, rx, says, upTo, yes } from './rule';

const ABS_ACTS =
  '(?:abs|anti ?lock)(?: system| pump| motor)? (?:\\w+ )?(?:runs?|comes?|coming|came|go(?:es|ing) off|kicks?|kicking|cuts?|cutting|triggers?|triggering|activates?|activating|acts|works?|chatters?|fires|engages|pulses?|buzz(?:es)?|grinds|jumps?|goes (?:crazy|mad|off))';
const FOR_NOTHING =
  'by itself|on its own|(?:over|on) (?:the )?bumps|without (?:a |any )?reason|(?:walking|crawling|parking) (?:pace|speeds?)|(?:very )?low speeds?|crawl(?:ing)?|for no reason|for nothing|(?:on|in) (?:a |the )?dry(?: road)?|(?:just )?before (?:(?:it|i|we|the car) )?(?:a )?(?:stops?|stopping|standstill)|(?:coming|rolling|roll|come) to (?:a )?(?:stop|halt|standstill)|last (?:few )?(?:metres?|meters?|feet|yards?|m)|(?:gentle|light|normal|ordinary|slow) (?:stops?|braking)|barely (?:touch(?:ing)?|press(?:ing)?)|(?:at|below|under) (?:[1-9]|1\\d|five|ten) (?:km/?h|kph|mph|k)|(?:far |much )?too (?:early|easily|soon)';
const ABS_FOR_NOTHING = near(ABS_ACTS, FOR_NOTHING, 6);
/** Early at one end is the balance. */
const ABS_ELSE = rx(
  '(?:light|lamp|warning)(?! (?:is |was |does |stays )?(?:not|off))',
  'early (?:at|on) (?:the )?(?:front|rear|back)s?',
);

/** When the pedal pulses. */
export const PEDAL_PULSE_WORDS: readonly Rule[] = [
  yes(
    'pedal_pulses',
    near(
      'pedal',
      'puls(?:e|es|ing|ates?|ating)|massag(?:es|ed|ing)|throb(?:s|bing)?|kick(?:s|ing)?(?: ?back)?|flutter(?:s|ing)?|pump(?:s|ing) (?:under|back)|thump(?:s|ing)?|hammer(?:s|ing)|bounc(?:es|ing) (?:up and down|back)',
      4,
    ),
  ),
  yes(
    'pedal_pulses',
    near(
      'vibrat(?:es|ing|ion)|shak(?:es|ing)|judder(?:s|ing)?|trembl(?:es|ing)',
      '(?:my|the) foot(?! (?:is )?off)|underfoot',
      4,
    ),
  ),
  yes('pedal_pulses', near('pedal', 'vibrates?|vibrating|shakes|shaking|judders|shudders|trembles', 0)),
  yes('pedal_pulses', rx(FELT_IN_PEDAL, 'pedal (?:vibration|pulsation|judder|shudder)')),
  yes('pedal_pulses', rx('pedal (?:[\\w]+ )?(?:up and down)|tapping (?:the pedal|my foot)')),
  yes(
    'pedal_pulses',
    rx(
      '(?:slow|fast|steady|gentle) pulse|pulsing|pulsat(?:es?|ing|ion)|it pulse[sd]|(?:brakes?|abs) pulses?',
    ),
    rx('(?:in|through) the (?:seat|floor)'),
  ),
  yes(
    'pedal_pulses',
    rx('pedal (?:\\w+ )?(?:vibrat(?:es|ing|ed)|buzz(?:es|ing))'),
    rx('(?<!like )(?<!like the )abs(?! (?:light|lamp|warning))'),
  ),
  yes('pedal_pulses', ABS_FOR_NOTHING, ABS_ELSE),
  says('pulse_when', 'for_nothing', ABS_FOR_NOTHING, ABS_ELSE),
  says(
    'pulse_when',
    'with_wheel',
    near(
      'puls(?:e|es|ing|ates?|ation|ating)|(?<=pedal.*)(?:vibrat(?:es|ing|ion)|kicks?|taps?|shakes?)|(?:vibrat(?:es|ing|ion)|kicks?|taps?|shakes?)(?=.*pedal)',
      'slows? (?:down )?(?:as|with) (?:the )?(?:car|speed)(?: slows)?|(?:(?:in time )?with|at|once (?:a|per|every)|every|each|per) (?:each |every |the )?(?:wheel(?: turn| rev| speed| rotation|s)?|turn of the wheel|rotation|road speed)',
      6,
    ),
  ),
  says('pulse_when', 'with_wheel', rx('^(?:it )?slows (?:down )?(?:with|as) the (?:car|speed)(?: slows)?$')),
  says(
    'pulse_when',
    'at_limit',
    near(
      'puls(?:e|es|ing|ates?)|kicks?(?: back)?|buzz(?:es)?|(?<=pedal )vibrates',
      'on (?:the )?(?:gravel|ice|snow|leaves|grass)|only (?:in|under|during|on|with) (?:an? )?(?:emergency|panic|full|very hard|wet|ice|icy|snow|gravel)',
      4,
    ),
  ),
  says(
    'pulse_only_in_abs',
    'yes',
    near(
      'puls(?:e|es|ing|ates?)|vibrat(?:es|ing|ion)|buzz(?:es|ing)|kicks?|shakes?|judders?',
      `only (?:when|if|in|with|under|while) ${upTo(3)}(?:abs|anti ?lock)|(?:in|with|under|during) (?:the )?abs only`,
      4,
    ),
  ),
];
