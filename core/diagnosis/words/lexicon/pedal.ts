import { AT_ONCE, FELT_IN_PEDAL, HANDBRAKE, NOT, near, type Rule, rx, says, upTo, yes } from './rule';

const PEDAL = '(?:brake |middle )?(?:pedals?|brakes?)';
const UNYIELDING =
  '(?:bricks?|rock|blocks? of wood|wood(?:en)?|concrete|granite|stone|marble|iron|steel|a wall|a tree|a post)';
const PRESS = '(?:press|push|stab|pump|application|touch|stroke|dab|stamp|prod)';
const END =
  'last (?:bit|part|inch|third) of (?:the )?(?:pedal )?(?:travel|stroke)|(?:at )?(?:the )?(?:very )?(?:end|bottom) of (?:the |its )?(?:travel|stroke|pedal)|when (?:i )?press(?:ed|ing)? (?:really )?hard(?:er)?';
/** Said of the pedal as well: "not spongy and not long". */
const NOT_EITHER =
  "(?:^|(?:spongy|soft|mushy|long|low|hard|stiff|heavy) (?:and|or|nor) (?:it is |it's )?)not ";
/** Said of the pedal and of nothing else. */
const AT_THE_END = /\b(?:soft|spongy|mushy|gives?) at the (?:very )?(?:end|bottom)$/;
/** Without the engine any pedal goes hard. */
const ENGINE_OFF = 'engine (?:is |was )?(?:off|stopped|not running|switched off)';
/** With the engine and without. */
const HARD_EITHER_WAY = rx(
  "engine (?:on|running) (?:and )?(?:it is |it's )?(?:still|just as|also) (?:hard|stiff|heavy)",
  '(?:hard|stiff|heavy) (?:with |whether )?(?:the )?engine (?:is )?(?:on or off|off or on|running or not)',
);
/** Said of what is right. */
const AS_IT_SHOULD = '(?:as|where|how) it should(?: be)?|as (?:a |any )?pedals? should';
/** Firm only at times, or wanted so. */
const NOT_FIRM_NOW = rx(
  'pump(?:s|ed|ing)?|second|third|next|then|after|when|once|until|till|if|unless|cold|hot|warm',
  'engine|again|by|at|in|wants?|needs?|likes?|gets?|before|for|during|first|was|used to|not|never',
  "n't|isn't|less|(?:doesn't|does not|won't) (?:feel|stay|get)",
);
const SPONGY =
  'spong(?:y|ey|e|iness)|softness|sogg(?:y|ier)|squish(?:y)?|squidgy|mush(?:y)?|marshmallow|springy|bouncy|doughy|woolly|jelly|balloon|rubbery|squashy|(?:like|with|of) (?:chewing gum|porridge|pudding)|like (?:treacle|mud)|like (?:stepping|pressing|pushing|treading) (?:in|into|on|onto) (?:an? )?(?:(?:wet|tennis|rubber) )?(?:mud|sponge|cushion|pillow|mattress|balls?|grapes?)|(?:feels?|like|as if|^)(?: ?\\w+ ){0,4}?air in (?:them|it|brakes?|the (?:brakes?|lines?|system))';

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

