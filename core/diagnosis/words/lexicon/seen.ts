import { found, HANDBRAKE, MANY_CLICKS, near, PADS, ROTOR, type Rule, rx, says, upTo } from './rule';

const STUCK = 'seized|stuck|stiff|sticking|dry|tight|rusted|frozen|binding';
const WET = 'leak(?:s|ing)?|weep(?:s|ing)?|wet';
const HIGH =
  'high|bad|excessive|out of (?:spec|limits|limit|tolerance)|over (?:the )?limit|too much|past (?:the )?limit';
const JOINT = 'ball ?joints?|bush(?:es|ings?)?|track rods?(?: ends?)?|tie rods?(?: ends?)?|wishbones?';

/** What somebody has seen or measured already: a note from the bay, or a driver who looked. */
export const SEEN_WORDS: readonly Rule[] = [
  says(
    'reservoir_level',
    'low',
    rx(
      '(?:fluid|reservoir|level) (?:is |was |looks )?(?:very |really |a bit )?low',
      'low (?:on )?(?:brake )?fluid|(?:below|down to|at) (?:the )?min(?:imum)?',
      '(?:reservoir|fluid) (?:is |was )?(?:nearly |almost )?empty',
    ),
    rx(`${ROTOR}|pads?|empty overnight`),
  ),
  found('fluid_look', 'dark', near('fluid', 'black|dark|brown|dirty|coffee|treacle|muddy', 4), 'clear'),
  says('fluid_look', 'debris', near('fluid|reservoir', 'specks?|bits|flakes|rubber bits|debris', 4)),
  found(
    'fluid_moisture',
    'wet',
    near('water|moisture', '(?:in the|in|of the) fluid|too high|high', 2),
    'dry',
  ),
  says(
    'leak',
    'caliper_or_cylinder',
    rx(
      `(?:caliper|cylinder) ${upTo(2)}(?:${WET})`,
      `(?:${WET}) ${upTo(2)}(?:caliper|wheel cylinder|rear cylinder)`,
      `(?:leak(?:s|ing)?|weep(?:s|ing)?) ${upTo(3)}wheel`,
      `(?:oil|fluid|wet) ${upTo(5)}(?:on|down|over|inside) (?:the )?${upTo(6)}(?:wheel|tyre|rim)`,
    ),
    rx('master'),
  ),
  says(
    'leak',
    'line_or_hose',
    rx(
      `(?:line|hose|union|pipe) ${upTo(2)}(?:${WET}|burst|rusted through|rotted|chafed through|split)`,
      `(?:${WET}|burst) ${upTo(2)}(?:line|hose|union|pipe)`,
    ),
  ),
  says(
    'leak',
    'master_to_booster',
    rx(
      `master(?: cylinder)? ${upTo(2)}(?:${WET}) ${upTo(3)}(?:booster|servo|rear seal|(?:at|from|round) (?:the |its )?(?:back|rear))`,
      `(?:fluid|wet|oil) ${upTo(2)}(?:behind the master|(?:in|into|inside) the (?:booster|servo))`,
      `(?:wet|damp|fluid) ${upTo(4)}(?:carpet|footwell|under the (?:dash|pedals?)|pedal box)`,
    ),
  ),
  found(
    'bubbles',
    'many',
    near('air|bubbles', 'lots|loads|plenty|(?:keep|keeps|kept) coming|full of|nothing but', 3),
    'none',
  ),
  says(
    'bubbles',
    'few',
    rx(`(?:some |a bit of |a few )?(?:air|bubbles) ${upTo(2)}(?:came|come|coming) (?:out|from|through|up)`),
    rx('keeps?|kept'),
  ),
  found(
    'hose_swell',
    'yes',
    near('hoses?|flexi', 'bulg(?:e|es|ing)|swell(?:s|ing)?|swollen|balloon(?:s|ing)?|blister(?:s|ed)?', 3),
    'no',
  ),
  says(
    'bleeder_position',
    'not_top',
    rx(
      `(?:bleed(?:er)?s?|nipples?|bleed screws?) ${upTo(3)}(?:(?:at|on) the bottom|pointing down|not at the top|upside down)`,
      `calipers? ${upTo(3)}(?:wrong side|upside down|swapped side)`,
    ),
  ),
  found(
    'bleeder_screw',
    'stuck',
    near(
      'bleed(?:er)? (?:nipples?|screws?)|bleeders?|nipples?',
      'seized|stuck|sheared|snapped|rounded|broken',
      3,
    ),
    'turns',
  ),
  found('pedal_pump', 'rises', rx('pumps up|comes? up (?:when|if|as) (?:i |you )?pump(?:ed|ing)?'), 'same'),
  says(
    'assist_vacuum',
    'low',
    rx(
      '(?:no|low|little|poor|loses?|without) vacuum',
      `(?:vacuum|servo|booster) (?:pump|hose|pipe|line|leak)? ?${upTo(2)}(?:dead|split|off|cracked|leak(?:s|ing)?|broken|low|gone|failed)`,
    ),
  ),
  found(
    'parking_brake',
    'lever_high',
    rx(
      `${HANDBRAKE}(?: lever)? ${upTo(4)}(?:too high|high|pulls? (?:all the way|right|too far) up|${MANY_CLICKS}|right up)`,
      `many clicks on the ${HANDBRAKE}`,
    ),
    'frees',
  ),
  says(
    'parking_brake',
    'drags',
    rx(
      `${HANDBRAKE} ${upTo(2)}(?:drags?|dragging|(?:isn't|is not|doesn't|does not|won't|not) (?:fully |properly |quite )?(?:returning|return|coming back|releas(?:e|ing)|let go|free))`,
    ),
  ),
  found(
    'slide_pins',
    'stiff',
    near('(?:slide |guide |slider |caliper )?pins?|sliders?|slides', STUCK, 2),
    'free',
  ),
  found(
    'piston_return',
    'stiff',
    near(
      'pistons?',
      `${STUCK}|won't (?:push|go|move|return|retract)|not (?:pushing|going|moving|retracting)`,
      3,
    ),
    'free',
  ),
  says(
    'pad_thickness',
    'worn_out',
    rx(
      `${PADS} ${upTo(6)}(?:down to|to|on|into|at|hit|hitting|touching) (?:the |bare )?(?:metal|backing|backs|steel|backplates?)`,
      'no (?:pad|pads|lining|friction|material) left',
      `${PADS} (?:are |is |were )?(?:completely |totally )?worn out`,
    ),
    rx('metal (?:on|to) metal'),
  ),
  found(
    'pad_thickness',
    'low',
    rx(
      `${PADS} (?:are |is |were |look )?(?:very |quite |a bit |getting )?(?:low|thin)`,
      'not much (?:pad|meat|lining)(?: left)?',
    ),
    'ok',
    rx('inner|outer|inside|outside|than'),
  ),
  says(
    'pad_wear_shape',
    'inner_thin',
    rx(
      `(?:inner|inside) (?:pads? |ones? )?${upTo(3)}(?:worse|gone|thin(?:ner)?|worn|finished|down|less|eaten|wears? ${upTo(2)}(?:fast|faster|quick|quicker))`,
    ),
    rx('tyres?|than the inner|edge|rotor|disc'),
  ),
  says(
    'pad_wear_shape',
    'outer_thin',
    rx(
      `(?:outer|outside) (?:pad )?${upTo(3)}(?:gone|thin(?:ner)?|worn|finished|down|less|eaten|wears? ${upTo(2)}(?:fast|faster|quick|quicker))`,
    ),
    rx('tyres?|than the outer|edge|rotor|disc'),
  ),
  says('pad_wear_shape', 'taper_along', near(PADS, 'taper(?:s|ed)?|at an angle|wedge(?:d| shaped)?', 3)),
  found(
    'pad_fit',
    'stiff',
    near(PADS, "stuck|tight|seized|jammed|won't (?:slide|move)|not sliding", 2),
    'free',
  ),
  found('pad_surface', 'glazed', near(PADS, 'glazed|shiny|polished', 2), 'normal'),
  found(
    'pad_surface',
    'contaminated',
    near(PADS, 'oil(?:y|ed)?|greas(?:e|y)|soaked|contaminated|fluid on', 3),
    'normal',
    rx('new pads'),
  ),
  says(
    'pad_surface',
    'crumbled',
    near(
      PADS,
      'crumbl(?:e|ed|ing)|chunks? (?:missing|out)|(?:broke|broken|breaking) up|(?:fell|falling) apart',
      6,
    ),
  ),
  says(
    'pad_surface',
    'separated',
    rx(
      `(?:lining|friction material|pad material) ${upTo(2)}(?:came|come|coming|fell|fallen|peel(?:ed|ing)|lift(?:ed|ing)) ?(?:off|away|from)?`,
      'delaminat(?:ed|ing)',
    ),
  ),
  says('rotor_surface', 'cracked', near(ROTOR, 'crack(?:s|ed)?', 6), rx('heat cracks?|craz')),
  found('rotor_surface', 'grooves', near(ROTOR, 'groov(?:es|ed)|scored|scoring|ridges', 4), 'smooth'),
  says(
    'rotor_surface',
    'grooves',
    rx('^(?:with )?(?:deep|big|heavy) (?:grooves|scores|ridges)'),
    rx('tyres?|drums?|pads?'),
  ),
  found('rotor_surface', 'rusted', near(ROTOR, 'rust(?:y|ed)?|corroded|pitted', 3), 'smooth'),
  says(
    'rotor_surface',
    'deposits',
    near(
      ROTOR,
      'deposits|pad (?:prints?|material|compound)|patch(?:es|y)|blotch(?:es|y)|smear(?:s|ed)?|hot ?spots?|transfer marks',
      4,
    ),
  ),
  says('rotor_surface', 'heat_checked', rx('heat ?(?:checked|checks|cracks|crazed)|crazed|crazing')),
  found(
    'rotor_thickness',
    'below_minimum',
    rx(`(?:${ROTOR}) ${upTo(3)}(?:under|below|past|less than|beyond) (?:the )?min(?:imum)?(?: thickness)?`),
    'ok',
  ),
  says(
    'rotor_thickness',
    'near_minimum',
    rx(
      `(?:${ROTOR}) (?:are |is )?(?:at|near|close to|almost at|just above) (?:the )?min(?:imum)?(?: thickness)?`,
    ),
  ),
  found('rotor_runout', 'high', near('run ?out', HIGH, 3), 'ok'),
  found('rotor_dtv', 'high', near('dtv|thickness variation', HIGH, 3), 'ok'),
  found(
    'rotor_float',
    'bound',
    near('bobbins?|floating (?:disc|rotor)s?|float', 'seized|bound|stuck', 3),
    'free',
  ),
  found(
    'bearing_play',
    'excess',
    near('(?:wheel )?bearings?|hub', 'play|loose|slack|worn|shot|rumbl(?:es|ing)', 3),
    'ok',
  ),
  found(
    'suspension_joints',
    'play',
    near(JOINT, 'play|worn|loose|slack|split|knackered|shot|gone', 3),
    'tight',
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
    near('studs?', 'snapped|broken|sheared|stripped|damaged|bent|missing', 3),
  ),
  says('fault_codes', 'wheel_sensor', near('codes?|faults?', 'wheel ?speed(?: sensor)?|wheel sensor', 3)),
  says(
    'fault_codes',
    'modulator',
    near('codes?|faults?', 'modulator|pump motor|hydraulic unit|abs (?:pump|block|unit)', 3),
  ),
  says('drum_surface', 'oval', near('drums?', 'oval|egg ?shaped|out of round', 3)),
  found(
    'drum_surface',
    'contaminated',
    near('shoes?|drums?', 'soaked|oily|contaminated|greasy', 3),
    'normal',
  ),
];
