import { AT_ONCE, found, HANDBRAKE, NOT, near, ROTOR, type Rule, rx, STANDING, says, upTo } from './rule';

const HOT =
  '(?:red |burning |really |very |too |boiling |piping |so |much )*(?:hot|hotter|cooking|glow(?:s|ing)?|scorching)';
const NAMED_WHEEL =
  '(?:(?:front|rear|back) (?:left|right)|(?:left|right) (?:front|rear|back)|[fr][lr]|[lr]f|lr)';
/** Said of when it shows, not of what was hot. */
const ONCE = 'when|once|until|till|as|if|after (?:they|it|the)';

/** What stays on, and where the heat is. */
export const DRAG_WORDS: readonly Rule[] = [
  says(
    'wheel_drags',
    'all',
    rx(
      `(?:all|every(?:thing)?) (?:four |4 )?(?:wheels?|corners?|brakes?|of them)? ?${upTo(3)}(?:drag(?:s|ged|ging)?|bind(?:s|ing)?|stuck|stick(?:s|ing)?|hot|seized|(?:are|is|stays?|staying) on)`,
      `brakes? (?:drag(?:s|ged|ging)?|bind(?:s|ing)?) ${upTo(3)}(?:all|every|everywhere)`,
      "(?:won't|will not|doesn't|does not|hardly) (?:want to )?(?:roll|coast)",
      'brakes (?:gets? |got )?(?:lock|locked|locking|jam|jammed|seize|seized|stick|sticking|stuck) on(?! (?:one|the|my|left|right|front|rear|overnight))',
      `(?:like|as if|feels) (?:the |my )?${HANDBRAKE}(?:'s| is| was| were| has been) (?:still |left )?on`,
      '(?:^|\\b(?:now|and|then|the|my) )brakes? (?:are |is |still |keep |start(?:s|ed)? |begin |began )?(?:drag(?:s|ged|ging)?|bind(?:s|ing)?)(?!.* (?:left|right|fronts?|rears?|near ?side|off ?side|one|wheel|corner)\\b)',
      '(?:the |my )?car drags|brakes? (?:get|gets|getting) tighter',
      '(?:slow(?:s|ing)|stops|brak(?:es|ing)) (?:down )?(?:by|on) (?:it|its)(?:self| own)',
      '(?:brakes? )(?:come|comes|came|go|goes) on (?:without (?:(?:me|anybody|anyone) )?(?:touching|pressing)|by (?:it|them)(?:self|selves)|on (?:its|their) own)',
      'put(?:s|ting)? (?:itself|themselves) on',
      '(?:self ?appl(?:y|ies|ied|ying)|apply themselves|applies itself)',
      '(?:held|holding) back|holds (?:itself )?back|rolls? to a (?:stop|halt)',
      '(?:hard|difficult|impossible) to push (?:the |this |my )?car',
      '(?:the |my )brakes? (?:is |are |keeps? )?hang(?:s|ing)?(?: up| on)?$',
      'brakes? (?:are |is )?not (?:fully )?(?:releas(?:ing|e)|coming off)|brakes? locked (?:up |on )?after (?!a|the first)',
      "brakes? (?:lock|jam|stick|bind)(?:s|ed|ing)?(?: up| on)? and (?:won't|don't|will not|do not|doesn't) (?:release|let go|free)",
      "(?:won't|will not|doesn't|does not|can't) free ?wheel|(?:can't|cannot|couldn't) push (?:it|the car) (?:by hand|on the (?:flat|level))",
      '(?:have|need) to rev to (?:pull away|move|set off)|brakes .*(?:starts?|begins?) (?:to )?(?:bind|drag)(?:ing)?$',
      '(?:car |it )rolls? (?:badly|poorly|heavily|stiffly)|(?:barely|hardly) rolls?|(?:feels?|is) (?:still )?held(?: back)?$|takes a (?:moment|second|while) to roll',
      '(?:frozen|seized|stuck|binding) (?:on |at )?all (?:four|round)',
      `wheels (?:are )?(?:hard|difficult|stiff) to turn ${upTo(3)}all (?:four|round|of them)`,
      near('drag(?:s|ged|ging)?|bind(?:s|ing)?', 'all (?:round|four|of them)', 3).source,
      `^(?:the )?brakes (?:never|don't|do not|won't) (?:fully |quite )?(?:release|let go)(?! until| ${AT_ONCE})`,
      '(?:the )?wheels (?:drag|bind)(?! (?:on|at))|(?:wheels|brakes) (?:slowly )?lock on(?: slowly)? (?:as|when|once) (?:it|they|everything) (?:warms?|heats?|gets? (?:hot|warm))',
      'keeps? braking after (?:i|you|we) (?:lift|let go|release|come off)',
      "(?:brake )?pressure (?:won't|doesn't|does not|will not) (?:release|let go|go away)|(?:^|(?:storage|winter|standing|months|weeks) )(?:the |my )?brakes stick$",
    ),
    rx('all (?:the time|winter|summer|year|day|night|week)'),
  ),
  found(
    'wheel_drags',
    'one',
    rx(
      `(?:wheel|corner|front|rear|left|right|side|caliper|brakes?|it|disc|rotor) ${upTo(3)}(?:drag(?:s|ged|ging)?|bind(?:s|ing)?|stuck (?:on|solid|fast|(?:at the )?(?:rear|front|left|right)$)|seized|frozen|sticks|sticking|stuck$|hangs(?! on)|hanging(?! (?:off|on|by|from))|(?:stay|stays) locked|seiz(?:e|es|ing)|rub(?:s|bing)|locked (?:solid|on|up solid))`,
      "(?:fronts|rears) (?:never|don't|do not|won't) (?:fully |quite )?(?:release|let go)",
      "(?:wheel|caliper|front|rear|left|right) (?:does not|doesn't|won't|will not|never) (?:fully |quite |really )?(?:release|let go|come off)",
      `not (?:fully |quite |properly )?releas(?:e|ing) ${upTo(3)}(?:left|right|one side|front|rear|back)`,
      "drag(?:s|ged|ging)?|bind(?:s|ing)|stuck on|(?:won't|wouldn't|don't|doesn't|will not|would not|does not) turn",
      'not turn(?:ing)? (?:free(?:ly)?|easily)',
      'brakes? (?:is |are |keeps? )?hang(?:s|ing)?(?: up| on)? (?:on|at) (?:the |one )?(?:left|right|front|rear|back|wheel|side)',
      'calipers? hangs on',
      `wheel ${upTo(2)}(?:turns|spins|rotates) (?:stiff(?:ly)?|hard|heav(?:y|ily))`,
      "(?:won't|doesn't|hardly) spin|wheels? (?:is |are )?(?:hard|difficult|stiff|tight) to turn|(?:can't|cannot|couldn't) (?:be )?turn(?:ed)? (?:the )?(?:\\w+ ){0,2}wheel",
      '(?:spin|turn|roll)s? free(?:ly)? (?:except|but not|apart from)',
      'brakes (?:are |keep )?rubb(?:ing|s)|one wheel (?:is |being |feels |was )*(?:held|holding)',
      `rub(?:s|bing) ${upTo(4)}(?:wheel|front|rear|left|right|corner)`,
      `brakes? (?:${NOT}) (?:fully |really |quite )?open|wheel (?:is |stays |gets )?(?:a (?:bit|little) )?blocked`,
      `(?:wheel|front|rear|left|right|shoes?|pads?|brakes?) ${upTo(3)}(?:stuck|stick|rusted|frozen) (?:on)?to (?:the )?(?:drum|disc|rotor)`,
      'brakes? (?:rusted on|stuck after)|(?:pressure|fluid) (?:is )?(?:stuck|trapped) in (?:\\w+ ){0,4}(?:hose|caliper)',
      `(?:wheels?|fronts?|rears?|brakes?) ${upTo(2)}(?:locked|stuck|blocked)(?: on| up| solid)? (?:${STANDING})`,
    ),
    'no',
    rx(
      'sliders?|slides|bobbins?|floating',
      'all (?:four|wheels|corners|of|round)|every (?:wheel|corner)',
      "(?:won't|will not|doesn't|hardly) (?:want to )?roll|everywhere",
      'drag(?:s|ged|ging)? (?:me |it |us )?(?:over )?to|pistons?|pins?|pedal (?:sticks|hangs|stuck)',
      '(?:the|a) (?:trailer|caravan)|(?:bias|balance) bar|bleed(?:er)? (?:nipple|screw)|bleeders?',
      '(?:hose|line|pipe|tyre) rub(?:s|bing)|(?:at|in|on) (?:only )?one (?:spot|place|point)',
      'nipple|noise|sound|hear (?:something |it )?(?:is )?rubbing|wheel cylinders?',
    ),
  ),
  says(
    'wheel_drags',
    'one',
    rx(
      "(?:brakes?|wheel|caliper) (?:don't|doesn't|do not|won't|never) (?:release|let go|free) (?:until|unless)",
    ),
  ),
  says(
    'heat_spread',
    'one_hot',
    rx(
      `(?:wheel|rim|alloy|hub|corner|disc|rotor) ${upTo(7)}${HOT}`,
      `one (?:of the )?(?:front|rear|back)? ?(?:wheels?|discs?|rotors?|rims?|brakes?|calipers?|fronts|rears) ${upTo(4)}${HOT}`,
      `(?:a|one|the|^) ?(?:very |really )?hot (?:wheel|rim|disc|rotor|corner)`,
      `one (?:front |rear |back )?drum ${upTo(3)}${HOT}|(?:binding|dragging|sticking) and ${HOT}`,
      `(?:left|right)(?: front| rear)? ${upTo(1)}(?:${ROTOR}|caliper|wheel|brake) ${upTo(4)}hotter than (?:the |its )?(?:left|right|other)`,
      `${NAMED_WHEEL}(?: wheel| rim| disc| rotor| brake)? ${upTo(2)}${HOT}`,
    ),
    rx(`${ONCE}|both|all|every|equally|smell(?:s|ing)? hot|hot ?spot(?:s|ted)?`),
  ),
  says(
    'heat_spread',
    'all_hot',
    rx(
      `(?:wheels|rims|brakes|drums|${ROTOR}) ${upTo(3)}${HOT} ${upTo(2)}all (?:four|round|of them)`,
      `all (?:four|of them|the)(?: wheels| rims| brakes| discs| rotors)? ${upTo(2)}${HOT}`,
      `(?:^|and )(?:the |my )?(?:wheels|rims) (?:are |get |were )?${HOT}$`,
    ),
    rx(`${ONCE}|hot spots?`),
  ),
  says(
    'heat_spread',
    'all_hot',
    rx(
      'brakes? (?:are |is |keep |keeps |get |gets )?(?:overheat(?:s|ing|ed)?|running hot|hot) (?:in traffic|in town|on the road|without)',
      '(?:brakes|wheels|rims) (?:are |get |were )?(?:too |very |really )?hot after (?:a |any |every )?(?:normal|short|quick|gentle|ordinary) (?:drive|trip|run)',
      '^(?:the |my )?brakes (?:are )?overheating$|(?:brakes|wheels|rims) (?:are |get |were )?(?:too |very )?hot to (?:the )?touch',
    ),
  ),
  says('heat_spread', 'even', rx('all (?:four|wheels|of them) (?:\\w+ ){0,3}same temp(?:erature)?')),
  says(
    'heat_spread',
    'one_axle',
    rx(
      '(?:(?:front|rear) (?:brakes?|discs|rotors)|fronts|rears) (?:are |keep |get )?overheat(?:s|ing|ed)?',
      'overheat(?:s|ing|ed)? (?:on|at) (?:the )?(?:fronts?|rears?)',
    ),
    rx('left|right'),
  ),
  says(
    'heat_spread',
    'one_hot',
    rx(
      `^(?:very |really )?hot ${NAMED_WHEEL}`,
      '^(?:all )?(?:the )?heat (?:is )?(?:only )?(?:on|at|in) (?:only )?one (?:wheel|corner)',
    ),
  ),
  says(
    'heat_spread',
    'one_axle',
    rx(
      `(?:(?:both |the )?(?:fronts|rears)|(?:both )?(?:front|rear|back) (?:wheels|discs|rotors|brakes|rims)) ${upTo(4)}${HOT}`,
    ),
    rx(`${ONCE}|one of`),
  ),
];
