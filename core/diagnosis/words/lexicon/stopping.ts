import { found, HANDBRAKE, near, PADS, ROTOR, type Rule, rx, says, upTo, yes } from './rule';

const NOT =
  "doesn't|don't|do not|does not|won't|wouldn't|will not|isn't|not|hardly|barely|didn't|can't|could not|couldn't|did not";
const PULLS =
  'noses?|tramlin(?:es|ing)|haul(?:s|ing)|dips?|nods|slew(?:s|ing)?|pull(?:s|ed|ing)?|veer(?:s|ing)?|dart(?:s|ing)?|dives?|steers?|swerv(?:es?|ing)|drifts?|wanders?|tug(?:s|ging)?|yanks?|snatch(?:es)?|lurch(?:es)?|shot|shoots|jerks?|twitch(?:es)?|leans?|creeps?|drags?|goes|go|going(?= to )|moves|heads|jumps|leads|crab(?:s|bing|bed)?';
const towards = (side: string) =>
  rx(
    `(?:${PULLS}) (?:me |us |it |itself |over |off |the wheel |the steering |hard |strongly |slightly |badly |sharply |a bit )?(?:too? )?(?:the )?(?:hard )?${side}`,
  );
/** What goes aside there is not the car, or nothing does. */
const NOT_ASIDE =
  'rear|back end|tail|foot|pedal (?:goes|moves|drops)|right (?:down|through|to the (?:floor|bottom)|away|back|after|up)';
/** It goes there by itself, which is no brake. */
const UNBRAKED = '(?<!(?:even|also|and) )(?:without braking|when not braking|off the brakes)';
/** Held straight by hand: it pulls the other way. */
const heldAgainst = (side: string) =>
  rx(
    `(?:hold|steer|keep|turn)(?:ing)? (?:the )?(?:steering )?(?:wheel )?(?:to )?(?:the )?${side} (?:to|just to|and|or)`,
  );
/** One side brakes the other one's share: it pulls there. */
const strongerAt = (side: string) =>
  rx(
    `(?:${side} (?:front|rear|back|side)|(?:front|rear|back) ${side}|${side}) (?:wheel |brake |side )?(?:is )?(?:brak(?:es|ing)|bit(?:es|ing)|grab(?:s|bing)|grip(?:s|ping)) (?:more|harder|stronger|earlier|sooner) than`,
  );
/** It pulls to one side, and not now there, now to the other. */
const pullsTo = (side: 'left' | 'right', names: string, other: string): Rule =>
  says(
    'pull_side',
    side,
    towards(`(?:${names})`),
    rx(
      `${NOT_ASIDE}|${UNBRAKED}|${side} (?:and|or) ${other}|${side} ${upTo(3)}then ${other}|${side} (?:one|the first) (?:time|stop|lap)`,
    ),
  );
/** A wheel that stops turning. */
const LOCKS = 'lock(?:s|ed|ing)?(?: up| early| first)?|lock ?ups?|block(?:s|ing)';
/** Stuck since it stood, which is no balance. */
const STANDING =
  '(?:after|since|from|when|while) (?:parking|parked|standing|being parked|overnight)|overnight';
/** One wheel, not an axle. */
const BEFORE_THE_OTHER = 'before (?:the )?(?:left|right|other)';
/** What blocks there is no wheel. */
const NO_WHEEL = 'ducts?|vents?|hoses?|lines?|pipes?|holes?|passages?';
const BACK = 'rears?|rear (?:wheels?|tyres?|axle|end|brakes?)|back (?:end|wheels?|axle|brakes?)|tail';
const FRONT = 'fronts?|front (?:wheels?|tyres?|axle|end|brakes?)';
const balanceMoves = (to: string) =>
  `(?:brake )?(?:balance|bias) (?:keeps? )?(?:moves|moving|shifts|shifting|migrates|migrating|goes|going|drifts|drifting|creeps|creeping|walks) (?:to the )?(?:${to})`;
const HOT =
  '(?:red |burning |really |very |too |boiling |piping |so |much )*(?:hot|hotter|cooking|glow(?:s|ing)|scorching)';
const NAMED_WHEEL =
  '(?:(?:front|rear|back) (?:left|right)|(?:left|right) (?:front|rear|back)|[fr][lr]|[lr]f|lr)';
