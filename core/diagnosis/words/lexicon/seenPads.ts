import { found, near, PADS, ROTOR, type Rule, rx, says, upTo } from './rule';

/** What somebody has seen or measured of the pads. */
export const SEEN_PADS: readonly Rule[] = [
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
  says('pad_thickness', 'worn_out', rx('pads? (?:is |are )?metal (?:to|on) metal')),
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
      '^(?:the )?(?:inner|inside) (?:one|pad)s?$|^the inner$|(?:inner|inside) pads? (?:is |are )?metal (?:to|on) metal',
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
      'pads? (?:came|come|are|is|were|was) loose',
      `${PADS} ${upTo(3)}(?:back to front|backwards|(?:the )?wrong way (?:round|around)?|(?:in|on) the wrong side|upside down)`,
      'wrong pads?|(?:missing|lost|no|without) (?:an? |the |its |any )?(?:anti ?rattle|pad|retaining|abutment) (?:clips?|springs?|shims?)',
      '(?:anti ?rattle|pad|retaining|abutment) (?:clip|spring|shim)s? (?:is |are |was |were )?(?:missing|lost|gone|left (?:off|out))',
    ),
    rx('wear|worn'),
  ),
];
