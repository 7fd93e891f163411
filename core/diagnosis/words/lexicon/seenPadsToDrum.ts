import { found, HANDBRAKE, MANY_CLICKS, near, PADS, ROTOR, type Rule, rx, STUCK, says, upTo } from './rule';

/** Said of what moves as it should. */
const FREE = 'free(?:ly)?|(?:moves?|pushes?(?: back)?(?: in)?|goes? back) easily';

/** What somebody has seen or measured of pads, caliper, shoes and drum. */
export const SEEN_PADS_TO_DRUM: readonly Rule[] = [
  found(
    'parking_brake',
    'lever_high',
    rx(
      `${HANDBRAKE}(?: lever)? ${upTo(4)}(?:too high|high|travel (?:is |has become |gets )?(?:too |very |really )?long|(?:too|very|really) long|(?:pull(?:s|ed)?|comes?|goes) (?:on )?(?:(?:all the way|right|too far) up|(?:up )?to the (?:ceiling|roof))|${MANY_CLICKS}|right up)`,
      `${HANDBRAKE} cables? (?:is |are |has )?(?:stretched|slack|loose)`,
      `^(?:the )?(?:lever|handle) ${upTo(5)}${MANY_CLICKS}|^(?:the )?(?:lever|handle) (?:comes|goes) right up|${HANDBRAKE}(?: lever)? (?:is |feels )?(?:too |very )?loose`,
      '^(?:the )?lever (?:comes|goes) (?:up )?(?:a long way|too far|very high)',
      `many clicks on the ${HANDBRAKE}|^(?:it takes |takes |it has |needs )?too many clicks`,
    ),
    'frees',
  ),
  says(
    'parking_brake',
    'drags',
    rx(
      `${HANDBRAKE} ${upTo(4)}(?:drags?|dragging|bind(?:s|ing)|frozen|stuck|(?:stays|hangs) on|sticks|sticking|seized|(?:isn't|is not|doesn't|does not|won't|not) (?:fully |properly |quite )?(?:returning|return|coming back|releas(?:e|ing)|let go|free))`,
    ),
    rx('lamps?|lights?|warning'),
  ),
  says(
    'parking_brake',
    'weak',
    rx(
      "(?:^|it (?:still )?)(?:won't|doesn't|does not|will not) hold (?:the car )?on (?:a|the) (?:hill|slope|incline|ramp)",
      `weak on (?:a |the )?(?:hill|slope|incline|ramp)|no ${HANDBRAKE}(?:$| on| at)`,
      `${HANDBRAKE}(?: lever)? ${upTo(4)}(?:(?:isn't|is not|doesn't|does not|don't|do not|won't|will not|can't|cannot|hardly|barely|not) (?:really |even |quite )?(?:hold|holding|work|working|keep|grab|grip|bite|catch)|slips?|slipping|weak|useless|does nothing|fails?)`,
      `failed (?:on |for )?(?:the )?${HANDBRAKE}|${HANDBRAKE} (?:effort|efficiency|performance) (?:is |was )?(?:low|poor|failed|too low)`,
      `${HANDBRAKE} only (?:holds|grips|acts on|works on) (?:the |one )(?:left |right )?(?:wheel|side)`,
      `(?:roll(?:s|ed|ing)?) (?:away|off|back|down) ${upTo(3)}${HANDBRAKE}|${HANDBRAKE} ${upTo(1)}on ${upTo(5)}rolls`,
      `${HANDBRAKE} (?:only )?(?:works |holds |acts |is )?(?:only )?(?:on|at) (?:only )?(?:(?:one|a single) (?:side|wheel)(?: only)?|the (?:left|right)(?: side| wheel)?(?: only)?)$`,
    ),
  ),
  says(
    'parking_brake',
    'drags',
    rx(
      `(?:drag(?:s|ging)?|bind(?:s|ing)|stuck|sticks) ${upTo(1)}after ${upTo(2)}${HANDBRAKE}`,
      `${HANDBRAKE} cables? (?:is |are )?(?:${STUCK})`,
    ),
  ),
  found(
    'caliper_mount',
    'loose',
    rx(
      near(
        '(?:caliper|bracket|carrier)(?: mounting)? bolts?',
        'loose|missing|undone|finger tight|backed out|fell out',
        3,
      ).source,
      'bolts? (?:is |was )?(?:missing|loose|undone) (?:on|at|from|in) (?:the )?(?:caliper|bracket|carrier)',
      `calipers? (?:is |was |were |are )?loose(?! (?:pins?|slides?))|loose caliper(?! (?:pins?|slides?|boots?))`,
      'calipers? (?:moves?|moving|rocks?|rocking) on (?:the |its )?(?:upright|mounts?|bracket|bolts|knuckle|hub)',
    ),
    'tight',
  ),
  found(
    'slide_pins',
    'stiff',
    near(
      '(?<!drive |float |floating )(?:slide |guide |slider |caliper )?pins?|sliders?|slides',
      `${STUCK}|rusty`,
      2,
    ),
    'free',
  ),
  says(
    'slide_pins',
    'stiff',
    rx(`pins? ${upTo(3)}(?:top|bottom|upper|lower|other) one (?:is )?(?:${STUCK})`),
  ),
  says('slide_pins', 'stiff', rx("caliper (?:is )?(?:not sliding|(?:doesn't|does not|won't) slide)")),
  says(
    'slide_pins',
    'free',
    near('(?:slide |guide |slider |caliper )?pins?|sliders', FREE, 2),
    rx('frees|freed'),
  ),
  says(
    'piston_return',
    'stiff',
    rx(
      'pistons? (?:comes?|moves?|goes) out (?:further|more|less|slower|later) than',
      '(?:one|two|three|\\d) (?:are |is |were |was )?(?:stuck|seized|stiff) (?:out )?of (?:two|four|six|eight|\\d)',
    ),
  ),
  says('piston_return', 'free', near('pistons?', FREE, 3), rx('frees|freed')),
  says(
    'piston_return',
    'stiff',
    rx(
      "caliper (?:won't|will not|wouldn't|can't|cannot|doesn't|does not) (?:wind|push|press|go) (?:back|in)",
    ),
  ),
  found(
    'piston_return',
    'stiff',
    near(
      'pistons?',
      `${STUCK}|swollen|swelled|(?:won't|will not|wouldn't|would not|can't|cannot|couldn't|could not|don't|do not|doesn't|does not) (?:be )?(?:push(?:ed)?|go|move|return|retract|wind|press)|not (?:pushing|going|moving|retracting)`,
      4,
    ),
    'free',
  ),
  says(
    'pad_thickness',
    'worn_out',
    rx(
      `${PADS} ${upTo(6)}(?:down to|to|on|into|at|hit|hitting|touching) (?:the |bare )?(?:metal|backing|backs|steel|(?:back)?plates?)`,
      '(?:metal|backing)(?: plate)? (?:was |is )?showing',
      `(?:inside|inner|outside|outer)s? ${upTo(3)}(?:on|down to|into) (?:the |bare )?(?:backing|metal|steel)`,
      `no (?:pad|pads|lining|friction|material) left|(?:nothing|no (?:meat|lining|material)) left (?:on|of|in) ${upTo(3)}${PADS}`,
      `${PADS} (?:are |is |were )?(?:completely |totally )?worn out`,
      '^(?:the |my |brake |left |right |front |rear |both |inner |outer )*pads (?:are |is |have )?(?:all )?(?:gone|finished)$',
      '(?:inner|outer|inside|outside) pads? (?:is |are |was |were |has |have )?(?:all |completely |totally )?gone(?! (?:hard|shiny|off))',
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
    // Of the two at one wheel the worse one counts.
    rx(`(?:inner|outer|inside|outside)s? ${upTo(3)}(?:gone|finished|worn|down to)`),
  ),
  found(
    'pad_thickness',
    'low',
    rx(
      `${PADS} (?:are |is |were |look )?(?:very |quite |a bit |getting )?(?:low|thin)|(?<!half )(?:thin|low|worn) ${PADS}`,
      `${PADS} (?:are |is )?wearing (?:very |a bit |quite )?thin|not much (?:pad|meat|lining)(?: left)?|(?:not much|little|hardly any(?:thing)?) left (?:on|of|in) ${upTo(3)}${PADS}`,
      `^(?:the |my |brake |left |right |front |rear |both )*pads (?:are |were )?worn(?: down)?$`,
      `${PADS} (?:are |is |were )?(?:nearly|almost) (?:gone|finished|worn out|done)`,
    ),
    'ok',
    rx('inner|outer|inside|outside|than'),
  ),
  says(
    'pad_wear_shape',
    'inner_thin',
    rx(
      `(?:inner|inside) (?:pads? |ones? )?${upTo(4)}(?:worse|gone|thin(?:ner)?|worn|finished|down|less|eaten|go(?:es)? first|(?:half|less than) ${upTo(2)}outer|wears? ${upTo(2)}(?:double|twice|more|most|fast|faster|quick|quicker))`,
    ),
    rx('tyres?|than the inner|edge|rotor|disc|at the (?:top|bottom)'),
  ),
  says(
    'pad_wear_shape',
    'inner_thin',
    rx(
      '(?:mm|millimet(?:er|re)s?) left on the (?:inner|inside)',
      `(?:inner|inside) ${upTo(4)}\\d+ mm ${upTo(2)}(?:outer|outside) ${upTo(3)}(?:(?:nearly|almost|like) new|full|fine|good|thick)`,
      'worn (?:to nothing|away|right down) on the (?:inner|inside)',
      `(?:inner|inside)s? ${upTo(3)}(?:on|down to|into) (?:the |bare )?(?:backing|metal|steel)`,
      '(?:outer|outside)(?: pads?)? (?:is |are )?thicker than',
      '^(?:the )?(?:inner|inside) (?:one|pad)s?$',
      '(?:eat|eaten|chew|chewed|burn|wear)s? (?:through )?(?:the |its )?(?:inner|inside) pads?',
      `${PADS} ${upTo(3)}(?:thin(?:ner)?|worn|gone|down|finished) ${upTo(5)}(?:on|at) (?:the )?(?:inner|inside)(?: side| one| edge)?`,
      `${PADS} (?:on|at) the (?:inner|inside) ${upTo(6)}(?:gone|worn|thin(?:ner)?|finished|down to)`,
    ),
  ),
  says(
    'pad_wear_shape',
    'outer_thin',
    rx(
      '(?:eat|chew|burn|wear)s? (?:through )?(?:the |its )?outer pads?',
      'worn (?:to nothing|away|right down) on the (?:outer|outside)',
      '(?:inner|inside)(?: pads?)? (?:is |are )?thicker than',
      `${PADS} ${upTo(3)}(?:thin(?:ner)?|worn|gone|down|finished) ${upTo(5)}(?:on|at) (?:the )?(?:outer|outside)(?: side| one| edge)?`,
    ),
  ),
  says(
    'pad_wear_shape',
    'outer_thin',
    rx(
      `(?:outer|outside) (?:pad )?${upTo(5)}(?:gone|thin(?:ner)?|worn|finished|down|less|eaten|(?:half|less than) ${upTo(2)}(?:inner|inside)|wears? ${upTo(2)}(?:fast|faster|quick|quicker))`,
    ),
    rx('tyres?|than the outer|edge|rotor|disc|at the (?:top|bottom)'),
  ),
  says(
    'pad_wear_shape',
    'taper_along',
    near(
      `${PADS}|wear`,
      '(?:thick|thin)(?:er)? (?:at|on) (?:the (?:trailing|leading)|one) (?:end|edge)|(?:thick|thin)(?:er)? (?:at|on) the (?:trailing|leading) side|taper(?:s|ed)?|(?:at|on) (?:an angle|a slant)|slanted|(?:like |into )?(?:a )?wedge(?:d| shaped)?',
      4,
    ),
    rx('radius|radial(?:ly)?'),
  ),
  says(
    'pad_wear_shape',
    'taper_along',
    rx(
      'pads? (?:are )?(?:more worn|worn more|thinner|thicker) at the (?:leading|trailing) (?:edge|end)',
      '(?:leading|trailing) (?:edge|end) of (?:the )?pads? (?:is |are )?(?:thinner|thicker|thin|more worn|worn)',
    ),
  ),
  says(
    'pad_wear_shape',
    'taper_radial',
    rx('^(?:and )?(?:the )?(?:outer|inner|top|bottom) edge (?:is )?(?:thinner|thicker)'),
  ),
  found(
    'pad_fit',
    'stiff',
    near(
      PADS,
      "stuck|stick(?:s|ing)? in|tight|seized|rusted (?:to|into|in|solid)|jammed|(?:won't|don't|doesn't|do not|does not) (?:slide|move)|not sliding",
      2,
    ),
    'free',
  ),
  says(
    'pad_fit',
    'stiff',
    near(
      'rust(?:y|ed)?|scale|dirt',
      'abutments?(?: clips?)?|(?:pad|caliper) (?:clips|hardware|seats|lands)',
      4,
    ),
  ),
  says('pad_fit', 'stiff', rx(`(?:hammer|knock|drive|prise|lever|beat)(?:ed|ing)? ${upTo(2)}pads? out`)),
  found(
    'pad_surface',
    'glazed',
    near(PADS, 'glazed|glazing|shiny|polished|glassy|like glass', 3),
    'normal',
    rx('(?:shiny|polished) where'),
  ),
  found(
    'pad_surface',
    'contaminated',
    near(`${PADS}|${ROTOR}`, 'oil(?:y|ed)?|greas(?:e|y)|soaked|contaminated|fluid on', 4),
    'normal',
    rx('new pads'),
  ),
  says(
    'pad_surface',
    'crumbled',
    near(
      PADS,
      'crumbl(?:e|ed|ing)|powder|(?:went|gone|turned) to (?:dust|bits|crumbs)|chipped|chunks? (?:missing|out)|(?:broke|broken|breaking) up|(?:fell|falling) apart',
      8,
    ),
  ),
  says('pad_surface', 'crumbled', rx('chunks? (?:of|from) (?:the )?(?:pads?|linings?|friction material)')),
  says('pad_surface', 'crumbled', rx(`${PADS} (?:is |are |was |were )?cracked|cracked (?:brake )?pads`)),
  says(
    'pad_surface',
    'separated',
    rx(
      `(?:lining|friction material|pad material) ${upTo(2)}(?:came|come|coming|fell|fallen|peel(?:ed|ing)|lift(?:ed|ing)) ?(?:off|away|from)?`,
      'delaminat(?:ed|ing)|pads? (?:has |have )?(?:came|come|coming) off (?:its |the |their )?(?:backing|back ?plates?|steel)',
      '(?:backing plate|backplate|lining|friction material|pad material) (?:has |have |is )?(?:separated|come apart|parted)',
    ),
  ),
  says('drum_surface', 'oval', near('drums?', 'oval|egg ?shaped|out of round', 5)),
  found(
    'drum_surface',
    'contaminated',
    near(
      'shoes?|drums?(?: brakes)?',
      'soaked|oily|seal leak(?:s|ing)?|(?:full of|covered in) (?:brake )?(?:(?:dust|dirt) and )?(?:oil|grease|fluid)|contaminated|greasy',
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
      `taper(?:s|ed)? ${upTo(4)}(?:radius|radial(?:ly)?)|radial(?:ly)? taper(?:s|ed)?`,
    ),
  ),
  says(
    'pad_fit',
    'wrong',
    rx(
      `${PADS} ${upTo(3)}(?:back to front|backwards|(?:the )?wrong way (?:round|around)?|(?:in|on) the wrong side|upside down)`,
      'wrong pads?|(?:missing|lost|no|without) (?:an? |the |its |any )?(?:anti ?rattle|pad|retaining|abutment) (?:clips?|springs?|shims?)',
      '(?:anti ?rattle|pad|retaining|abutment) (?:clip|spring|shim)s? (?:is |are |was |were )?(?:missing|lost|gone|left (?:off|out))',
    ),
    rx('wear|worn'),
  ),
  says(
    'drum_adjustment',
    'slack',
    near(
      'shoes?|drums?|(?:auto |self )?adjusters?',
      `out of adjustment|slack|need adjusting|not (?:adjusted|working)|never (?:been )?adjusted|backed off`,
      3,
    ),
  ),
  says(
    'drum_adjustment',
    'slack',
    near('(?:auto |self )?adjusters?', `(?:doesn't|does not|won't) work|${STUCK}`, 2),
  ),
  // With the shoes held out by the lever the pedal has less to take up (common practice).
  says(
    'drum_adjustment',
    'slack',
    rx(`pedal ${upTo(2)}(?:low|long|soft) (?:until|unless|till) ${upTo(4)}${HANDBRAKE}`),
  ),
  says(
    'drum_adjustment',
    'slack',
    rx(`better (?:if|when|with) (?:i |you )?(?:pull|lift|raise)(?:ing)? (?:up )?(?:the )?${HANDBRAKE}`),
  ),
  says(
    'drum_adjustment',
    'slack',
    near(HANDBRAKE, `pedal ${upTo(3)}(?:better|higher|shorter|good|firm|comes up|rises)`, 8),
  ),
  says('drum_surface', 'glazed', near('shoes?|drums?', 'glazed|shiny|polished', 2)),
  says(
    'shoe_lining',
    'worn_out',
    rx(`shoes ${upTo(4)}(?:(?:down |worn )?to (?:the )?(?:rivets|metal)|worn out|gone|finished)`),
  ),
  says('shoe_lining', 'low', rx('shoes (?:are |were |look )?(?:very |quite |a bit |getting )?(?:low|thin)')),
  says(
    'wheel_cylinder',
    'leaking',
    rx(`fluid ${upTo(2)}(?:in|behind|under|inside) the boots? of ${upTo(2)}wheel cylinder`),
  ),
  found('wheel_cylinder', 'stiff', near('wheel cylinders?', STUCK, 3), 'free'),
];