/** Said of when it shows, not of what was hot. */
const ONCE = 'when|once|until|till|as|if|after (?:they|it|the)';

/** How the car stopped: strength, direction, balance, drag and where the heat is. */
export const STOPPING_WORDS: readonly Rule[] = [
  yes(
    'poor_stopping',
    rx(
      `(?:anchors|stoppers|brakes?) (?:${NOT}) hold|stops? (?:bad|badly|poorly|long|late)$`,
      `(?:${NOT}) (?:really |just )?(?:stop|slow|stopping|slowing|brake|bite|grip|pull up)(?: down| as| like| well| properly| anymore)?`,
      '(?:hardly|barely) (?:stops|slows|brakes|bites|pulls up)',
      "(?:don't|doesn't|not|aren't) (?:feel |work |stop )?(?:as|so) (?:sharp|strong|good|well|effective)",
      'no brakes? (?:on|at|for|into) the first',
      'no (?:initial |first |cold )?(?:bite|stopping power|stopping|stop|retardation|brakes|power in the brakes)',
      '(?:hardly|barely) any (?:brakes?|braking|stopping)',
      '(?:weak|poor|bad|rubbish|terrible|useless|feeble|lazy|crap|awful|hopeless|dreadful) (?:brakes?|braking|stopping|stops?|bite)',
      'brak(?:es?|ing) (?:is |are |feels? |feel |seems? |were |was |get |gets )?(?:very |really |so |just |a bit |pretty |only )?(?:weak|poor|bad|rubbish|terrible|useless|feeble|crap|awful|hopeless|dreadful|no good)',
      `brakes? (?:just |simply )?(?:${NOT}|are not|aren't) (?:really |properly )?work(?:ing)?`,
      'brakes? (?:are|feels?) dead|brakes? (?:just |suddenly )?(?:stopped working|failed|did nothing)',
      'brakes? (?:goes|go|going|went|gone|going) off|brakes? (?:go|goes|going) away',
      '(?:brakes?|they) (?:just |simply )?(?:die|dies|died|dying|quit|give up|gave up|pack up|packed up)',
      'brakes? (?:is |are |were )?gone (?:after|on|by|in)',
      'lost (?:braking|stopping power|deceleration)|no (?:deceleration|braking)|no more brak(?:es?|ing)(?! (?:fluid|pads?|lights?|noise))',
      'lack(?:s|ing)? (?:of )?(?:bite|braking|stopping)|fad(?:e|es|ed|ing)',
      `(?:takes|took|needs) ${upTo(4)}(?:long|longer|further|ages|forever|straight|metres|meters|yards|lengths|miles) to (?:stop|slow|pull up|haul up)`,
      'ran (?:on|wide|off) at|(?:stopping|braking) distances?',
      '(?:weaker|worse) and (?:weaker|worse)',
      '(?:brake|braking|stopping) (?:power|force|performance) (?:drops|falls|goes|fades|(?:is )?(?:down|low|poor|weak|not enough|too (?:low|little)))|not enough (?:brake|braking|stopping)|stopping takes (?:forever|ages|long(?:er)?|too long)',
      '(?:take|takes) (?:a (?:second|moment|while)|time) before',
      `brak(?:e|ing) (?:\\d+ (?:m|met(?:re|er)s?|ft|feet|yards?) |much |a lot |way |far )?(?:earlier|sooner)|pedal (?:is |feels |felt |went )?(?:completely )?dead(?! (?:for|until|at|over))`,
      'brakes? (?:are|r|is|were) (?:totally |completely |well )?(?:shot|knackered|toast|cooked|scary|frightening|terrifying|dodgy|sketchy|dangerous)',
      '(?:stops?|braking) (?:is|was|are|were|feels?|gets?) (?:really |very |quite |a bit )?(?:scary|frightening|terrifying|dodgy|sketchy|dangerous)',
      `(?:can't|cannot|couldn't|don't|doesn't) cope|struggl(?:e|es|ing) to (?:stop|slow)|not up to (?:it|the job)`,
      'no (?:front|rear) brakes|(?:brak|stop)\\w+ on ice|(?:stopping|braking) distances? (?:has|have) (?:doubled|grown|increased|gone up)',
      `(?:take|takes|took|need|needs) ${upTo(6)}to (?:wake up|come in|bite|start working)|(?:fell|falls|dropped|drops) off a cliff`,
      '(?:bite|brakes?|braking) (?:just )?(?:drops?|falls?|dropped|fell|tails?) (?:off|away)',
      "(?:can't|cannot|couldn't) lock (?:the |a |any )?wheels?|little (?:braking|bite)|(?:run(?:s|ning)?|ran) out of brakes?|nothing (?:much |really )?happens",
      `(?:use|used|pull|pulled|grab|grabbed) (?:the )?${HANDBRAKE} to (?:stop|slow)`,
      'not (?:really |too |very )?(?:happy|impressed) with the (?:bite|brakes|stopping)|^(?:no|zero) (?:grip|bite)',
      '(?:do|does|did) nothing (?:until|till|when|at)|brakes? (?:do|does|did) nothing|no confidence in the brakes?|(?:nothing|not) there',
      'no (?:stopping )?power(?: behind it| in (?:it|the brakes))?(?! (?:steering|assist|servo))|(?:weak|useless|hopeless|terrible|awful|poor) (?:on|at|in|when)|^(?:just |only |very |simply )*(?:weak|feeble|poor)$',
      `(?:firm|good|hard) pedal ${upTo(3)}no (?:stopping|brakes?|bite|stop)`,
    ),
    rx(
      "(?:if|when|while) (?:i|you|we) (?:do not|don't) brake",
      `(?<!(?:use|used|grab|grabbed|pull|pulled) (?:the )?)(?:${HANDBRAKE})|no brakes? (?:at all|on(?! the | lap))|or no brakes?|under the foot|evenly|straight line|brake straight|stop straight`,
    ),
  ),
  yes(
    'pulls',
    rx(
      `pull(?:s|ed|ing)? ${upTo(3)}(?:left|right|side|one way|offside|nearside)`,
      'pulls|pulling|pull(?:s|ing)? (?:under|when|on) (?:the )?brak(?:es?|ing)',
      'pull(?! (?:over|in|into|up|away|off|the))',
      '(?:steering |the )?wheel (?:turns|goes|jerks|twitches) (?:to the )?(?:left|right) (?:by|on|under|when)',
      'veers?|veering|weav(?:es|ing)|darts?|darting|dives? (?:left|right|to)',
      'steers? (?:itself|left|right)|swerv(?:es?|ing)|wanders? (?:under|when|to)',
      'drifts? (?:left|right|to|(?:when|while|under|on) brak\\w*)|crab(?:s|bing|bed)?',
      `(?:${NOT}) (?:brake|stop|slow|pull up) (?:evenly|straight|in a straight line)`,
      '(?:brakes?|braking|slows|stops) (?:is |are )?uneven(?:ly)?(?! (?:wear|worn))|uneven braking',
      '(?:keep|keeping|hold|holding) (?:it|the car) (?:in a )?straight',
      'tug(?:s|ging) at the (?:steering )?wheel|(?:two|both) hands on the wheel|(?:brak(?:es?|ing)|working|biting|gripping) (?:seem(?:s)? to be )?(?:working )?only on one side|one side (?:of the )?(?:front |rear )?(?:axle |brakes? )?(?:brakes|bites|grabs|grips|works) (?:harder|more|earlier|first|better)|only one (?:side|(?:of the )?(?:front |rear )?wheels?) (?:works|brakes|bites)',
    ),
    rx(
      `${HANDBRAKE}(?: lever)? (?:is )?pull(?:s|ing)`,
      UNBRAKED,
      'pull(?:s|ed|ing)? (?:all the way |right )?(?:over|in|into|up|away|off)|does it|trailer|caravan',
      '^(?:it )?pulls on (?:the )?straights?$|pulls (?:well|strongly|hard|fine|ok|okay|nicely) (?:up|out of|from|away|through|in)|steering pulls on the straights?|wheel alignment|needs? (?:an )?alignment',
    ),
  ),
  yes(
    'pulls',
    towards('(?:left|right|l|r|near ?side|off ?side|one side|(?:the|a) side)'),
    rx(`corners?|turn(?:s|ing)? (?:left|right)|${UNBRAKED}|${NOT_ASIDE}`),
  ),
  says('pulls', 'yes', heldAgainst('(?:left|right)')),
  says('pulls', 'yes', strongerAt('(?:left|right)')),
  says(
    'pull_side',
    'changes',
    rx(
      `(?:${PULLS}) ${upTo(3)}(?:(?:whichever|either|both) (?:side|way)s?|one way ${upTo(3)}(?:the )?other|left (?:and|then|or) right|left ${upTo(3)}then right|right ${upTo(3)}then left|(?:one time|sometimes|once) left ${upTo(2)}right)`,
      'sometimes (?:to the )?left(?: and)?(?: sometimes)? (?:to the )?right|left one time right the next',
      // The second half of "sometimes left, sometimes right".
      '^(?:and |then )?(?:sometimes|other times) (?:to the )?(?:left|right)$',
      `left (?:one|the first) (?:time|stop|lap) ${upTo(1)}right|right (?:one|the first) (?:time|stop|lap) ${upTo(1)}left`,
    ),
  ),
  pullsTo('left', 'left|l|near ?side', 'right'),
  pullsTo('right', 'right|r|off ?side', 'left'),
  says('pull_side', 'left', strongerAt('left')),
  says('pull_side', 'right', strongerAt('right')),
  says('pull_side', 'left', heldAgainst('right')),
  says('pull_side', 'right', heldAgainst('left')),
  says(
    'axle_locks_early',
    'rear',
    near(
      BACK,
      `${LOCKS}|steps? out|comes? round|overtakes?|loose (?:under|on)|light (?:under|on)|happy (?:under|on)|nervous|twitchy|wobbly|unstable|unsettled|squirm(?:s|ing)?|slides? (?:under|out)|skid(?:s|ding)?`,
      4,
    ),
    rx(
      `${BEFORE_THE_OTHER}|(?:${FRONT}) ${upTo(2)}(?:${LOCKS})|nuts?|bolts?|studs?|locked (?:on|solid)|${STANDING}|${NO_WHEEL}`,
    ),
  ),
  says(
    'axle_locks_early',
    'front',
    near(FRONT, `${LOCKS}|flat ?spot(?:s|ted|ting)?|skid(?:s|ding)?`, 4),
    rx(
      `${BEFORE_THE_OTHER}|flat ?spots? ${upTo(2)}(?:on|in) ${upTo(4)}tyre|(?:${BACK}) ${upTo(2)}(?:${LOCKS})|locked (?:on|solid)|${NO_WHEEL}`,
    ),
  ),
  says(
    'axle_locks_early',
    'front',
    rx(
      'lock(?:s|ed|ing)? (?:up )?(?:the |an |my )?(?:inside |outside )?fronts?',
      balanceMoves('front(?:wards?)?|forwards?'),
      '(?:bias|balance) (?:is )?too (?:far|much) (?:to the )?(?:front|forwards?)',
    ),
  ),
  says(
    'axle_locks_early',
    'rear',
    rx(
      balanceMoves('rear(?:wards?)?|back(?:wards?)?'),
      '(?:bias|balance) (?:is )?too (?:far|much) (?:to the )?(?:rear|back)(?:wards?)?',
      'rear slides$|(?:rear|back)(?: end| wheels?)? (?:(?:gets|goes|is|are|feels) )?(?:light|loose|nervous)(?! (?:out|off|came|on))',
      '(?:wants?|tries|trying) to (?:swap|change) ends|swaps? ends|(?:wants?|tries|trying) to spin|spins? (?:under|on) (?:trail )?brak(?:es|ing)',
      '(?:back|rear)(?: end)?(?: of (?:the |my )?car)? (?:comes?|came|steps?|stepped|goes|went|swings?|swung) (?:round|around|out)',
    ),
  ),
  yes(
    'grabs',
    rx(
      'grab(?:s|bed|bing|by)?|snatch(?:es|y|ing)?',
      '(?:brakes?|pedal) (?:is |are |feels? )?(?:too |very |over |overly |really |so )+(?:sharp|sensitive|touchy|keen)|over ?sensitive|brakes? lock(?:s|ing)?(?: up)? (?:suddenly|abruptly|all at once)|suddenly lock(?:s|ing)?(?: up)?',
      `(?:only )?one wheel (?:keeps )?lock(?:s|ing)(?: up)?(?! (?:on|solid))|lock(?:s|ing)(?: up)? ${BEFORE_THE_OTHER}|^(?:the |my )?brakes lock(?:ing)?(?: up)?$|(?<!front |rear |back )wheels? locks? (?:up )?(?:too |very |so )?(?:easily|early|quickly|at once)`,
      '(?:hardly|barely) (?:have to )?touch(?:ing)? (?:it|them|the (?:pedal|brakes?))(?! (?:to|before) (?:the )?floor)',
      'bites? (?:too|so) (?:hard|much)|brakes? (?:too|far too) (?:hard|strong(?:ly)?|much)',
    ),
    rx(
      'bottom|floor|last inch|than|(?:to|at) (?:the )?(?:left|right)|(?:left|right) side|first grab|grab (?:a|some|my|the handle)',
    ),
  ),
  says(
    'wheel_drags',
    'all',
    rx(
      `(?:all|every(?:thing)?) (?:four |4 )?(?:wheels?|corners?|brakes?|of them)? ?${upTo(3)}(?:drag(?:s|ged|ging)?|bind(?:s|ing)?|stuck|hot|seized|(?:are|is|stays?|staying) on)`,
      `brakes? (?:drag(?:s|ged|ging)?|bind(?:s|ing)?) ${upTo(3)}(?:all|every|everywhere)`,
      "(?:won't|will not|doesn't|does not|hardly) (?:want to )?roll",
      'brakes (?:lock|locked|locking|jam|jammed|seize|seized|stick|sticking|stuck) on(?! (?:one|the|my|left|right|front|rear|overnight))',
      `(?:like|as if|feels) (?:the |my )?${HANDBRAKE}(?:'s| is| was| were| has been) (?:still |left )?on`,
      '(?:^|\\b(?:now|and|then|the|my) )brakes? (?:are |is |keep )?(?:drag(?:s|ged|ging)?|bind(?:s|ing)?)(?!.* (?:left|right|fronts?|rears?|near ?side|off ?side|one|wheel|corner)\\b)',
      '(?:the |my )?car drags|brakes? (?:get|gets|getting) tighter|(?:slows|stops|brakes) (?:down )?(?:by|on) (?:it|its)(?:self| own)',
      '(?:brakes? )(?:come|comes|came|go|goes) on (?:by (?:it|them)(?:self|selves)|on (?:its|their) own)|put(?:s|ting)? (?:itself|themselves) on|(?:self ?appl(?:y|ies|ied|ying)|apply themselves|applies itself)',
      '(?:held|holding) back|holds (?:itself )?back|rolls? to a (?:stop|halt)',
      '(?:hard|difficult|impossible) to push (?:the |this |my )?car|(?:the |my )brakes? (?:is |are |keeps? )?hang(?:s|ing)?(?: up| on)?$|brakes? (?:are |is )?not (?:fully )?releasing|brakes? locked (?:up |on )?after (?!a|the first)',
      "brakes? (?:lock|jam|stick|bind)(?:s|ed|ing)?(?: up| on)? and (?:won't|don't|will not|do not|doesn't) (?:release|let go|free)",
      '(?:barely|hardly) rolls?|(?:feels?|is) (?:still )?held(?: back)?$|takes a (?:moment|second|while) to roll',
      '(?:frozen|seized|stuck|binding) (?:on |at )?all (?:four|round)',
      `wheels (?:are )?(?:hard|difficult|stiff) to turn ${upTo(3)}all (?:four|round|of them)`,
      near('drag(?:s|ged|ging)?|bind(?:s|ing)?', 'all (?:round|four|of them)', 3).source,
      "^(?:the )?brakes (?:never|don't|do not|won't) (?:fully |quite )?(?:release|let go)(?! until)",
      '(?:the )?wheels drag(?! (?:on|at))',
    ),
    rx('all (?:the time|winter|summer|year|day|night|week)'),
  ),
  found(
    'wheel_drags',
    'one',
    rx(
      `(?:wheel|corner|front|rear|left|right|side|caliper|brakes?|it|disc|rotor) ${upTo(3)}(?:drag(?:s|ged|ging)?|bind(?:s|ing)?|stuck (?:on|solid|fast)|seized|sticks|sticking|stuck$|hangs(?! on)|(?:stay|stays) locked|seiz(?:e|es|ing)|rub(?:s|bing)|locked (?:solid|on|up solid))`,
      "(?:fronts|rears) (?:never|don't|do not|won't) (?:fully |quite )?(?:release|let go)",
      "(?:wheel|caliper|front|rear|left|right) (?:does not|doesn't|won't|will not|never) (?:fully |quite |really )?(?:release|let go|come off)",
      `not (?:fully |quite |properly )?releas(?:e|ing) ${upTo(3)}(?:left|right|one side|front|rear|back)`,
      "drag(?:s|ged|ging)?|bind(?:s|ing)|stuck on|(?:won't|don't|doesn't|will not|does not) turn|not turning (?:free(?:ly)?|easily)",
      'brakes? (?:is |are |keeps? )?hang(?:s|ing)?(?: up| on)? (?:on|at) (?:the |one )?(?:left|right|front|rear|back|wheel|side)',
      `wheel ${upTo(2)}(?:turns|spins|rotates) (?:stiff(?:ly)?|hard|heav(?:y|ily))`,
      "(?:won't|doesn't|hardly) spin|wheels? (?:is |are )?(?:hard|difficult|stiff) to turn",
      '(?:spin|turn|roll)s? free(?:ly)? (?:except|but not|apart from)',
      'brakes (?:are |keep )?rubb(?:ing|s)|one wheel (?:is |being |feels |was )*(?:held|holding)',
      `rub(?:s|bing) ${upTo(4)}(?:wheel|front|rear|left|right|corner)`,
      `brakes? (?:${NOT}) (?:fully |really |quite )?open|wheel (?:is |stays |gets )?(?:a (?:bit|little) )?blocked`,
      `(?:wheel|front|rear|left|right|shoes?|pads?|brakes?) ${upTo(3)}(?:stuck|rusted|frozen) (?:on)?to (?:the )?(?:drum|disc|rotor)`,
      `(?:wheels?|fronts?|rears?|brakes?) ${upTo(2)}(?:locked|stuck|blocked)(?: on| up| solid)? (?:${STANDING})`,
    ),
    'no',
    rx(
      'sliders?|slides',
      'all (?:four|wheels|corners|of|round)|every (?:wheel|corner)',
      "(?:won't|will not|doesn't|hardly) (?:want to )?roll|everywhere",
      'drag(?:s|ged|ging)? (?:me |it |us )?(?:over )?to|pistons?|pins?|pedal (?:sticks|hangs|stuck)',
      '(?:the|a) (?:trailer|caravan)|(?:bias|balance) bar|bleed(?:er)? (?:nipple|screw)|bleeders?|nipple|noise|sound|wheel cylinders?',
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
    rx(`${ONCE}|both|all|every|equally|smell(?:s|ing)? hot`),
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
      'brakes? (?:are |is |keep |keeps |get |gets )?(?:overheat(?:s|ing|ed)?|running hot) (?:in traffic|in town|on the road|without)|^(?:the |my )?brakes (?:are )?overheating$',
    ),
  ),
  says(
    'heat_spread',
    'one_axle',
    rx(
      '(?:front|rear) (?:brakes?|discs|rotors) (?:are |keep |get )?overheat(?:s|ing|ed)?',
      'overheat(?:s|ing|ed)? (?:on|at) (?:the )?(?:fronts?|rears?)',
    ),
    rx('left|right'),
  ),
  says('heat_spread', 'one_hot', rx(`^(?:very |really )?hot ${NAMED_WHEEL}`)),
  says(
    'heat_spread',
    'one_axle',
    rx(
      `(?:(?:both |the )?(?:fronts|rears)|(?:both )?(?:front|rear|back) (?:wheels|discs|rotors|brakes|rims)) ${upTo(2)}${HOT}`,
    ),
    rx(`${ONCE}|one of`),
  ),
  yes(
    'pads_wear_fast',
    rx(
      `(?:eat(?:s|ing)?|ate|eaten|chew(?:s|ed|ing)?|burn(?:s|t|ed|ing)?|kill(?:s|ed)?|destroy(?:s|ed)?|go(?:es|ing)?|gone through|going|gets?|got through|went|wear(?:s|ing)?) ${upTo(2)}(?:through )?${upTo(3)}(?:pads?|linings?)`,
      '(?:second|third|fourth|fifth|2nd|3rd|4th|5th) set of (?:pads|fronts|rears|linings) (?:this|in)',
      '(?:eats?|ate|eaten|chew(?:s|ed)|burn(?:s|t|ed)|kill(?:s|ed)|destroy(?:s|ed)) (?:through )?(?:a |another |one |two )?(?:set|pair)s? of (?:fronts|rears|pads|linings)',
      '(?:went|go(?:es)?|been|got|gone) through (?:a |another |two |three )?(?:set|pair)s? of (?:fronts|rears|pads|linings)',
      "(?:fronts|rears) (?:only |hardly |just |don't |do not |never )?last(?:ed|s)? (?!(?:well|forever|ages|long)\\b)(?:[\\w']+ ?){1,3}",
      "pads? (?:only |hardly |don't |do not |never |are |were |is )?(?:last(?:s|ed)?(?! (?:week|month|year|time|season|spring|summer|autumn|winter|night|weekend|\\w+day))|wear(?:s|ing)?|disappear|vanish)(?: [\\w']+){0,4}?",
      "pads? (?:are |were |is |was )?(?:already |half |nearly |almost )?(?:worn|gone|go|finished|done|used up) (?:out )?(?:in|after|within|again|already|every|too|by) (?:[\\w']+ ?){0,3}",
      `pads? ${upTo(2)}(?:eaten|chewed|burnt|destroyed) (?:up |away )?(?:in|after|by)`,
      near('(?:every|each) (?:time|event|weekend|outing|track ?day)', 'new (?:set of )?pads', 10).source,
      '(?:new )?(?:set of )?pads every|(?:heavy|fast|quick|excessive) pad wear',
    ),
    rx(
      'lamps?|lights?|warning|sensor|go(?:es)? down|(?:went|going|gone) (?:back )?(?:to|for|with) |new pads fitted|last(?:s|ed)? (?:forever|ages|for ages|well|years|long)|taper|angle',
      `wedge|(?:un)?even(?:ly)?|wear(?:s|ing)? (?:well|normally|slowly|fine|ok|okay)|(?:faster|quicker) than|${near('pads?', 'inner|inside|outer|outside', 1).source}`,
    ),
  ),
  says(
    'pads_wear_fast',
    'yes',
    rx(
      '(?:eat|eaten|ate|chew|burn|wear)(?:s|ing|ed)? (?:through )?(?:the |its |my )?(?:inner|outer|inside|outside) pads?',
    ),
  ),
  found(
    'pad_wear_sides',
    'differ',
    rx(
      `${PADS} ${upTo(6)}(?:half|thinner|thicker|twice|more worn|faster|quicker) ${upTo(4)}(?:other side|left|right)`,
      `pads? on (?:that|this|one|the (?:left|right)) side ${upTo(4)}(?:thinner|thicker|more worn)`,
      `one side ${upTo(4)}pads? ${upTo(4)}(?:other|than)`,
      `${PADS} ${upTo(2)}(?:wear|wore|worn|wearing) (?:un|not )even(?:ly)? (?:left (?:and|to) right|side to side|from side to side|across)`,
      'uneven (?:brake )?pad wear|pads? (?:are )?(?:worn|wearing|wear) uneven(?:ly)?$|pads? (?:are )?worn on one side|one pad (?:is )?more worn than the other',
      // What wears more is dirtier.
      near(
        'dust',
        '(?:one|only|a single) (?:front |rear )?(?:wheel|side|rim)|(?:more|dirtier|blacker|worse) (?:on|at|with|than)',
        5,
      ).source,
      'more (?:brake )?dust (?:on|at) (?!all|both)|dustier (?:than|on)',
    ),
    'even',
    near('pads?', 'inner|outer|inside|outside', 2),
  ),
  found('rotor_colour', 'blued', near(ROTOR, 'blue|blued|bluish|purple', 8), 'normal'),
];
