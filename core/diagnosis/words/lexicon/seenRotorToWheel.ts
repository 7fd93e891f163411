import { found, HIGH, near, PADS, ROTOR, type Rule, rx, says, upTo } from './rule';

const JOINT =
  'ball ?joints?|bush(?:es|ings?)?|steering rack|track rods?(?: ends?)?|tie rods?(?: ends?)?|wishbones?';
const SHIELD = '(?:dust|splash|backing|brake) (?:shield|plate)|shield';
/** Of the heat, not through the disc. */
const FINE_CRACKS = `(?:hairline|surface|fine|small|tiny|spider|little) ${upTo(1)}cracks?`;
/** Said of a wheel that is held and rocked. */
const MOVES = 'rocks?|rocking|plays?|moves|movement|wobbles?|clunks?';
const DUCT = '(?:brake )?ducts?|ducting|air hoses?|cooling (?:hoses?|pipes?)|air scoops?';

/** What somebody has seen or measured of rotor, hub, wheel and the air to them. */
export const SEEN_ROTOR_TO_WHEEL: readonly Rule[] = [
  says('rotor_surface', 'cracked', near(ROTOR, 'crack(?:s|ed)?', 8), rx('heat cracks?|craz', FINE_CRACKS)),
  // At an edge or a hole it goes on growing.
  says(
    'rotor_surface',
    'cracked',
    near('cracks?|cracked', '(?:drill(?:ed|ing)? |vent )?holes?|edge', 4),
    rx('pads?', 'wheel|rim|hose|boot'),
  ),
  found(
    'rotor_surface',
    'grooves',
    near(
      ROTOR,
      'groov(?:es|ed)|scored|scoring|ridges|deep (?:lines|rings)|like an? (?:old )?(?:record|lp)',
      8,
    ),
    'smooth',
  ),
  says(
    'rotor_surface',
    'grooves',
    rx(
      '^(?:with )?(?:deep|big|heavy) (?:grooves|scores|scoring|ridges)|^(?:pitted (?:or|and) )?(?:badly |deeply )?(?:scored|grooved)',
      `grooves? ${upTo(4)}(?:catch|feel|hook)\\w* ${upTo(3)}(?:finger ?)?nail`,
    ),
    rx('tyres?|drums?|pads?'),
  ),
  found(
    'rotor_surface',
    'rusted',
    near(`${ROTOR}|rears|fronts`, 'rust(?:y|ed)?|corroded|pitted|brown', 4),
    'smooth',
    // A lip at the edge is wear, and a hat rusts.
    rx(
      'brown patch(?:es|y)|rust (?:behind|under|between)|replaced|changed|because|lips?|ridges?|edges?|hats?|bells?|vanes|hubs?|flanges?',
    ),
  ),
  says(
    'rotor_surface',
    'deposits',
    near(
      ROTOR,
      'deposits|pad (?:prints?|material|compound)|patch(?:es|y)?|blotch(?:es|y)|(?:black|dark|grey) (?:spots|marks)|smear(?:s|ed)?|(?:hot|heat) ?spot(?:s|ted)?|transfer marks|imprint(?:s|ed)?|shape of the pad',
      5,
    ),
    rx('blu(?:e|ed|ish)|purple|rust(?:y|ed)? patch(?:es|y)'),
  ),
  says(
    'rotor_surface',
    'deposits',
    rx('(?:uneven|patchy) (?:pad )?(?:deposits|transfer)|pad (?:deposits|imprints?|transfer)'),
  ),
  says(
    'rotor_surface',
    'rusted',
    rx('(?:inner|outer|inside|back) face (?:is |was )?(?:\\w+ )?(?:rusty|rusted)'),
  ),
  says('rotor_surface', 'heat_checked', rx('heat ?(?:checked|checks|cracks|crazed)|crazed|crazing')),
  says('rotor_surface', 'heat_checked', near(FINE_CRACKS, `${ROTOR}|face`, 7), rx('to the (?:very )?edge')),
  found(
    'rotor_thickness',
    'below_minimum',
    rx(
      `(?:${ROTOR}) ${upTo(7)}(?:under|below|past|less than|beyond) (?:the )?(?:(?:wear )?limit|min(?:imum)?(?: thickness)?|stamp(?:ed figure)?)`,
    ),
    'ok',
  ),
  says('rotor_thickness', 'below_minimum', rx(`(?:${ROTOR}) (?:are |is |were )?too thin`)),
  says('rotor_thickness', 'near_minimum', rx(`(?:${ROTOR}) (?:wear )?limit (?:is |was )?reached`)),
  says(
    'rotor_thickness',
    'near_minimum',
    rx(
      `(?:${ROTOR}) (?:are |is )?(?:at|near|close to|almost at|just above) (?:the )?min(?:imum)?(?: thickness)?`,
    ),
  ),
  found('rotor_runout', 'high', near('run ?out', HIGH, 3), 'ok', rx('hub')),
  // Named and nothing else: that it is there.
  says('rotor_runout', 'high', rx(`^(?:brake )?(?:${ROTOR}) run ?out$`)),
  says('hub_runout', 'high', rx('^(?:the )?hub(?: face)? (?:run ?out|wobbles?)$')),
  says('rotor_dtv', 'high', rx(`^(?:(?:brake )?(?:${ROTOR}) )?(?:thickness (?:variation|varies)|dtv)$`)),
  says('rotor_surface', 'deposits', rx('^pad (?:deposits|transfer|prints?)')),
  says(
    'rotor_runout',
    'high',
    rx(
      `(?:${ROTOR}) ${upTo(4)}wobbl\\w* ${upTo(2)}(?:i|you|we) (?:spin|turn|rotate)`,
      `(?:${ROTOR}) (?:have|has|had|got) (?:some |too much |a lot of )?run ?out|^(?:the |one )?(?:${ROTOR}) wobbles?$`,
      `(?:${ROTOR}|wheel|pads?) (?:drags?|rubs?|catch(?:es)?|is tight|gets tight) (?:at|in|on) (?:only )?one (?:spot|place|point)`,
      `pads? ${upTo(1)}(?:hit|touch|rub|catch)(?:es|s)? the (?:${ROTOR}) once (?:a|per|every) turn`,
    ),
  ),
  found('hub_runout', 'high', near(`hub(?: face)? ${upTo(2)}run ?out`, HIGH, 4), 'ok'),
  says('hub_runout', 'high', rx('hub(?: face| flange)? (?:is |was )?(?:bent|out of true)')),
  found('rotor_dtv', 'high', near('dtv|thickness variation', HIGH, 3), 'ok'),
  found(
    'rotor_float',
    'bound',
    near(
      'bobbins?|floating (?:disc|rotor)s?|float|drive pins?',
      `seized|bound|stuck|(?:won't|will not|does not|doesn't) (?:move|float)`,
      3,
    ),
    'free',
  ),
  found(
    'tyres',
    'fault',
    rx(
      `flat ?spots? ${upTo(2)}(?:on|in) ${upTo(4)}tyres?|flat ?spotted tyres?`,
      `tyres? ${upTo(3)}(?:flat ?spot\\w*|out of (?:round|balance)|cords? (?:is |are )?showing|egg ?shaped|bulg\\w*|cupped)`,
      `tyre pressures? ${upTo(2)}(?:low|uneven|different|wrong|down)`,
      '(?:low|uneven|different|wrong) tyre pressures?|tyres? (?:is |are )?(?:low|flat|soft) on one side',
      `bulges? ${upTo(3)}tyres?|wheels? ${upTo(2)}out of balance`,
      `(?:lost|missing|thrown) ${upTo(2)}(?:wheel |balance )weights?`,
    ),
    'ok',
  ),
  found(
    'bearing_play',
    'excess',
    near(
      '(?:wheel )?bearings?|hub',
      'play|loose|slack|worn|shot|rumbl(?:es|ing)|lost (?:its )?preload|preload (?:is |was )?(?:lost|gone)',
      4,
    ),
    'ok',
  ),
  says('hub_flex', 'moves', near('uprights?|knuckles?|hub carriers?', 'flex(?:es|ing)?|bend(?:s|ing)?', 3)),
  says(
    'bearing_play',
    'excess',
    rx(
      `(?:play|movement|slack) (?:in|at) (?:the |my )?${upTo(2)}wheel(?! (?:cylinder|nut|stud|sensor)s?)`,
      `wheel has ${upTo(3)}play`,
      'play at (?:(?:12|twelve|6|six) (?:o.clock)?)',
    ),
    rx('steering wheel|pedal'),
  ),
  says('bearing_play', 'excess', rx('wheel wobbles (?:when|once|on|with) (?:\\w+ ){0,3}?jack(?:ed)?')),
  // Held at the top and the bottom it is the bearing, at the sides a joint (common practice).
  found(
    'bearing_play',
    'excess',
    rx(
      `(?:${MOVES}) ${upTo(6)}(?:(?:12|twelve) (?:o'clock )?and (?:6|six)|(?:6|six) and (?:12|twelve)|(?:at the )?top (?:and|to) (?:the )?bottom)`,
    ),
    'ok',
  ),
  found(
    'suspension_joints',
    'play',
    rx(`(?:${MOVES}) ${upTo(3)}(?:9|nine|3|three|quarter to) (?:o'clock )?and (?:9|nine|3|three)`),
    'tight',
  ),
  found(
    'suspension_joints',
    'play',
    near(JOINT, 'play|worn|loose|slack|split|torn|knackered|shot|gone', 4),
    'tight',
    rx('pedal'),
  ),
  found(
    'wheel_nuts',
    'loose',
    near(
      '(?:wheel|lug) (?:nuts?|bolts?)|nuts|wheel',
      'loose|finger tight|undone|not (?:\\w+ )?(?:tight(?:ened)?|done up|torqued)|came off|missing|(?:took|needed|wanted|turned) (?:another |a )?(?:half|quarter|full|whole)',
      2,
    ),
    'tight',
    rx('bearings?|hub'),
  ),
  says(
    'wheel_nuts',
    'stud_damaged',
    near('studs?', 'snapped|stretched|broken|sheared|stripped|damaged|bent|missing', 3),
  ),
  found(
    'shield_look',
    'touches',
    near(SHIELD, 'touch(?:es|ing)?|rub(?:s|bing)|bent|scrap(?:es|ing)|catch(?:es|ing)', 3),
    'clear',
    rx('heat shield|exhaust|pads?'),
  ),
  says('shield_look', 'stone', near(SHIELD, 'stone|pebble|gravel', 6)),
  says('shield_look', 'stone', rx('^(?:it )?(?:was|is) (?:just |only )?a (?:stone|pebble)$')),
  says('rotor_shape', 'wave', near(ROTOR, 'wavy|a wave|waves', 3)),
  says('rotor_surface', 'streaks', near(ROTOR, 'streak(?:s|ed|y)?|strip(?:es|ed|y)', 4)),
  says(
    'rotor_float',
    'hammered',
    near(
      'bobbins?|float(?:ing)? pins?|floating (?:disc|rotor)s?|(?:rotor|disc) ring',
      'hammered|worn|loose|sloppy',
      3,
    ),
  ),
  says(
    'wheel_mounting',
    'fault',
    rx(
      'wheel (?:is |was )?(?:out of balance|unbalanced|buckled|bent|not (?:sit(?:s|ting)? |seated )?(?:flush|flat|square)|not seated)',
      '(?:buckled|bent) (?:the |a )?(?:wheel|rim)',
      'nuts? (?:were |are )?(?:torqued|tightened|done up) unevenly',
      'uneven(?:ly)? (?:torqued|tightened) (?:wheel )?nuts?',
      'balance weights? (?:is |was |has |have )?(?:gone|missing|lost|come off|fallen off)',
      'lost (?:a |its )?(?:balance )?weights?',
    ),
  ),
  says(
    'rotor_peak',
    'over_pad_limit',
    rx(
      `${PADS} ${upTo(4)}(?:over|past|above|beyond) ${upTo(2)}(?:limit|rating|temperature|temp|range|max(?:imum)?)`,
    ),
  ),
  says(
    'cooling_path',
    'none',
    rx(
      near(
        DUCT,
        '(?:fell|fallen|came|come|torn|ripped|knocked) off|missing|gone|melted|disconnected|blocked|taped(?: up)?|squashed|crushed|kinked|flattened|torn|split',
        3,
      ).source,
      'no (?:brake )?(?:ducts?|ducting|cooling)',
    ),
  ),
  says(
    'cooling_path',
    'face',
    rx(
      `(?:${DUCT}|air) ${upTo(4)}(?:only to|on|at|onto|against) (?:the )?(?:(?:inner |inside |outer |outside |one )?(?:(?:face|side) of ${upTo(2)}(?:${ROTOR})|(?:${ROTOR}) face)|(?:inner|inside|outer|outside|one) face|(?:inside|outside) of the (?:${ROTOR}))`,
    ),
  ),
  says(
    'cooling_path',
    'core',
    rx(
      `(?:${DUCT}|air) ${upTo(4)}(?:to|into|at) (?:the )?(?:cent(?:re|er)|eye|middle|core|vanes|hat) (?:of|in) (?:the )?(?:${ROTOR})`,
    ),
  ),
];
