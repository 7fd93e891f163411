import { DONE, HANDBRAKE, type Rule, rx, says, upTo } from './rule';

/** Said of what was so long ago that nobody remembers. */
const FORGOTTEN = "(?:can't|cannot|don't|do not) (?:remember|recall|know)|no idea|nobody (?:knows|remembers)";
/** What is fitted to a part leaves that part as it was. */
const BESIDE_IT = '(?:brace|bracket|stop) (?:fitted|put)';
/** What shares the pressure out. */
const ABS_UNIT = 'abs (?:unit|block|pump|modulator|module)';
/** So many that fluid is fresh still. */
const FEW_MONTHS = '(?:a|one|two|three|four|five|a few|a couple of|[1-5])';
/** A master of another bore. */
const OTHER_BORE =
  '(?:went|gone|changed|swapped) (?:from|to) (?:an? |the )?[\\d.]+ ?(?:mm )?(?:bore )?(?:to (?:an? )?[\\d.]+ ?(?:mm )?(?:bore )?)?master';
/** The caliper itself, not a part of it. */
const CALIPER = 'calipers?(?! (?:pistons?|pins?|slides?|bolts?|bracket))';

/** What was done to the car, what is in it, and how it stood. */
export const HISTORY_WORDS: readonly Rule[] = [
  says(
    'system_opened',
    'yes',
    rx(
      '(?:was |been |just |we |i )?(?:bled|bleeding|bleed(?! nipples?| screws?))',
      `(?:${DONE}) ${upTo(4)}(?:${CALIPER}|brake lines?|lines?|hoses?|master(?: cylinder)?|wheel cylinders?)`,
      `(?:${DONE}) ${upTo(3)}${ABS_UNIT}`,
      `${ABS_UNIT} (?:swap|change|job|replacement)`,
      '(?:calipers?|lines?|hoses?|master(?: cylinder)?|wheel cylinders?)(?: and (?:the )?\\w+)? (?:was |were |have been |has been |got |just )?(?:changed|replaced|rebuilt|renewed|swapped|overhauled|refurbished)',
      OTHER_BORE,
      '(?:after|since) (?:a |the )?(?:flush|flushing|fluid change|change of (?:the )?(?:brake )?fluid)',
      '(?:hose|line|caliper|master(?: cylinder)?|wheel cylinder) (?:swap|change|job|replacement|rebuild)|opened (?:the )?(?:system|hydraulics|lines?)',
      '(?:since|after) (?:i |we |he )?(?:crack(?:ed|ing)|open(?:ed|ing)|undid) (?:off |open )?(?:the |a |one )?(?:bleed(?:er)?(?: nipple| screw)?|nipple|union|line|hose)',
      `${ABS_UNIT} (?:was |has been |got |just )?(?:changed|replaced|swapped|renewed|opened|apart|rebuilt)`,
      'fluid (?:was |has been |got |just )?(?:changed?|flush(?:ed)?|renewed|replaced)|changed (?:the )?(?:brake )?fluid',
      '^flushed(?: it)?(?: all| through| right through)?$',
      '(?:just|been|was|we|i|he|got) flushed|^flushed (?:(?:it|the \\w+) )?(?:with|last|this|today|yesterday)',
    ),
    rx(
      `(?:${FORGOTTEN}) (?:when|if|whether)|${BESIDE_IT}|change (?:is )?(?:unknown|not known|not recorded|overdue|due)`,
      'bleeding from|(?<!opened .*)not (?:been )?(?:bled|opened)|never (?:bled|opened)|needs? (?:a )?bleed(?:ing)?',
    ),
  ),
  says(
    'system_opened',
    'no',
    rx(
      "(?:did not|didn't|have not|haven't|never) (?:open|opened|touch|touched) (?:the |any )?(?:system|hydraulics|brake lines?|calipers?)",
    ),
  ),
  says(
    'caliper_fitted',
    'yes',
    rx(
      'calipers? (?:have |has |are |were |was |just )?(?:came|come|went|gone|put) back|put (?:the |both |all )*calipers? back',
      `(?:${DONE}|rebuild|had|(?:after|since|when) (?:i|we|he) (?:change|replace|fit|swap)) ${upTo(4)}${CALIPER}`,
      'calipers? (?:change|job|swap|rebuild|replacement)',
      "calipers? (?:was |were |have been |has been |got |just )?(?:[\\w']+ )?(?:changed|replaced|fitted|swapped|rebuilt|off|overhauled|done|new|refurbished)",
    ),
  ),
  says(
    'master_fitted',
    'yes',
    rx(
      `(?:${DONE}|put) ${upTo(6)}(?:master|servo|booster)(?: cylinder)?|${OTHER_BORE}`,
      '(?:smaller|bigger|larger|different|other|another) master(?: cylinder)? (?:installed|in|on|fitted)',
      '(?:master|servo|booster)(?: cylinder)?(?: and (?:the )?(?:master|servo|booster)(?: cylinder)?)? (?:is |was |were |has been |have been |just |got )?(?:brand )?(?:changed|replaced|fitted|swapped|new|rebuilt|overhauled|renewed|done)',
    ),
    // What stayed as it was.
    rx('(?:standard|stock|original|old|same|existing) (?:master|servo|booster)', BESIDE_IT),
  ),
  says(
    'fluid_age',
    'fresh',
    rx(
      '(?:fresh|new|changed the) (?:brake )?fluid|new dot ?[\\d.]+|dot ?[\\d.]+ (?:is |was )?fresh|fresh dot ?[\\d.]+',
      'fluid (?:is |was )?(?:fresh|new|just changed|changed (?:last|this|yesterday|today|recently|(?:\\d|a few|two|three) (?:days|weeks) ago) ?(?:week|month)?)',
      'flushed (?:with \\w+ fluid )?(?:last|this|before)|^flushed .*(?:yesterday|today|last (?:week|month))$',
      '(?:dot ?[\\d.]+|fluid) (?:went|was put) in (?:last|this|yesterday|on|just)',
      'put (?:in |some |new )*dot ?[\\d.]+|dot ?[\\d.]+ (?:(?:was |were )?put|went|poured) in\\b',
      `(?:fluid|flush(?:ed)?) ${upTo(4)}(?:${FEW_MONTHS} months?|weeks?) ago|fluid ${upTo(3)}(?:changed|flushed|replaced|done) last month`,
    ),
  ),
  says(
    'fluid_age',
    'old',
    rx(
      `fluid ${upTo(4)}(?:\\d+|two|three|four|five|few|several|many) years? ago`,
      '(?<!like )old (?:brake )?fluid',
      `fluid (?!like )${upTo(7)}(?:\\d+|two|three|four|five|six|ten|several|many) (?:years|yrs) old`,
      'fluid (?:dark |black |brown |is |about |now )*(?:[2-9]|1\\d) (?:years|yrs)\\b',
      `fluid (?!like )(?:is |was )?${upTo(3)}(?:old|years old|ancient|(?:never|not) (?:been )?changed|original)`,
      `fluid ${upTo(2)}(?:hasn't|has not|not) (?:been )?changed ${upTo(2)}(?:\\d+|two|three|four|five|six|ten|several|many|for) years`,
      '(?:last )?fluid change (?:is )?(?:unknown|not known|not recorded)|years? old fluid|never (?:changed|flushed|replaced) the (?:brake )?fluid',
      'never (?:had )?(?:its |the )?fluid changed',
      'fluid (?:change )?(?:is )?(?:long |way )?overdue',
      `(?:${FORGOTTEN}) when (?:the )?fluid was last`,
      `(?:${FORGOTTEN}) when (?:it|they|the brakes) (?:was|were) last (?:bled|flushed)`,
      `fluid ${upTo(6)}(?:${FORGOTTEN}) when it was last (?:done|changed)`,
    ),
  ),
  says(
    'fluid_age',
    'aging',
    rx(
      'fluid (?:is |was )?(?:about |over |nearly )?(?:a|one) year old|(?:a |one )?year old fluid',
      'fluid (?:is |was |about )*(?:[89]|1\\d|2[0-4]) months(?! ago)',
      `fluid ${upTo(4)}(?:last year|a year ago|(?:12|twelve|15|fifteen|18|eighteen) months ago)`,
    ),
  ),
  says(
    'bed_in_done',
    'no',
    rx(
      "(?:not|never|n't|without|no|nobody) (?:been )?(?:properly )?(?:bedded|burnished|(?:bed(?:ding)?|run)(?: them)?(?: ?-?in))",
      '(?:not|never) bed (?:them|it|the pads|the discs)',
      "no bed(?:ding)?(?: in|$)|skipped (?:the )?bed(?:ding)?|forgot to bed|didn't bed|no time to bed",
    ),
  ),
  says(
    'bed_in_done',
    'yes',
    rx(
      '(?:did|followed|done) (?:the |a )?(?:proper |full )?bed(?:ding)?(?: in)?|(?:bedded|burnished) (?:them |it |the (?:new )?(?:pads|discs) )?(?:-?in|properly|correctly|fine|at the|as (?:per|the|instructed|told|described|recommended)|like the|to the|by the)',
    ),
    rx("not|never|nobody|didn't|without"),
  ),
  says(
    'held_hot',
    'yes',
    rx(
      `(?:sat|held|stood|stopped|parked|waited|queued|kept) ${upTo(9)}(?:foot on|brakes? on|${HANDBRAKE}|on the (?:brakes?|pedal))`,
      `(?:parked|left) (?:it )?(?:while )?hot(?! brakes)|(?:parked|left) (?:it )?(?:on|with) (?:the )?hot brakes|hot brakes ${upTo(4)}${HANDBRAKE}|left ${upTo(2)}${HANDBRAKE} on ${upTo(5)}hot`,
      `${HANDBRAKE} ${upTo(3)}(?:hot|after (?:the )?session|in the paddock|straight after)`,
      `foot on the brake ${upTo(4)}(?:grid|pits?|paddock|lights)`,
      'hard (?:driving|session|laps|stops?|run|descent) (?:\\w+ ){0,3}(?:held|kept) (?:the |my )?(?:pedal|foot|brakes?)',
      `(?:pads?|brakes?) (?:were |was |are |is )?(?:left |held )?clamped ${upTo(3)}hot`,
      `(?:sit|sitting|stand|standing|wait|waiting) ${upTo(9)}foot on (?:it|the pedal|the brakes?)`,
    ),
  ),
  says(
    'off_track',
    'yes',
    rx(
      'gravel(?: trap)?|kitty litter|(?:after|had|since) an off(?! ?day)',
      '(?:went|ran|been|slid|spun|trip|excursion|came) off(?: track| the track| into| the circuit)?',
      'off (?:the )?(?:track|circuit)|(?:across|through|into|over|on) the (?:grass|dirt|gravel)',
      'agricultural',
    ),
    rx(
      '(?:paint|lamp|light|alarm|sticker|strip|sensor|airbag)s? went off|^(?:and )?went off(?: again)?$',
      'since the (?!car)\\w+ came off|off the road|cut ?off|took off|goes off|run off|brakes? (?:went|came|been) off',
      'brak(?:e|es|ing) on (?:the )?gravel|abs .*gravel|gravel (?:car ?park|road|drive(?:way)?|track|lane|yard)',
      `(?:linings?|pads?|nuts?|wheels?) ${upTo(2)}(?:went|came) off`,
      `(?:duct|hose|pipe|weight|clip|cap|boot|shield|wheel)s? ${upTo(2)}(?:came|went|ran) off`,
      'came off (?:the|its) (?:backing|back|plate|pads?|steel)',
      `came off (?:a|the|our|my) ${upTo(4)}(?:track ?days?|sessions?|weekend|event|stint|race)`,
    ),
  ),
  says(
    'level_falls',
    'quickly',
    rx(
      '(?:(?:one|two|three|a few|\\d) days|a day) later (?:it |the level |the reservoir )?(?:was |is )(?:low|empty|down|gone)',
      `(?:losing|lost|loses|drops|dropping|falls|falling|empties|uses|using) ${upTo(3)}fluid ${upTo(2)}(?:fast|quick(?:ly)?|every day|daily|overnight)`,
      `(?:reservoir|level|fluid) ${upTo(3)}(?:empties|empty overnight|drops (?:fast|quickly|overnight))`,
      'lost all (?:the |its |my |of the )?(?:brake )?fluid',
      `top(?:s|ping|ped)? ${upTo(3)}up ${upTo(3)}(?:every (?:other |second )?day|daily|twice a week|every morning)`,
    ),
  ),
  says(
    'level_falls',
    'no',
    rx(
      "(?:level|fluid) (?:does not|doesn't|never|is not|isn't|not) (?:drop|drops|dropping|fall|falls|falling|go|going|chang(?:e|es|ing)|mov(?:e|es|ing))(?: down)?",
      'no (?:brake )?fluid loss|no loss of (?:brake )?fluid',
      'level (?:stays|holds|stable|constant|unchanged|is (?:steady|stable|constant))',
      'not (?:losing|using) (?:any )?(?:brake )?fluid',
    ),
  ),
  says(
    'level_falls',
    'slowly',
    rx(
      `(?:fluid|level|reservoir) ${upTo(3)}(?:drop(?:s|ping)?(?! on)|fall(?:s|ing)?|go(?:es|ing)? down|keeps going|sinks?|(?:is |was )?down (?:by )?(?:an? |half an? |half |\\d+ ?)(?:cm|mm|centimet(?:er|re)s?|inch|bit|finger)|disappear(?:s|ing)?|vanish(?:es|ing)?|(?:goes|going|gone) missing|(?:went|gone|been going) down|has (?:dropped|fallen)|(?:has |had )?(?:dropped|fallen|fell) (?:an? |\\d+ ?)?(?:cm|mm|centimet(?:er|re)s?|inch|bit))`,
      `(?:losing|loses|using|uses|drinks) ${upTo(2)}(?:brake )?fluid|^(?:a |the )?(?:brake )?fluid (?:leak(?:s|ing)?|loss)$`,
      `(?:los(?:es|ing|t)|us(?:es|ing)) (?:about |around |roughly |some )?(?:\\d+|a few|half a) (?:ml|cc|cl|lit(?:er|re)s?) (?:of )?(?:brake )?fluid`,
      `(?:fluid|level) ${upTo(3)}(?:every|each) (?:week|month|time) (?:less|lower)`,
      `(?:fluid|level) ${upTo(3)}(?:less|lower) (?:every|each) (?:week|month|time)`,
      `(?:refill|fill up)(?:ing|ed)? ${upTo(3)}(?:reservoir|fluid) ${upTo(1)}(?:every|each|again|twice)`,
      'keep(?:s)? (?:having to )?top(?:ping)? (?:it |the fluid )?up',
      '(?:having to )?(?:needs? )?top(?:ping|ped)? (?:it |the fluid |the reservoir )?up',
      `(?:add(?:ed|ing)?|put) ${upTo(1)}fluid ${upTo(2)}(?:twice|again|every|each|(?:two|three|four|several|\\d+) times|this month|this week)`,
    ),
    rx(
      'with (?:water|oil|power steering|mineral|dot ?5(?![.\\d])|silicone)|fast|quickly|every (?:other |second )?day',
      'every morning|twice a week|daily|overnight|empties|at the (?:last )?service',
      'at (?:the )?(?:last )?inspection|(?:somebody|someone|they|he) (?:has |had )?topped',
    ),
  ),
  says(
    'assist_removed',
    'yes',
    rx(
      '(?:booster|servo) (?:was |has been |is )?(?:delet(?:e|ed)|removed|gone|out|taken off|binned)',
      `(?:deleted|removed|without|took out|took off|binned|no) ${upTo(2)}(?:booster|servo)`,
      'servo ?less|unassisted',
      `(?:swapped|replaced|changed|ditched|exchanged) ${upTo(2)}(?:booster|servo) (?:for|with|by) ${upTo(4)}(?:pedal box|twin|dual|manual)`,
    ),
    // Gone since something was done, it was lost, not left out.
    rx(
      'assist(?:ance)?',
      'no (?:booster|servo) (?:since|after|any ?more|now|when|until|till)(?!.*(?:swap|conversion|pedal box))',
      '(?:when|while|if|until|till) .*no (?:booster|servo)',
      '(?:like|as if|as though) .*(?:booster|servo)',
    ),
  ),
  says(
    'brake_conversion',
    'yes',
    rx(
      OTHER_BORE,
      '(?:since|after) the (?:brake )?conversion|big(?:ger)? brakes?(?: kit)?|master bore (?:from|up|down|changed)',
      `(?:different|bigger|larger|other|converted|conversion|upgraded?|swapped to) ${upTo(4)}(?:calipers?|master(?: cylinder)?|brakes?)`,
      'brake kit|two (?:single|separate) masters|(?:calipers?|brakes) (?:from|off|of) (?:a |the )?(?:bigger|larger|heavier|faster|other|different)',
      '(?:four|4|six|6) pots?|brake (?:conversion|upgrade)|converted to|(?:twin|dual) masters?',
      '(?:(?:fitted|installed|put in|with|new|aftermarket|converted to|swapped to) (?:an? |the )?(?:manual )?|^)(?:pedal|bias) box(?! (?:was|is|bolts?|paint|flex|bend|mov|bracket))',
      '(?:pedal|bias) box (?:fitted|installed|went in|conversion)',
    ),
  ),
  says(
    'hose_kind',
    'braided',
    rx('braided(?: (?:hoses?|lines?))?|(?:stainless(?: steel)?|steel|ss) (?:hoses?|lines?|braid)'),
    // What rusts is a pipe.
    rx('lines? (?:\\w+ ){0,2}(?:rust(?:y|ed)?|corroded|rotten|rotted|pitted)'),
  ),
  says(
    'hose_kind',
    'rubber_recent',
    rx(
      '(?:new|fresh|recent) rubber (?:brake )?(?:hoses?|lines?)',
      `rubber (?:brake )?hoses? ${upTo(3)}(?:new|replaced|renewed|changed|fresh)`,
    ),
    rx('not|never'),
  ),
  says(
    'hose_kind',
    'rubber_old',
    rx(
      '(?:old|original|perished|cracked|ancient) (?:rubber )?(?:brake )?hoses?',
      `(?:rubber )?hoses? ${upTo(4)}(?:old|original|perished|cracked|years old|ancient)`,
      '(?:rubber )?hoses? (?:is |are )?(?:from the \\w+ties|from (?:new|the factory)|as old as the car|(?:never|not) (?:been )?(?:changed|replaced))',
    ),
    rx('servo|booster|vacuum'),
  ),
  says(
    'stood_long',
    'yes',
    rx(
      `(?:stood|stands|sat|parked|standing|sitting|laid up|stored|in storage|(?:was|been) in (?:a |the )?(?:barn|shed|garage)|not (?:been )?(?:used|driven|moved)) ${upTo(5)}(?:months?|years?|winter|ages|long|since)`,
      'off the road (?:since|for|all)|(?:car|it) stands since',
      `(?:hasn't|has not|not|hardly) (?:been )?(?:turned a wheel|moved|driven|used|run|out) ${upTo(2)}(?:since|for|all)`,
      '(?:after|over|all) (?:the )?winter|(?:since|after|from) (?:(?:the|its|a) )?(?:winter )?lay ?up',
      '(?:after|from|long) standing(?! (?:overnight|still|at|for (?:an? )?(?:minutes?|hours?|while)))',
      'barn find|laid up',
      `(?:sits|stands|lives|sat|stood) ${upTo(4)}most of the (?:year|time)`,
      `out of (?:winter )?storage|been stored|in storage|on (?:axle |jack )?stands ${upTo(2)}(?:since|for|all)`,
    ),
    rx(
      `(?:${DONE})|went in|(?:removed|built|bought|deleted|stripped)`,
      '(?:standing|stood|sat|sitting) in the (?:pits?|paddock|queue|grid)',
    ),
  ),
  says(
    'hub_work',
    'yes',
    rx(
      `(?:${DONE}) ${upTo(3)}(?:wheel )?(?:bearings?|hubs?|uprights?|knuckles?)`,
      `(?:bearings?|hubs?)(?: carriers?)? (?:is |are |was |were |have been |just |got )?(?:${DONE}|done|adjusted)`,
      `wheel bearings? ${upTo(7)}(?:was|were|been|got) (?:${DONE}|done)`,
      '(?:did|redid|doing) (?:the |both |all )*(?:front |rear )?(?:wheel )?(?:hubs|bearings)|(?:bearing|hub) (?:job|change|swap)|hubs? (?:was|were|came|come|has been|have been) off',
    ),
  ),
  says('compound', 'track', rx('(?:race|racing|track|sprint|endurance) (?:compound|pads?)')),
  says(
    'compound',
    'street',
    rx(
      '(?:street|standard|stock|road|oem|cheap(?:est)?|budget|ordinary) (?:compound|pads?)|(?:use|run|with) (?:the )?(?:original|factory) pads',
    ),
  ),
];