/** What the pedal did. */
export const PEDAL_WORDS: readonly Rule[] = [
  yes(
    'pedal_spongy',
    near(PEDAL, `${SPONGY}|soft(?:er|ish)?`),
    rx(END, AT_THE_END.source, `hoses? ${upTo(3)}balloon`),
  ),
  yes(
    'pedal_spongy',
    rx(
      `${SPONGY}`,
      "(?:goes|went|gone|going|gets|got|turns|is|was|it's|feels|only|just|still|quite|too|now) (?:all |really |very |a bit |still )?soft",
      "(?<=isn't |wasn't |not )soft",
      "(?:like )?(?:there is |there's |with )?a spring in (?:it|the pedal)|softer|^soft|^(?:long|low) and soft|(?:slightly|a bit|a little|sometimes|then) soft",
      'feels? like (?:a |there is a )spring|does it (?:go|get|feel|turn) (?:all )?soft|the harder (?:i|you|we) (?:push|press|brake) the (?:further|more|deeper|lower) (?:it|the pedal)',
    ),
    // It is not the pads that are to be softer.
    rx(
      '(?:suspect|think|guess|maybe|perhaps|probably) (?:\\w+ ){0,3}air in',
      END,
      AT_THE_END.source,
      'suspension|ride',
      `hoses? ${upTo(3)}balloon`,
      `softer ${upTo(2)}(?:pads?|compound|tyres?|springs?)|(?:pads?|compound) ${upTo(3)}softer`,
      '(?:cap|diaphragm|seals?|boots?|rubbers?|tyres?) (?:\\w+ ){0,3}(?:is|are|was|were|feels?|gone) (?:\\w+ )?soft',
    ),
  ),
  says('pedal_spongy', 'no', near('(?:brake )?pedal', 'firm|(?:feels|is) (?:normal|fine)', 3), NOT_FIRM_NOW),
  says(
    'pedal_spongy',
    'no',
    rx('(?:long|low) but (?:very |quite |still )?firm', '^(?:always|still) (?:rock )?firm$'),
  ),
  says(
    'pedal_spongy',
    'yes',
    rx(
      'vapou?r lock|(?:boil(?:ed|s|ing) (?:the |my |its )?(?:brake )?fluid|fluid (?:has |had |was |is )?boil(?:ed|ing))(?:$| (?:after|within|by) )',
      "(?:can't|cannot|couldn't|can not|never) (?:seem to )?get a (?:firm|hard|decent|proper|good) pedal",
    ),
  ),
  says('pedal_spongy', 'yes', rx("(?:isn't|not|never|less) (?:as |so |quite |really )?firm")),
  yes('pedal_soft_end', near('mushy|soft|gives?|giving|spongy|spongey', END, 3)),
  says('pedal_soft_end', 'yes', AT_THE_END),
  yes(
    'pedal_long',
    rx(
      '(?:long|low|longer|lower|deep) (?:brake )?pedal',
      '(?:brake )?pedal (?:is |was |goes |went |gets |getting |got |becomes |becoming |became |feels |gone |been |has gone |has been |has become |has been getting |been getting |keeps getting |went a bit )?(?:much |very |really |quite |a bit |too |so )?(?:long|low|deep)(?:er)?',
      '^(?:but |and |still |very |really |too |so |just |now )*(?:long|low)(?:er)?(?: and (?:soft|spongy|mushy|comes? .*|it .*))?$',
      `(?<=${NOT_EITHER})(?:long|low)(?=$| (?:and|or|nor)\\b)`,
      'it (?:starts|started|begins|began|keeps|kept) (?:going|getting) long(?! (?:way|time))',
      '(?:push|press)(?:ing)? (?:it |the pedal |down )?(?:much |a lot |a bit )?(?:further|farther)(?! (?:the|it|back|in))',
      '^(?:but )?long (?:on track|on the track|at speed|when hot|once hot|out there)$',
      'pedal (?:now )?(?:sits|stands|rests) (?:\\w+ )?(?:low|lower)',
      '^(?:soft|spongy|mushy) and (?:long|low|deep)$|sits (?:an? )?(?:inch|cm|bit|little|lot) lower',
      `(?:travels?|goes|moves|drops) ${upTo(4)}(?:inch(?:es)?|cm|centimet(?:er|re)s) ${upTo(1)}before`,
      "pedal (?:was|used to be|sat) (?:much |a lot |a bit )?higher|pedal's (?:\\w+ )?(?:lower|longer|low|long)",
      '(?:inch(?:es)?|cm|bit|lots?|loads|plenty|half) of (?:slack|(?:free )?play|nothing|travel before)',
      'pedal reserve (?:is )?(?:less|low|only|under|down)|pedal \\d+ (?:mm|cm|inch(?:es)?) lower',
      `pedal (?:has |have )?(?:dropp?(?:ed|s)|comes? down|lost|loses) ${upTo(2)}(?:inch(?:es)?|cm|mm|bit)`,
      'pedal (?:is |sits )way down|(?:pedal |it )(?:is |sits |was )?not (?:as|so) high',
      'the lower (?:the pedal|it) (?:sits|gets|goes)|(?:the pedal|it) (?:sits|gets|goes) the lower',
      'long (?:brake |pedal )?travel|pedal height (?:drops|falls|is (?:low|down))',
      '^hot (?:long|low)$|travel (?:goes|went|is going) up|needs (?:more and more|ever more) pedal|excessive (?:brake )?(?:pedal )?travel|travel is (?:huge|massive|enormous)',
      'travel (?:is |has become )?(?:excessive|too much|too long)',
      '(?:lots|lot|loads|too much|more) (?:of )?(?:pedal )?travel',
      'pedal (?:is |was |keeps |kept )?(?:getting|growing|got|gets|went) (?:longer|lower)',
      `(?:travel|stroke) ${upTo(2)}(?:grown|increased|gone up|went up|got longer|gets longer)`,
      `(?:travel|stroke) ${upTo(2)}(?:grows|growing|increases|increasing|gets longer|getting longer)`,
      '(?:almost|nearly|half ?way) (?:to|on|at|hits?|reach(?:es)?) the (?:floor|boards|carpet)',
      '(?:goes|going|went|is|was|travels|drops) (?:about |nearly )?(?:a third|half|two thirds|three quarters) of the way(?! (?:home|round|through|to))',
      'half ?way down|(?:goes|drops) (?:to )?half(?: ?way)?|(?:just|also|but|only|too) (?:long|low)',
      'and (?:goes|gets|sits) (?:very |quite )?(?:long|low)(?:er)?|and (?:long|low)(?:er)? (?:after|out of) ',
      '^sometimes (?:high|firm|normal|good) sometimes (?:low|long|soft)$',
      '(?:lost|losing|loses) (?:about )?(?:an |a |\\d+ ?)?(?:mm|cm|inch) of (?:the )?pedal',
      'goes (?:down )?a long way|goes down (?:a long way|too far|further)',
      '(?:is|was|gets|goes) (?:a bit|a little|slightly|very|quite|rather) long(?:er)? (?:after|in|into|at|from)',
      '^(?:the |my )?brakes (?:are |come in |respond |react )?(?:too |very )?late$',
      'slow to (?:respond|react|come in)|delay (?:in|before) (?:the )?brak\\w+',
      'pedal (?:falls|drops|goes|fell|went) away (?:mid|in|out of|through) |^(?:the |my )?pedal (?:has )?dropped(?:$| since)|pedal drops (?:after|out of|through) |pedal (?:height|travel) (?:varies|changes|differs|is different)',
      '(?:^|\\b)it (?:gets|got|goes|went|becomes) (?:longer|lower)(?! (?:than|to stop))',
      '(?:^|\\b)it (?:gets|got|becomes|became) (?:very |quite |really )?(?:long|low)(?! (?:time|way))',
      'travels? (?:too far|a long way)|^(?:it )?goes too far$|goes (?:a long way|too far|way) down',
      `pedal (?:goes|travels?|drops|comes?) (?:down )?(?:an? ${upTo(1)}|\\d+ \\w+ )?(?:further|deeper)`,
      'pedal (?:start(?:s|ed)|began|begins) to (?:drop|lengthen|get (?:long|low)(?:er)?)|(?:fair|good) (?:bit|amount) of travel',
      '^(?:the )?pedal (?:is )?half ?way$|pedal (?:now )?(?:has|takes|needs|with) an? (?:extra|other|more) (?:inch|cm|bit)',
      '(?:still|now) (?:goes|gets|went|got) (?:very |quite )?(?:long|low)(?:er)?(?= (?:after|in|on|from|by|when)|$)',
      'pedal (?:goes|comes|gets) (?:down )?(?:a (?:bit|little) )?(?:more|lower) (?:each|every)',
      'travel (?:has |is |was )?(?:doubled|double|twice)|(?:twice|double) the (?:pedal )?travel',
      "(?:it's|its|(?:it|they|she) (?:goes|went|gets|got|is)|^(?:and |then )*(?:went|goes|got|gets)) (?:all |really |very |too )?(?:long|low)(?: since)?$",
      '(?:works?|bites?|acts?|comes? in) (?:only )?(?:in|at|on) the last (?:bit|inch|cm|centimet(?:er|re)s?|part|third)',
      `(?:only|just) (?:the )?last (?:bit|part|inch|third|half) of (?:the )?(?:travel|pedal|stroke)`,
      'lengthen(?:s|ing|ed)? (?:of (?:the )?)?(?:pedal|travel|stroke)',
      '(?:pedal|travel|stroke) (?:is |keeps )?lengthen(?:s|ing|ed)?',
      `bit(?:e|es|ing)(?: point)? ${upTo(4)}(?:lower|low|late|further down|(?:moved|gone|went) down)`,
      '(?:first|top) (?:inch|cm|bit|third|half)(?: of (?:the )?(?:pedal|travel))? (?:does|do) nothing',
      `(?:bites?|grabs?|works?|comes? on|catch(?:es)?) ${upTo(3)}(?:bottom|(?:near|at) the floor|just off the floor|last inch)`,
      '(?:free )?play in the pedal|pedal has (?:a lot of |lots of )?(?:free )?play|dead (?:spot|zone)',
      'foot (?:goes|going|gets) (?:further|deeper|lower|right down|all the way down)',
      `(?:dead|nothing|free play) ${upTo(3)}(?:first|top) ${upTo(2)}(?:inch|cm|travel|part|half|third|bit)`,
    ),
    rx(
      `(?:start(?:s|ed)?|fire(?:d|s)?) ${upTo(2)}engine|${AS_IT_SHOULD}`,
      `(?:start(?:ing)?|on start(?:ing)?) (?:up|the engine)|engine start(?:s|ed)|first ${PRESS}`,
      'first (?:time|stop)|bearings?|hub|joints?|seat|fuel|pressure|revs|ride|push ?rod',
      `(?:slack|play) (?:at|in) the top|(?<!use (?:the )?)(?:${HANDBRAKE})`,
    ),
  ),
  yes(
    'pedal_long',
    near(
      'pedal',
      'long(?! (?:full|time|drive|run|while|straight|trip|descents?|hills?|downhills?|stops?|corners?|sweepers?))|low(?! (?:speed|rpm|revs))',
      3,
    ),
    rx(`first ${PRESS}|first (?:time|stop)|releas(?:e|ed|ing)`),
  ),
  yes(
    'pedal_to_floor',
    rx(
      '(?:pedal|it) (?:just )?(?:goes|went|go|drops|dropped|fell|falls) (?:right|straight|all the way) down|pedal (?:just )?(?:goes|went) (?:all the|the whole) way$',
      '(?:to|until|till|hits?|hitting|on|reached|touch(?:es|ed)) the (?:floor|boards|carpet|stop)',
      '(?:to|hits?|reached|touches) the bulkhead',
      '(?:to|on|at) the floor|at the boards|(?:goes|went|drops) to floor|pedal (?:\\w+ ){0,3}?to floor',
      'floored? it and nothing|bottom(?:s|ed)? out',
      '(?:push|press)(?:es|ed|ing)? (?:it|the pedal|them) (?:all the way|right) down',
      'pedal (?:[\\w]+ ){0,3}?(?:to|on) (?:the )?bottom',
      "(?:can't|cannot|couldn't|never) (?:seem to )?get (?:a|any|the) pedal|(?:ran|run|running) out of pedal",
      '(?:no|zero) (?:brake )?pedal(?: at all)?(?! (?:travel|change|feel|problems?|issues?|puls|vibrat|movement|play))',
      '(?:lost|loses?|losing) (?:the |my |all )?(?:pedal|brakes)|no resistance in the pedal',
      'pedal has no resistance|without (?:any )?resistance',
      '(?:pedal|brakes?) (?:just )?(?:has |have )?(?:disappeared|vanished|was gone|had gone|gone completely|went away|goes away|gone by)',
      '^(?:the |my )?pedal gone\\b|loss of (?:the )?(?:brake )?pedal',
      'got (?:some|a bit of|half|most of) (?:the |a )?pedal back',
      '(?:then|and) (?:it|the pedal|they) (?:just )?(?:went away|disappeared|vanished)',
      '^(?:it|they) (?:just )?(?:went away|vanished|disappeared) (?:in|at|into)',
      'no brakes at all|(?:i|we|he|she) (?:just )?had (?:absolutely )?nothing$',
      `(?:${NOT}|unable to) (?:build|get|make|hold)s?(?:ing)? (?:up )?(?:any )?(?:brake )?pressure$`,
    ),
    rx(
      'pedal (?:sticks|hangs|stuck) |slowly|floor slow|sinks?|sank|sinking|creeps?|almost|nearly|half ?way (?:to|down)|bites?|grabs?',
      '(?:nothing|fluid|oil|puddle|drips?|wet|dry) on the (?:floor|carpet)',
      `push ?rod ${upTo(2)}bottom(?:s|ed)? out`,
    ),
  ),
  says(
    'pedal_to_floor',
    'yes',
    rx('hits? the (?:bulkhead|floor|stop) before (?:the brakes? |they |it )?(?:bites?|works?|stops?)'),
  ),
  says('pedal_sinks', 'no', rx('holds (?:fine|ok|okay|well) (?:at|in) (?:the lights|traffic)')),
  yes(
    'pedal_sinks',
    rx(
      '(?:pedal |brake )?(?:sinks?|sinking|sank|creeps?|creeping|crept)(?: slowly| down| away| to the floor)*',
      'slowly (?:goe?s?|drops?|falls?|sinks?|moves?) (?:down|to the floor|away)',
      '(?:goe?s?|drops?|falls?) (?:down )?to the floor slow(?:ly)?',
      "(?:drops|falls|goes down|goes|sinks|moves) (?:away |down )?(?:while|when|if) (?:i |i'm |im |you |you're )?(?:am )?(?:h(?:e|o)ld(?:ing)?|wait(?:ing)?|sit(?:ting)?|stopped|stationary|queuing)",
      '(?:drops|falls|sinks|goes) away (?:under|from under|at the lights)',
      `slowly ${upTo(3)}(?:while|when) (?:i |i'm )?(?:am )?hold(?:ing)?`,
      '^(?:the |my )?(?:brake )?pedal drops$|loses? pressure (?:when|while|if)',
      '(?:is |keeps )?(?:going|moving) down slow(?:ly)?',
      '(?:drops|sinks|falls|goes down) (?:at|on) (?:idle|tick ?over)',
      `pedal (?:drops|falls|goes down) ${upTo(2)}(?:in|over|with|within) ${upTo(2)}(?:seconds?|minutes?)`,
      '(?:drops|falls|goe?s? down)(?: down| away)? slow(?:ly| (?:on|with|under|when|if|while))',
      '^(?:then |and |but |the |my )*(?:it |pedal )?slowly (?:drops|falls)$',
      'keeps? (?:on )?(?:going|dropping|moving|falling) down',
      `(?:push|press) ${upTo(3)}down slowly`,
      '(?:it|pedal|pressure) (?:then |slowly )?(?:bleeds|leaks) (?:down|off|away)',
    ),
    rx(
      'fluid|level|reservoir|to (?:one|the) (?:side|left|right)',
      '(?:car )?(?:creep(?:s|ing)?|crept) (?:in traffic|forwards?|back|along|into|speeds?)',
    ),
  ),
  yes(
    'pedal_hard',
    rx(
      '(?:hard|stiff|heavy|rock hard|solid|wooden) (?:brake )?pedal',
      '^(?:very |really )?(?:stiff|heavy|wooden) brakes',
      '(?:servo|booster|brake assist(?:ance)?) (?:is |has )?(?:not working|dead|gone|failed)',
      '(?:servo|booster) (?:(?:does not|doesn.t) work|only works|works only)',
      'pedal (?:is |was |goes |went |gets |got |feels |gone |has gone |has become )?(?:like )?(?:a |as )?(?:very |really |so |rock |too |way too |far too |much too |too much )?(?:hard|stiff|heavy|brick|rock|wood(?:en)?|solid|concrete)',
      'pedal (?:[\\w]+ ){0,3}?(?:is|feels|goes|was) (?:very |really |rock )?(?:hard|stiff|heavy)',
      '(?:it|they) (?:is|are|feels?|felt|was) (?:now )?(?:wooden|rock hard)|brick under',
      `like (?:pressing |standing on |kicking |pushing )?(?:an? )?${UNYIELDING}`,
      'brakes? (?:have |has )?(?:always )?(?:feels?|felt) (?:wooden|heavy|solid)|pedal (?:is |feels )?(?:high|short) and (?:rock )?(?:hard|stiff|heavy|solid)',
      `two feet|both (?:feet|legs)|^(?:it is |it's |is |feels |goes )*(?:rock )?hard as (?:an? )?${UNYIELDING}`,
      `pedal ${upTo(3)}(?:gets|goes|getting|going|turns) (?:higher and )?(?:too |very |really |rock )?(?:hard(?:er)?|stiff(?:er)?|heavi?(?:er|y))`,
      '(?<!car (?:is |was |feels )?(?:very |really |so )?)hard to (?:press|push|depress)(?! (?:back|in|(?:the |this |my )?car))',
      "(?:can't|cannot|couldn't|can hardly|can barely) (?:push|press|depress) (?:it|the pedal|them)(?! (?:back|in|by hand|on the flat))",
      '(?:needs?|takes?|have to use|with|wants?) (?:two feet|both feet|all my (?:weight|strength)|(?:a lot|a (?:heck|hell) of a(?: lot)?|a load|loads|plenty) (?:of )?(?:force|effort|leg|muscle|shove|push(?:ing)?|pressure)|(?:so |too |very )?much (?:force|effort))',
      '(?:need(?:s|ed)?|takes?|took|wants?) (?:way |much |a lot |far |a bit )?more (?:pedal |foot )?(?:pressure|force|effort)(?! (?:on|at|in) the (?:line|gauge))',
      `(?:pressure|force|effort) ${upTo(3)}(?:huge|high(?:er)?|enormous|massive)`,
      'pedal (?:force|effort) (?:is |has |gone |went |goes )*(?:up|risen|increased)',
      // When one does is no word of having to.
      '(?<!(?:when|as|while|once|time|until) (?:i|you|we|he|she|they) (?:really )?)(?:stand|stamp)(?:ing)? on (?:it|them|the pedal|the brakes?)',
      '(?:press|push|stamp|shove)(?:ing)? (?:on )?(?:it |them |the pedal |the brakes? )?(?:really |very |so |too |much |twice as )hard(?:er)?',
      'no (?:brake |power )?(?:servo|assist(?:ance)?|power assist(?:ance)?|boost)(?! (?:in|on|fitted|any ?more))',
      'no (?:boost|assist(?:ance)?) (?:on|at|for) (?:the )?first',
      'brakes? (?:goes|go|gets|went|feels) (?:very |rock )?hard|pedal (?:harder|heavier|stiffer) than|(?:push|press) (?:it )?like (?:mad|crazy|hell|a mule)',
      '(?:servo|booster) (?:is )?not (?:helping|assisting|doing anything)',
      '(?:have to|had to|must|need to|needs to) (?:press|push|brake) (?:it |\\w+ )?hard(?:er)?',
      '(?:pushing|pressing|stamping|shoving) hard',
      '(?:more and more|ever more|lots of|plenty of) (?:pressure|force|effort|leg|foot|muscle)',
      '(?:long|low) but (?:rock )?(?:hard|solid)$',
      'pedal (?:is |feels |felt |has become |has got |got |gets |became )(?:much |a lot |a bit |noticeably |far )?(?:harder|stiffer|heavier)(?! (?:again|now and then))',
      'sometimes (?:goes |it goes |is )?(?:rock )?hard(?! to)|^hard (?:with|when|while) (?:the )?engine',
      '(?:needs?|takes?|wants?) a shove|(?:leg|legs|foot) (?:is |are |gets? )?(?:tired|aching|sore)',
      '(?:big|good|huge|hefty|massive|mighty|proper) (?:shove|push|press|kick)|lots of effort',
      '(?:really |have to |had to |got to |need to )(?:really )?lean(?:ing)? on (?:it|them|the (?:pedal|brakes?))',
      `^(?:still|very|really|too|just) (?:hard|stiff|heavy)$|(?<=${NOT_EITHER})(?:hard|stiff|heavy)(?=$| (?:and|or|nor)\\b)`,
      '^(?:and )?(?:it|they) (?:is|are|feels?) (?:very |really )?(?:hard|stiff|heavy)$',
      '^(?:it |they )?feels? (?:wooden|solid)$',
    ),
    rx(
      END,
      ENGINE_OFF,
      AS_IT_SHOULD,
      'clamp(?:s|ed|ing)? |by design|pedal pumps? up|the more (?:i|you|we) pump',
      '(?:and|with|has|have) no (?:brake )?servo|drives? with two feet|(?<!hiss(?:ing)? )(?:nois(?:e|es|y)|sounds?)',
    ),
  ),
  yes(
    'pedal_hard',
    rx(`pedal ${upTo(9)}(?:and|but) (?:it is|it's|is|feels) (?:very |really |too )?(?:heavy|stiff|hard)$`),
    rx(ENGINE_OFF, AS_IT_SHOULD),
  ),
  says('pedal_hard', 'yes', HARD_EITHER_WAY),
  says('pedal_hard', 'yes', rx(`first ${PRESS} ${upTo(5)}(?:is |feels )(?:very |rock )?(?:hard|stiff)`)),
  says('assist_start', 'no_change', HARD_EITHER_WAY),
  yes(
    'pedal_hard',
    near('pedal', 'hard|stiff|heavy', 2),
    rx(
      ENGINE_OFF,
      AS_IT_SHOULD,
      'by design',
      `${END}|(?:hit|press|push|stamp|stand|step)(?:s|ed|ing)? ${upTo(2)}pedal`,
      'the more (?:i|you|we) pump|(?:hard|heavy) (?:laps?|braking|stops?|corners?)|(?:cornering|braking|driving) hard|hard the pedal|pumps? up',
    ),
  ),
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
  yes(
    'pedal_slow_return',
    rx(
      'slow (?:to )?(?:return|come back|come up|release|let go)',
      'slowly (?:comes?|coming|returns?|rises?) (?:back|up)',
      '(?:comes?|coming|returns?|rises?) (?:back |up )*(?:very |really |too |rather )?slow(?:ly|er)?',
      "(?:doesn't|does not|won't|not) (?:come|coming) (?:all the way |fully |right )?back(?: up)?|brakes? holds? on (?:after|when|once)",
      'stays? (?:down|low)|sticks? down|brakes? releases? late',
      `brakes? (?:${NOT}) (?:let go|release|come off) ${AT_ONCE}`,
      `let(?:ting|s)? go ${upTo(6)}(?:stays?|still|keeps?) (?:braked|braking|on)`,
      '(?:brakes? )?(?:stay|stays|stayed|staying|hang|hangs) (?:partly |slightly |a bit |half )?on(?! the (?:same|left|right|track|road))(?: after| when)?',
      'brakes? (?:hang(?:s)? up|hold|holds|stay|stays|keep (?:on )?working|drag) after (?:i |you |we )?releas(?:e|ing)',
      'still (?:on|applied|holding|braking) (?:after|when|once|as) (?:i |you |we )?(?:take|lift|release|let|come off)',
      'calipers? (?:are |is )?(?:not|hardly|slow|late) (?:to )?(?:letting|let) go',
      '(?:not|never|hardly) lett?(?:ing)? go (?:after|of|when|fully)',
      'takes? (?:forever|ages|long|a (?:second|while|moment)) (?:to (?:release|let go|come off)|for the pedal to (?:return|come))',
      '(?:lift|pull) the pedal (?:back |up )?(?:with|by) (?:my|the) (?:toe|foot|hand)s?',
      `takes? ${upTo(2)}(?:seconds?|moment|while|minutes?) (?:until|till|before) (?:the car|it|the wheels?) (?:rolls?|moves?|frees?|lets? go)`,
      'pedal (?:sticks|hangs|stays|stuck) (?:half ?way|down|(?:to|on|at|near) the (?:floor|bottom))|slow pedal return',
      "pedal (?:is )?(?:stuck(?: down)?$|not returning|(?:doesn't|does not|won't) return)",
      'pedal comes not back|slow(?:ly)? (?:to )?releas(?:e|es|ing)|(?:late|lazy) release',
      'releas(?:e|es|ing) (?:too |very |really )?(?:slow(?:ly)?|late)',
    ),
    rx(
      `the track|road|lamps?|lights?|${HANDBRAKE}`,
      // Gone soft, it is the firmness that stayed away.
      '(?:soft|spongy|long|to the floor|mushy) (?:\\w+ ){0,2}(?:not|never|n.t) (?:come|coming) back|(?:did not|didn.t) come back',
    ),
  ),
  yes(
    'pedal_slow_return',
    rx('pedal (?:takes|needs) (?:ages|forever|a (?:second|while|moment)|time|long) to (?:come|return)'),
  ),
  yes(
    'first_press_long',
    rx(
      `(?:long|low|soft|deep) pedal (?:only )?(?:on|at|for) (?:the )?first (?:stop|corner|brak)`,
      `first ${PRESS} ${upTo(7)}(?:long|low|soft|nothing|deep|floor|further|half ?way)`,
      `first time ${upTo(3)}(?:long|low|soft|nothing|deep|floor|further|down)`,
      '(?:press|push|pump|hit|brake|tread)(?:ed)?(?: it| them| the pedal| the brakes?| on it)? (?:two|2|three|3|several|a few|a couple of|two or three) times?',
      `first brake ${upTo(5)}(?:long|low|soft|nothing|deep|floor|further)`,
      `(?:long|low|soft|deep|nothing|floor|far|down) ${upTo(3)}first ${PRESS}`,
      `(?:second|next) (?:${PRESS}|one|time) ${upTo(3)}(?:there|fine|firm|good|ok|okay|normal|hard|right|up|high(?:er)?|back|full|solid)`,
      `(?:fine|good|ok|okay|firm|normal|back|full) (?:after|with) (?:a|one|another) (?:${PRESS}|tap|dab)`,
      `first ${PRESS} ${upTo(5)}(?:goes|went|drops|dropped) ${upTo(3)}(?:to|on) the (?:floor|carpet|boards)`,
      `(?:two|three|couple of) (?:quick )?${PRESS}s ${upTo(3)}(?:fine|firm|good|ok|okay|there|cures?|fix(?:es)?|helps?|brings?)`,
      '(?:i|you|we) pump (?:it )?(?:once|twice|a few times)',
      '(?:a|needs? a|wants? a) (?:good |quick )?pump (?:after|before|when|into|first)',
      `no (?:pedal|brakes?) (?:until|till) (?:the |a )?(?:second|2nd|third|3rd) ${PRESS}`,
      `(?:floor|carpet|boards) (?:on|with|at) the first ${PRESS}`,
      `(?:on|with|by|at|after|until|till) (?:the |a )?(?:second|2nd|third|3rd) ${PRESS}`,
      '(?:press|push|pump|hit|tread|stab|jab|dab)(?: (?:at )?(?:it|them|(?:the )?pedal|(?:the )?brakes?))? twice',
      '(?:two|three|several) times (?:i |you |we )?(?:must|have to|need to|should) (?:press|push|pump)',
      `pump(?:ed|ing)? (?:it|them|the pedal|the brakes) ${upTo(4)}to get`,
      'pump(?:ed|ing)? (?:it|them|the pedal|the brakes) (?:up )?(?:once|twice|first|into|before|to get|helps?|a few times)',
      'pumping (?:it |them )?helps|pumping (?:it|them|the pedal|the brakes) (?:down|along|on|before|into) (?!the lights)',
      'pumping (?:brings|builds|gets|raises) (?:it|them|the pedal) (?:back )?up',
      '(?:if|when) (?:i|you) pump|double (?:pump|tap|press)',
      'brakes? (?:only )?works? (?:only )?after pumping|(?:needs?|wants?|keeps?|takes?) (?:a )?pumping',
      '(?<!(?:vacuum|fuel|water|servo) )pump(?:ing)? needed|(?:have|has|had|got) to pump',
      'pump (?:it|them|the pedal|the brakes) (?:up|and (?:it|they))',
      'pumped (?:it |them |the pedal |the brakes )?(?:up|and (?:it|they))',
      "(?:needs?|need|have|had) (?:a |to )?(?:quick )?(?:second |two (?!hands|feet|people|laps|stops|miles|minutes|days|sessions)|pump|tap|dab)(?: [\\w']+){0,2}",
      '(?:two|three|couple of|few) (?:pedal )?(?:presses|pushes|pumps|stabs|goes)|^pump(?:ed)? (?:it )?(?:once|twice)',
      `tap ${upTo(7)}(?:cures|fixes|helps)`,
      `pedal ${upTo(4)}(?:half|low|long) (?:on|at) the first (?:stop|press|application)`,
      // Pads that were pushed back have the way to come that the first press takes.
      'knock(?:ed|s)? ?(?:back|off)',
      'pump(?:ed|ing)? (?:it |them |the pedal |the brakes )?(?:up )?on the straights?',
      'dab (?:it|them) first|(?:one|a|single) (?:tap|pump|dab|stab|press|push) (?:brings|gets|restores|fixes|cures)|quick tap|left foot taps?|taps? to (?:fix|cure|help)',
      `tap(?:ping|ped)? (?:it|them|the brakes?|the pedal) ${upTo(3)}(?:before|on the straights?)`,
    ),
    rx(
      'two feet|force|(?:servo|booster) (?:only )?works|pistons?',
      // In the rain the first press wipes the water off.
      'in (?:the )?(?:rain|wet)|when (?:it rains|it is wet|wet)',
      '(?:stays?|stayed|was|is|remains) the same|no (?:change|difference)',
      '(?:goes|gets|is|turns) (?:rock )?hard (?:after|with)|no (?:servo|boost|assist(?:ance)?) after',
      ENGINE_OFF,
    ),
  ),
];
