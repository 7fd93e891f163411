import {
  found,
  HANDBRAKE,
  HIGH,
  MANY_CLICKS,
  near,
  PADS,
  ROTOR,
  type Rule,
  rx,
  STUCK,
  says,
  upTo,
} from './rule';

const JOINT = 'ball ?joints?|bush(?:es|ings?)?|track rods?(?: ends?)?|tie rods?(?: ends?)?|wishbones?';
const SHIELD = '(?:dust|splash|backing|brake) (?:shield|plate)|shield';
/** Of the heat, not through the disc. */
const FINE_CRACKS = `(?:hairline|surface|fine|small|tiny|spider|little) ${upTo(1)}cracks?`;
/** Said of what moves as it should. */
const FREE = 'free(?:ly)?|(?:moves?|pushes?(?: back)?(?: in)?|goes? back) easily';
/** Said of a wheel that is held and rocked. */
const MOVES = 'rocks?|rocking|play|moves|movement|wobbles?|clunks?';
const DUCT = '(?:brake )?ducts?|ducting|cooling (?:hoses?|pipes?)|air scoops?';

/** What somebody has seen or measured at a wheel. */
export const SEEN_AT_WHEEL: readonly Rule[] = [
  found(
    'parking_brake',
    'lever_high',
    rx(
      `${HANDBRAKE}(?: lever)? ${upTo(4)}(?:too high|high|(?:pull(?:s|ed)?|comes?|goes) (?:on )?(?:all the way|right|too far) up|${MANY_CLICKS}|right up)`,
      `^(?:the )?lever (?:comes|goes) (?:up )?(?:a long way|too far|very high)|many clicks on the ${HANDBRAKE}|^(?:it takes |takes |it has |needs )?too many clicks`,
    ),
    'frees',
  ),
  says(
    'parking_brake',
    'drags',
    rx(
      `${HANDBRAKE} ${upTo(4)}(?:drags?|dragging|bind(?:s|ing)|frozen|stuck on|(?:stays|hangs) on|sticks|sticking|seized|(?:isn't|is not|doesn't|does not|won't|not) (?:fully |properly |quite )?(?:returning|return|coming back|releas(?:e|ing)|let go|free))`,
    ),
    rx('lamps?|lights?|warning'),
  ),
  says(
    'parking_brake',
    'drags',
    rx(`(?:drag(?:s|ging)?|bind(?:s|ing)|stuck|sticks) ${upTo(1)}after ${upTo(2)}${HANDBRAKE}`),
  ),
  found(
    'slide_pins',
    'stiff',
    near('(?:slide |guide |slider |caliper )?pins?|sliders?|slides', STUCK, 2),
    'free',
  ),
  says(
    'slide_pins',
    'free',
    near('(?:slide |guide |slider |caliper )?pins?|sliders', FREE, 2),
    rx('frees|freed'),
  ),
  says('piston_return', 'free', near('pistons?', FREE, 3), rx('frees|freed')),
  found(
    'piston_return',
    'stiff',
    near(
      'pistons?',
      `${STUCK}|(?:won't|will not|wouldn't|would not|can't|cannot|couldn't|could not|don't|do not|doesn't|does not) (?:be )?(?:push(?:ed)?|go|move|return|retract|wind|press)|not (?:pushing|going|moving|retracting)`,
      4,
    ),
    'free',
  ),
  says(
    'pad_thickness',
    'worn_out',
    rx(
      `${PADS} ${upTo(6)}(?:down to|to|on|into|at|hit|hitting|touching) (?:the |bare )?(?:metal|backing|backs|steel|backplates?)`,
      '(?:metal|backing)(?: plate)? (?:was |is )?showing',
      'no (?:pad|pads|lining|friction|material) left',
      `${PADS} (?:are |is |were )?(?:completely |totally )?worn out`,
    ),
    rx('metal (?:on|to) metal'),
  ),
  says(
    'pad_thickness',
    'ok',
    rx(
      `${PADS} (?:are |is |were |look |have )?(?:still )?(?:(?:nearly|almost|as good as|like) new|thick|(?:plenty|lots) of (?:meat|life))`,
      '(?:plenty|lots) of (?:meat|pad|lining|life)(?: left)?',
    ),
  ),
  found(
    'pad_thickness',
    'low',
    rx(
      `${PADS} (?:are |is |were |look )?(?:very |quite |a bit |getting )?(?:low|thin)`,
      'not much (?:pad|meat|lining)(?: left)?',
      `${PADS} (?:are |is |were )?(?:nearly|almost) (?:gone|finished|worn out|done)`,
    ),
    'ok',
    rx('inner|outer|inside|outside|than'),
  ),
  says(
    'pad_wear_shape',
    'inner_thin',
    rx(
      `(?:inner|inside) (?:pads? |ones? )?${upTo(4)}(?:worse|gone|thin(?:ner)?|worn|finished|down|less|eaten|(?:half|less than) ${upTo(2)}outer|wears? ${upTo(2)}(?:fast|faster|quick|quicker))`,
    ),
    rx('tyres?|than the inner|edge|rotor|disc'),
  ),
  says(
    'pad_wear_shape',
    'inner_thin',
    rx(
      '(?:mm|millimet(?:er|re)s?) left on the (?:inner|inside)',
      '^(?:the )?(?:inner|inside) (?:one|pad)s?$|(?:eat|chew|burn|wear)s? (?:through )?(?:the |its )?inner pads?',
      `${PADS} (?:are |is )?(?:thinner|thin|worn) (?:more )?on the inside`,
    ),
  ),
  says(
    'pad_wear_shape',
    'outer_thin',
    rx(
      '(?:eat|chew|burn|wear)s? (?:through )?(?:the |its )?outer pads?',
      `${PADS} (?:are |is )?(?:thinner|thin|worn) (?:more )?on the outside`,
    ),
  ),
  says(
    'pad_wear_shape',
    'outer_thin',
    rx(
      `(?:outer|outside) (?:pad )?${upTo(3)}(?:gone|thin(?:ner)?|worn|finished|down|less|eaten|(?:half|less than) ${upTo(2)}(?:inner|inside)|wears? ${upTo(2)}(?:fast|faster|quick|quicker))`,
    ),
    rx('tyres?|than the outer|edge|rotor|disc'),
  ),
  says(
    'pad_wear_shape',
    'taper_along',
    near(
      PADS,
      '(?:thick|thin)(?:er)? (?:at|on) the (?:trailing|leading) (?:end|edge|side)|taper(?:s|ed)?|at an angle|(?:like |into )?(?:a )?wedge(?:d| shaped)?',
      4,
    ),
  ),
  found(
    'pad_fit',
    'stiff',
    near(PADS, "stuck|stick(?:s|ing)? in|tight|seized|jammed|won't (?:slide|move)|not sliding", 2),
    'free',
  ),
  says('pad_fit', 'stiff', rx(`(?:hammer|knock|drive|prise|lever|beat)(?:ed|ing)? ${upTo(2)}pads? out`)),
  found('pad_surface', 'glazed', near(PADS, 'glazed|shiny|polished|glassy', 2), 'normal'),
  found(
    'pad_surface',
    'contaminated',
    near(PADS, 'oil(?:y|ed)?|greas(?:e|y)|soaked|contaminated|fluid on', 4),
    'normal',
    rx('new pads'),
  ),
  says(
    'pad_surface',
    'crumbled',
    near(
      PADS,
      'crumbl(?:e|ed|ing)|chunks? (?:missing|out)|(?:broke|broken|breaking) up|(?:fell|falling) apart',
      8,
    ),
  ),
  says(
    'pad_surface',
    'separated',
    rx(
      `(?:lining|friction material|pad material) ${upTo(2)}(?:came|come|coming|fell|fallen|peel(?:ed|ing)|lift(?:ed|ing)) ?(?:off|away|from)?`,
      'delaminat(?:ed|ing)|(?:backing plate|backplate|lining|friction material) (?:has |have )?(?:separated|come apart|parted)',
    ),
  ),
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
    near(ROTOR, 'groov(?:es|ed)|scored|scoring|ridges|deep lines', 6),
    'smooth',
  ),
  says(
    'rotor_surface',
    'grooves',
    rx(
      '^(?:with )?(?:deep|big|heavy) (?:grooves|scores|ridges)',
      `grooves? ${upTo(4)}(?:catch|feel|hook)\\w* ${upTo(3)}(?:finger ?)?nail`,
    ),
    rx('tyres?|drums?|pads?'),
  ),
  found(
    'rotor_surface',
    'rusted',
    near(`${ROTOR}|rears|fronts`, 'rust(?:y|ed)?|corroded|pitted|brown', 3),
    'smooth',
    rx('replaced|changed|because'),
  ),
  says(
    'rotor_surface',
    'deposits',
    near(
      ROTOR,
      'deposits|pad (?:prints?|material|compound)|patch(?:es|y)?|blotch(?:es|y)|smear(?:s|ed)?|hot ?spots?|transfer marks',
      4,
    ),
    rx('blu(?:e|ed|ish)|purple'),
  ),
  says(
    'rotor_surface',
    'heat_checked',
    rx('heat ?(?:checked|checks|cracks|crazed)|crazed|crazing', near(FINE_CRACKS, `${ROTOR}|face`, 7).source),
  ),
  found(
    'rotor_thickness',
    'below_minimum',
    rx(
      `(?:${ROTOR}) ${upTo(7)}(?:under|below|past|less than|beyond) (?:the )?(?:min(?:imum)?(?: thickness)?|stamp(?:ed figure)?)`,
    ),
    'ok',
  ),
  says(
    'rotor_thickness',
    'near_minimum',
    rx(
      `(?:${ROTOR}) (?:are |is )?(?:at|near|close to|almost at|just above) (?:the )?min(?:imum)?(?: thickness)?`,
    ),
  ),
  found('rotor_runout', 'high', near('run ?out', HIGH, 3), 'ok', rx('hub')),
  says(
    'rotor_runout',
    'high',
    rx(
      `(?:${ROTOR}) ${upTo(4)}wobbl\\w* ${upTo(2)}(?:i|you|we) (?:spin|turn|rotate)|(?:${ROTOR}) (?:have|has|had|got) (?:some |too much |a lot of )?run ?out`,
    ),
  ),
  found('hub_runout', 'high', near(`hub(?: face)? ${upTo(2)}run ?out`, HIGH, 4), 'ok'),
  says('hub_runout', 'high', rx('hub(?: face)? (?:is |was )?(?:bent|out of true)')),
  found('rotor_dtv', 'high', near('dtv|thickness variation', HIGH, 3), 'ok'),
  found(
    'rotor_float',
    'bound',
    near(
      'bobbins?|floating (?:disc|rotor)s?|float',
      `seized|bound|stuck|(?:won't|will not|does not|doesn't) (?:move|float)`,
      3,
    ),
    'free',
  ),
  found(
    'tyres',
    'fault',
    rx(
      `flat ?spots? ${upTo(2)}(?:on|in) ${upTo(4)}tyres?|tyres? ${upTo(3)}(?:flat ?spot\\w*|out of (?:round|balance)|egg ?shaped|bulg\\w*|cupped)`,
      `bulges? ${upTo(3)}tyres?|wheels? ${upTo(2)}out of balance|(?:lost|missing|thrown) ${upTo(2)}(?:wheel |balance )weights?`,
    ),
    'ok',
  ),
  found(
    'bearing_play',
    'excess',
    near('(?:wheel )?bearings?|hub', 'play|loose|slack|worn|shot|rumbl(?:es|ing)', 3),
    'ok',
  ),
  // Held at the top and the bottom it is the bearing, at the sides a joint (common practice).
  found(
    'bearing_play',
    'excess',
    rx(`(?:${MOVES}) ${upTo(3)}(?:12|twelve) (?:o'clock )?and (?:6|six)`),
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
    near(JOINT, 'play|worn|loose|slack|split|knackered|shot|gone', 3),
    'tight',
    rx('pedal'),
  ),
  found(
    'wheel_nuts',
    'loose',
    near('(?:wheel|lug) (?:nuts?|bolts?)|nuts|wheel', 'loose|finger tight|undone|came off', 2),
    'tight',
    rx('bearings?|hub'),
  ),
  says(
    'wheel_nuts',
    'stud_damaged',
    near('studs?', 'snapped|stretched|broken|sheared|stripped|damaged|bent|missing', 3),
  ),
  says('drum_surface', 'oval', near('drums?', 'oval|egg ?shaped|out of round', 3)),
  found(
    'drum_surface',
    'contaminated',
    near(
      'shoes?|drums?(?: brakes)?',
      'soaked|oily|(?:full of|covered in) (?:oil|grease|fluid)|contaminated|greasy',
      3,
    ),
    'normal',
  ),
  says(
    'pad_wear_shape',
    'taper_radial',
    rx(
      `${PADS} ${upTo(4)}(?:thinner|thin|worn) ${upTo(2)}(?:at|towards) the (?:top|bottom|outer edge|outside edge|inner edge|outside|hub)`,
      '(?:inner|outer|top|bottom) edge of (?:the )?pads? (?:is |are )?(?:thinner|thicker|more worn)',
    ),
  ),
  says(
    'pad_fit',
    'wrong',
    rx(
      `${PADS} ${upTo(3)}(?:back to front|backwards|(?:the )?wrong way (?:round|around)?|(?:in|on) the wrong side|upside down)`,
      'wrong pads?',
    ),
    rx('wear|worn'),
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
  says('rotor_surface', 'streaks', near(ROTOR, 'streak(?:s|ed|y)?', 4)),
  says(
    'rotor_float',
    'hammered',
    near('bobbins?|floating (?:disc|rotor)s?', 'hammered|worn|loose|sloppy', 3),
  ),
  says(
    'wheel_mounting',
    'fault',
    rx(
      'wheel (?:is |was )?(?:out of balance|unbalanced|buckled|bent)|(?:buckled|bent) (?:the |a )?(?:wheel|rim)',
      'balance weights? (?:is |was |has |have )?(?:gone|missing|lost|come off|fallen off)|lost (?:a |its )?(?:balance )?weights?',
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
        '(?:fell|fallen|came|come|torn|ripped|knocked) off|missing|gone|disconnected|blocked|taped(?: up)?|squashed',
        3,
      ).source,
      'no (?:brake )?(?:ducts?|ducting|cooling)',
    ),
  ),
  says(
    'cooling_path',
    'face',
    rx(
      `(?:${DUCT}|air) ${upTo(4)}(?:on|at|onto|against) (?:the )?(?:inner |inside |one )?(?:face|side) of ${upTo(2)}(?:${ROTOR})`,
    ),
  ),
  says(
    'drum_adjustment',
    'slack',
    near(
      'shoes?|drums?|adjusters?',
      'out of adjustment|slack|need adjusting|not adjusted|never (?:been )?adjusted|backed off',
      3,
    ),
  ),
  // With the shoes held out by the lever the pedal has less to take up (common practice).
  says('drum_adjustment', 'slack', near(HANDBRAKE, `pedal ${upTo(3)}(?:better|higher|shorter|good|firm)`, 6)),
  says('drum_surface', 'glazed', near('shoes?|drums?', 'glazed|shiny|polished', 2)),
  says(
    'shoe_lining',
    'worn_out',
    rx(`shoes ${upTo(4)}(?:down to the (?:rivets|metal)|worn out|gone|finished)`),
  ),
  says('shoe_lining', 'low', rx('shoes (?:are |were |look )?(?:very |quite |a bit |getting )?(?:low|thin)')),
  found('wheel_cylinder', 'stiff', near('wheel cylinders?', STUCK, 3), 'free'),
];
