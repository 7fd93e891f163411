import type { FindingId } from '../../readings/vocabulary/findings';

/**
 * Shop language for one state of a finding. `words`: a pattern over the words of one clause, small letters, single
 * spaces. `unless`: said in the same clause it means something else. `denied`: what it is when it is denied; nothing
 * when a denial says nothing. Common practice, no source.
 */
export type Rule = {
  finding: FindingId;
  state: string;
  words: RegExp;
  unless?: RegExp;
  denied?: string;
  /** Tells when or how: a denial beside it is of something else. */
  steady?: true;
};

const PEDAL = '(?:brake )?(?:pedals?|brakes?)';
const near = (left: string, right: string, gap = 5) => {
  const between = `(?: [\\w']+){0,${gap}}? `;
  return new RegExp(`\\b(?:${left})${between}(?:${right})\\b|\\b(?:${right})${between}(?:${left})\\b`);
};
const rx = (words: string) => new RegExp(`\\b(?:${words})\\b`);
const yes = (finding: FindingId, words: RegExp, unless?: RegExp): Rule => ({
  finding,
  state: 'yes',
  words,
  denied: 'no',
  ...(unless ? { unless } : {}),
});
const says = (finding: FindingId, state: string, words: RegExp, unless?: RegExp): Rule => ({
  finding,
  state,
  words,
  ...(unless ? { unless } : {}),
});
const when = (finding: FindingId, state: string, words: RegExp, unless?: RegExp): Rule => ({
  ...says(finding, state, words, unless),
  steady: true,
});

const SHAKE =
  'shak(?:e|es|ing|y)|judder(?:s|ing)?|vibrat(?:e|es|ing|ion|ions)|wobbl(?:e|es|ing)|shudder(?:s|ing)?|shimm(?:y|ies)|tremor';
const COAST =
  'without (?:the )?brak(?:e|es|ing)|not braking|off the brakes?|coasting|cruising|all the time|even when not|no brakes? on';
const END =
  '(?:at )?(?:the )?(?:very )?(?:end|bottom) of (?:the |its )?(?:travel|stroke|pedal)|when (?:i )?press(?:ed|ing)? (?:really )?hard(?:er)?';

export const RULES: readonly Rule[] = [
  yes(
    'pedal_spongy',
    near(
      PEDAL,
      'spong(?:y|ey|e)|soft(?:er|ish)?|squish(?:y)?|squidgy|mushy|marshmallow|springy|bouncy|doughy|woolly',
    ),
    rx(END),
  ),
  yes(
    'pedal_spongy',
    rx(
      "spongy|spongey|squishy|squidgy|mushy|(?:goes|went|gone|going|gets|got|turns|is|was|it's|feels|only|still|quite|too) (?:all |really |very |a bit |still )?soft|softer|^soft",
    ),
    rx(END),
  ),
  yes('pedal_soft_end', near('mushy|soft|gives?|giving|spongy|spongey', END, 3)),
  yes(
    'pedal_long',
    rx(
      'long (?:brake )?pedal|low (?:brake )?pedal|(?:brake )?pedal (?:is |was |goes |went |gets |got |feels |gone |has gone |went a bit )?(?:very |really |quite |a bit |too |so )?(?:long|low|deep)|long travel|(?:lots|lot|loads|too much|more) (?:of )?(?:pedal )?travel|half ?way down|(?:just|also|but|only|too) (?:long|low)|goes (?:down )?a long way|goes down (?:a long way|too far)|travels? (?:too far|a long way)|goes (?:a long way|too far|way) down|pedal (?:goes|travels?) further',
    ),
    rx('first (?:press|push|stab|pump|application|touch|time|stroke)'),
  ),
  yes(
    'pedal_to_floor',
    rx(
      '(?:to|hits?|hitting|on|reached|touch(?:es|ed)) the (?:floor|boards|carpet|bulkhead|stop)|(?:to|on) the floor|floored? it and nothing|bottom(?:s|ed)? out|no pedal(?: at all)?|lost (?:the |my |all )?(?:pedal|brakes)|pedal (?:just )?(?:disappeared|vanished|was gone|had gone|gone completely)|no brakes at all',
    ),
    rx('slowly|sinks?|creeps?'),
  ),
  yes(
    'pedal_sinks',
    rx(
      '(?:pedal |brake )?(?:sinks?|sinking|sank|creeps?|creeping|crept)(?: slowly| down| away| to the floor)*|slowly (?:goes|drops|falls|sinks|moves) (?:down|to the floor|away)|(?:drops|falls|goes down|goes|sinks|moves) (?:away |down )?(?:while|when|if) (?:i )?h(?:e|o)ld(?:ing)?',
    ),
  ),
  yes(
    'pedal_hard',
    rx(
      '(?:hard|stiff|heavy|rock hard|solid|wooden) (?:brake )?pedal|pedal (?:is |was |goes |went |gets |got |feels |gone |has gone )?(?:like (?:a )?|as )?(?:very |really |so |rock |too )?(?:hard|stiff|heavy|brick|rock|wood(?:en)?|solid|concrete)|like (?:a )?(?:brick|rock|block of wood|wood|concrete)|two feet|both feet|(?:needs?|takes?|have to use|with) (?:two feet|both feet|all my weight|a lot of force)|stand(?:ing)? on (?:it|the pedal|the brakes?)|no (?:servo|assist(?:ance)?|power assist|boost)',
    ),
  ),
  yes(
    'pedal_pulses',
    near(
      'pedal',
      'puls(?:e|es|ing|ates?|ating)|throb(?:s|bing)?|kick(?:s|ing)?(?: back)?|flutter(?:s|ing)?|pump(?:s|ing) (?:under|back)',
      4,
    ),
  ),
  yes('pedal_pulses', rx('pulsing|pulsat(?:es|ing|ion)')),
  yes(
    'pedal_slow_return',
    rx(
      "slow (?:to )?(?:return|come back|come up|release|let go)|(?:doesn't|does not|won't|not) (?:come|coming) back(?: up)?|stays? down|sticks? down|(?:brakes? )?(?:stay|stays|stayed|staying|hang|hangs) on(?: after| when)?|slow(?:ly)? (?:to )?releas(?:e|es|ing)|(?:late|lazy) release",
    ),
    rx('the track|road'),
  ),
  yes(
    'first_press_long',
    rx(
      "first (?:press|push|stab|pump|application|touch|stroke|dab|brake)(?: [\\w']+){0,5}? (?:long|low|soft|nothing|deep|floor|further)|(?:long|low|soft|deep|nothing) (?:on |at )?(?:the )?first (?:press|push|stab|pump|application|touch|stroke|dab)|second (?:press|push|stab|pump|one|time)(?: [\\w']+){0,3}? (?:fine|firm|good|ok|okay|normal|hard|right)|pump (?:it|them|the pedal|the brakes) (?:once|twice|first)|double pump|(?:needs?|need|have|had) (?:a |to )?(?:second |two |pump|tap)(?: [\\w']+){0,2}|two (?:presses|pumps|stabs|goes)|dab (?:it|them) first|quick tap",
    ),
    rx('two feet|force'),
  ),
  yes(
    'after_cornering',
    rx(
      "(?:after|following|out of|coming out of|exit of|through|over|from) (?:[\\w']+ ){0,3}?(?:corners?|cornering|turns?|kerbs?|curbs?|chicane|bends?|bumps?|hairpin|esses|sweepers?)",
    ),
  ),
  when(
    'temperature_link',
    'only_hot',
    rx(
      "(?:only |just )?(?:when|once|if|as|gets|got|after it gets|after getting|when it's|when they're|when they are) (?:[\\w']+ ){0,4}?(?:hot|warm|up to temperature)|only (?:when )?hot|hot only|when hot|after (?:[\\w']+ ){0,3}?(?:laps?|hard stops|sessions?|stints?)|lap (?:\\d+|[a-z]+)|(?:on|by|from) (?:the )?(?:\\d+(?:st|nd|rd|th)|second|third|fourth|fifth|sixth|last) lap|laps? in|as the (?:session|stint|run|race) goes on|end of (?:the |a )?(?:session|stint|run)|coming down (?:the|a) (?:pass|mountain|hill)|fade(?:s|d)?|fading",
    ),
    rx(
      "until (?:[\\w']+ ){0,3}?(?:hot|warm)|not (?:only )?when hot|hot or cold|cold and hot|hot and cold|comes? good|straight away|(?:fine|good|ok|okay|better|right|normal) (?:once|when|as|after)",
    ),
  ),
  when(
    'temperature_link',
    'only_cold',
    rx(
      "(?:only |just )?(?:when|while) (?:[\\w']+ ){0,3}?cold|only cold|cold only|(?:until|till) (?:[\\w']+ ){0,4}?(?:warm(?:ed|s)?|hot|heat|temperature)|first (?:few )?(?:stops|presses|corners|thing)(?: in the morning)?|in the mornings?|from cold|(?:fine|good|ok|okay|better|right|normal) (?:once|when|as soon as|after) (?:[\\w']+ ){0,3}?(?:warm(?:ed)?|hot|heat)|(?:out )?lap only",
    ),
    rx('hot or cold|cold and hot|hot and cold|even when cold'),
  ),
  when(
    'temperature_link',
    'any_time',
    rx(
      'hot (?:or|and) cold|cold (?:or|and) hot|all the time|always|every (?:time|stop|press)|even when cold|straight away|from the (?:start|first stop)|permanently|constantly',
    ),
    rx(`${COAST.replace('|all the time', '')}`),
  ),
  when(
    'recovery',
    'after_cooling',
    rx(
      "(?:come|comes|came|coming|back|fine|good|ok|okay|normal|recovers?|returns?|returned|right|perfect) (?:[\\w']+ ){0,4}?(?:after (?:[\\w']+ ){0,3}?(?:cool(?:s|ed|ing)?|rest|break|while|minutes|hour|paddock|pits?|slow lap|lap off)|(?:once|when|as) (?:[\\w']+ ){0,3}?(?:cool(?:s|ed|er)?|cold|cooled down)|(?:next|the next|following|in the) (?:morning|day|session)|in the paddock|later)|cool(?:s|ed)? (?:down )?(?:and|then) (?:it's |it is |they're )?(?:fine|good|ok|okay|back|normal)|after cooling(?: down| off)?",
    ),
  ),
  when(
    'recovery',
    'by_end_of_straight',
    rx(
      '(?:by|before|at) (?:the )?end of the (?:\\w+ )?straight|by the next (?:corner|braking zone)|within (?:a |the )?straight',
    ),
  ),
  when(
    'recovery',
    'never',
    rx(
      "never (?:comes|came|come) back|(?:doesn't|does not|did not|didn't) (?:come back|recover)|stays (?:like that|bad|soft|long)",
    ),
  ),
  yes(
    'poor_stopping',
    rx(
      "(?:doesn't|does not|won't|wouldn't|will not|isn't|not|hardly|barely|didn't|can't|could not|couldn't) (?:really )?(?:stop|slow|stopping|slowing|brake|pull up)(?: down| as| like| well| properly| anymore)?|no (?:bite|stopping power|stopping|retardation|brakes)|(?:weak|poor|bad|rubbish|terrible|useless|feeble|lazy) (?:brakes?|braking|stopping|bite)|brakes? (?:is |are |feels? |feel |seems? |were |was )?(?:weak|poor|bad|rubbish|terrible|useless|feeble)|lack(?:s|ing)? (?:of )?(?:bite|braking|stopping)|fad(?:e|es|ed|ing)|(?:takes|took|needs) (?:[\\w']+ ){0,3}?(?:longer|further|ages|forever) to stop|ran (?:on|wide|off) at|stopping distance|little (?:braking|bite)|(?:run(?:s|ning)?|ran) out of brakes?|nothing happens|weak (?:on|at|in|when)|(?:firm|good|hard) pedal (?:[\\w']+ ){0,3}?no (?:stopping|brakes?|bite|stop)",
    ),
    rx('no brakes? at all|under the foot'),
  ),
  yes(
    'pulls',
    rx(
      "pull(?:s|ed|ing)? (?:[\\w']+ ){0,3}?(?:left|right|side|one way|offside|nearside)|pulls|pull(?:s|ing)? (?:under|when|on) (?:the )?brak(?:es?|ing)|pull(?! (?:over|in|into|up|away|off|the))|veers?|veering|darts?|darting|dives? (?:left|right|to)|steers? (?:itself|left|right)|swerv(?:es?|ing)|wanders? (?:under|when)|drifts? (?:left|right|to)",
    ),
    rx('pull(?:s|ed|ing)? (?:over|in|into|up|away|off)|does it'),
  ),
  says(
    'pull_side',
    'left',
    rx(
      "(?:pull(?:s|ed|ing)?|veer(?:s|ing)?|dart(?:s|ing)?|dives?|steers?|swerv(?:es?|ing)|drifts?) (?:[\\w']+ ){0,3}?left",
    ),
  ),
  says(
    'pull_side',
    'right',
    rx(
      "(?:pull(?:s|ed|ing)?|veer(?:s|ing)?|dart(?:s|ing)?|dives?|steers?|swerv(?:es?|ing)|drifts?) (?:[\\w']+ ){0,3}?right",
    ),
  ),
  says(
    'axle_locks_early',
    'rear',
    near(
      'rears?|rear (?:wheels?|axle|end)|back (?:end|wheels?|axle)',
      'lock(?:s|ed|ing)?(?: up| early| first)?|steps? out|comes? round|overtakes?',
      4,
    ),
  ),
  says(
    'axle_locks_early',
    'front',
    near('fronts?|front (?:wheels?|axle|end)', 'lock(?:s|ed|ing)?(?: up| early| first)?', 4),
  ),
  yes(
    'vibration_braking',
    rx(SHAKE),
    new RegExp(`\\b(?:${COAST}|clutch|gearbox|pedal (?:shakes|shaking|vibrates|vibrating))\\b`),
  ),
  yes('vibration_coasting', near(SHAKE, COAST, 6)),
  says('shake_where', 'wheel', near(SHAKE, 'steering wheel|steering|wheel in my hands|through the wheel', 5)),
  says('shake_where', 'seat', near(SHAKE, 'seat|backside|floor|whole car', 5)),
  says(
    'wheel_drags',
    'all',
    rx(
      "(?:all|every(?:thing)?) (?:four |4 )?(?:wheels?|corners?|brakes?|of them)? ?(?:[\\w']+ ){0,3}?(?:drag(?:s|ging)?|bind(?:s|ing)?|stuck|hot|seized|on)|brakes? (?:drag(?:s|ging)?|bind(?:s|ing)?) (?:[\\w']+ ){0,3}?(?:all|every|everywhere)|(?:won't|will not|doesn't|hardly) roll",
    ),
  ),
  says(
    'wheel_drags',
    'one',
    rx(
      "(?:wheel|corner|front|rear|left|right|side|caliper|brake|it) (?:[\\w']+ ){0,3}?(?:drag(?:s|ging)?|bind(?:s|ing)?|stuck on|seized|sticks|sticking)|drag(?:s|ging)?|bind(?:s|ing)|stuck on|won't turn",
    ),
    rx(
      "all (?:four|wheels|corners|of)|every (?:wheel|corner)|(?:won't|will not|doesn't|hardly) roll|everywhere",
    ),
  ),
  yes(
    'smell_or_smoke',
    rx(
      'smell(?:s|ed|ing|y)?|stink(?:s|ing)?|stank|smok(?:e|es|ed|ing|y)|burn(?:s|t|ing) (?:smell|brakes?|pads?)|smelt',
    ),
  ),
  yes(
    'noise_squeal',
    rx(
      'squeal(?:s|ed|ing|y)?|squeak(?:s|ed|ing|y)?|screech(?:es|ed|ing|y)?|sing(?:s|ing)|whistl(?:e|es|ing)|howl(?:s|ing)?|chirp(?:s|ing)?',
    ),
    rx('tyres?|belt'),
  ),
  yes(
    'noise_grind',
    rx(
      'grind(?:s|ing|y)?|ground like|metal (?:on|to) metal|metallic|scrap(?:e|es|ing)|grat(?:e|es|ing)|graunch(?:es|ing)?|crunch(?:es|ing|y)?|growl(?:s|ing)?',
    ),
  ),
  yes(
    'noise_rattle',
    rx(
      'rattl(?:e|es|ed|ing)|clunk(?:s|ed|ing|y)?|knock(?:s|ed|ing)?|clack(?:s|ing)?|clonk(?:s|ing)?|click(?:s|ed|ing)?|clatter(?:s|ing)?',
    ),
    rx('knock(?:ed|s)? back|knock-?back|engine|exhaust'),
  ),
  yes(
    'pads_wear_fast',
    rx(
      "(?:eat(?:s|ing)?|chew(?:s|ing)?|burn(?:s|ing)?|go(?:es|ing)?|going|gets?|went|wear(?:s|ing)?) (?:[\\w']+ ){0,2}?(?:through )?(?:[\\w']+ ){0,2}?(?:pads?|linings?)|pads? (?:only |hardly |don't |do not |never )?(?:last(?:s|ed)?|wear(?:s|ing)?|worn|gone|go|disappear|vanish)(?: [\\w']+){0,4}?|new (?:set of )?pads every|(?:heavy|fast|quick|excessive) pad wear|pad wear",
    ),
    rx('new pads fitted'),
  ),
  says('warning_light', 'abs', near('abs', 'lights?|lamps?|warning', 3)),
  says(
    'warning_light',
    'brake',
    near(
      'brake|handbrake|red',
      'warning(?: light| lamp)?|lamps?|light (?:is |came |comes |stays )?(?:on|lit)|light on the dash',
      3,
    ),
    rx('abs|brake lights? (?:don|do|not|fail)'),
  ),
  says(
    'warning_light',
    'brake',
    rx(
      "(?:warning|red) (?:light|lamp)(?: [\\w']+){0,2}? (?:on|lit|up|flicker(?:s|ing)?)|warning (?:light|lamp)",
    ),
    rx('abs'),
  ),

  says(
    'system_opened',
    'yes',
    rx(
      "(?:was |been |just |we |i )?(?:bled|bleed|bleeding)|(?:new|changed|replaced|fitted|swapped|rebuilt) (?:[\\w']+ ){0,3}?(?:calipers?|brake lines?|lines?|hoses?|master(?: cylinder)?|wheel cylinders?)|opened (?:the )?(?:system|hydraulics|lines?)|fluid (?:change|changed|flush(?:ed)?)|changed the (?:brake )?fluid",
    ),
    rx('not (?:been )?(?:bled|opened)|never (?:bled|opened)|needs? bleed(?:ing)?'),
  ),
  says(
    'caliper_fitted',
    'yes',
    rx(
      "(?:new|changed|replaced|fitted|swapped|rebuilt|rebuild|overhauled|refurbished|had) (?:[\\w']+ ){0,3}?calipers?|calipers? (?:change|job|swap|rebuild)|calipers? (?:was |were |have been |has been |got |just )?(?:[\\w']+ )?(?:changed|replaced|fitted|swapped|rebuilt|off|overhauled|new|refurbished)",
    ),
  ),
  says(
    'master_fitted',
    'yes',
    rx(
      "(?:new|changed|replaced|fitted|swapped|rebuilt) (?:[\\w']+ ){0,3}?(?:master|servo|booster)(?: cylinder)?|(?:master|servo|booster)(?: cylinder)? (?:was |has been |just |got )?(?:changed|replaced|fitted|swapped|new|rebuilt)",
    ),
  ),
  says(
    'fluid_age',
    'fresh',
    rx(
      '(?:fresh|new|changed the) (?:brake )?fluid|fluid (?:is |was )?(?:fresh|new|just changed|changed (?:last|this) (?:week|month))|flushed (?:last|this|before)',
    ),
  ),
  says(
    'fluid_age',
    'old',
    rx(
      "old (?:brake )?fluid|fluid (?:is |was )?(?:[\\w']+ ){0,2}?(?:old|years old|ancient|never changed|not been changed|original)|years? old fluid|never (?:had )?(?:its |the )?fluid changed",
    ),
  ),
  says(
    'friction_new',
    'yes',
    rx(
      "(?:new|fresh|changed|replaced|fitted|swapped|put in|put on|different) (?:[\\w']+ ){0,3}?(?:pads?|discs?|rotors?|shoes|linings?)|(?:pads?|discs?|rotors?|shoes) (?:and (?:pads?|discs?|rotors?) )?(?:were |was |have been |are |is |just |got )?(?:changed|replaced|fitted|new|swapped)",
    ),
    rx("(?:needs?|wants?|every|order(?:ed)?|like) (?:[\\w']+ ){0,3}?new|new pads every"),
  ),
  says(
    'bed_in_done',
    'no',
    rx(
      "(?:not|never|n't|without|no) (?:been )?(?:properly )?(?:bed(?:ded|ding)?|burnished|run)(?: them)?(?: ?-?in)|no bed(?:ding)? ?-?in|forgot to bed|didn't bed",
    ),
  ),
  says(
    'bed_in_done',
    'yes',
    rx('(?:bedded|burnished) (?:them |it )?(?:-?in|properly|fine)'),
    rx("not|never|didn't|without"),
  ),
  says(
    'held_hot',
    'yes',
    rx(
      "(?:sat|held|stood|stopped|parked|waited|queued) (?:[\\w']+ ){0,4}?(?:foot on|brakes? on|hand ?brake|on the brakes?)|hand ?brake (?:[\\w']+ ){0,3}?(?:hot|after (?:the )?session|in the paddock|straight after)|foot on the brake (?:[\\w']+ ){0,4}?(?:grid|pits?|paddock|lights)",
    ),
  ),
  says(
    'off_track',
    'yes',
    rx(
      'gravel(?: trap)?|kitty litter|(?:went|ran|been|slid|spun|trip|excursion|came) off(?: track| the track| into| the circuit)?|off (?:the )?(?:track|circuit)|(?:across|through|into|over) the (?:grass|dirt)|agricultural',
    ),
    rx('cut ?off|took off|goes off|run off'),
  ),
  says(
    'level_falls',
    'quickly',
    rx(
      "(?:losing|lost|loses|drops|dropping|falls|falling|empties|uses|using) (?:[\\w']+ ){0,3}?fluid (?:[\\w']+ ){0,2}?(?:fast|quick(?:ly)?|every day|daily|overnight)|(?:reservoir|level|fluid) (?:[\\w']+ ){0,3}?(?:empties|empty overnight|drops (?:fast|quickly|overnight))|top(?:ping)? (?:it )?up (?:every day|daily|twice a week)",
    ),
  ),
  says(
    'level_falls',
    'slowly',
    rx(
      "(?:fluid|level|reservoir) (?:[\\w']+ ){0,3}?(?:drop(?:s|ping)?|fall(?:s|ing)?|go(?:es|ing) down|keeps going|sinks?|disappears?|vanish(?:es)?)|(?:losing|loses|using|uses|drinks) (?:[\\w']+ ){0,2}?(?:brake )?fluid|keep(?:s)? (?:having to )?top(?:ping)? (?:it |the fluid )?up|top(?:ping)? up",
    ),
    rx('fast|quickly|every day|daily|overnight|empties'),
  ),
  says(
    'assist_removed',
    'yes',
    rx(
      "(?:booster|servo) (?:was |has been |is )?(?:delet(?:e|ed)|removed|gone|out|taken off|binned)|(?:deleted|removed|without|took out|took off|binned|no) (?:[\\w']+ ){0,2}?(?:booster|servo)|servo ?less|unassisted",
    ),
  ),
  says(
    'brake_conversion',
    'yes',
    rx(
      "big(?:ger)? brakes?(?: kit)?|(?:different|bigger|larger|other|converted|conversion|upgraded?|swapped to) (?:[\\w']+ ){0,4}?(?:calipers?|master(?: cylinder)?|brakes?)|(?:four|4|six|6) pots?|brake (?:conversion|upgrade)",
    ),
  ),
  says('hose_kind', 'braided', rx('braided(?: (?:hoses?|lines?))?|steel (?:hoses?|braid)')),
  says(
    'hose_kind',
    'rubber_old',
    rx(
      "(?:old|original|perished|cracked|ancient) (?:rubber )?(?:brake )?hoses?|(?:rubber )?hoses? (?:[\\w']+ ){0,2}?(?:old|original|perished|cracked|years old|ancient)",
    ),
  ),
  says(
    'stood_long',
    'yes',
    rx(
      "(?:stood|sat|parked|standing|sitting|laid up|stored|in storage|not (?:been )?(?:used|driven|moved)) (?:[\\w']+ ){0,4}?(?:months?|years?|winter|ages|long)|(?:after|over|all) (?:the )?winter|barn find|laid up|been stored",
    ),
  ),
  says(
    'hub_work',
    'yes',
    rx(
      "(?:new|changed|replaced|fitted|swapped) (?:[\\w']+ ){0,3}?(?:wheel )?(?:bearings?|hubs?)|(?:bearings?|hubs?) (?:was |were |have been |just |got )?(?:changed|replaced|fitted|new|done)",
    ),
  ),
  says('compound', 'track', rx('(?:race|racing|track) (?:compound|pads?)')),
  says(
    'compound',
    'street',
    rx('(?:street|standard|stock|road|oem|cheap|budget|ordinary) (?:compound|pads?)'),
  ),
  when(
    'usage',
    'track',
    rx(
      'track ?days?|circuit|race(?:s|d)?|laps?|sessions?|on (?:the )?track|stints?|paddock|sprints?|hill ?climbs?',
    ),
    rx('also|as well|and the road|daily|off (?:the )?track|race (?:pads|compound)'),
  ),
  says(
    'reservoir_level',
    'low',
    rx(
      '(?:fluid|reservoir|level) (?:is |was |looks )?(?:very |really |a bit )?low|low (?:on )?(?:brake )?fluid|below (?:the )?min(?:imum)?',
    ),
  ),
  says(
    'leak',
    'caliper_or_cylinder',
    rx(
      "(?:caliper|wheel cylinder) (?:[\\w']+ ){0,2}?(?:leak(?:s|ing)?|weep(?:s|ing)?|wet)|(?:leak(?:s|ing)?|weep(?:s|ing)?|wet) (?:[\\w']+ ){0,2}?(?:caliper|wheel cylinder)",
    ),
  ),
  says(
    'leak',
    'line_or_hose',
    rx(
      "(?:line|hose|union|pipe) (?:[\\w']+ ){0,2}?(?:leak(?:s|ing)?|weep(?:s|ing)?|wet|burst)|(?:leak(?:s|ing)?|weep(?:s|ing)?|burst|wet) (?:[\\w']+ ){0,2}?(?:line|hose|union|pipe)",
    ),
  ),
];

/** Whatever says that there is nothing to complain of. */
export const NOTHING_WRONG =
  /\b(?:nothing(?: is|'s)? wrong|all (?:good|fine|ok|okay|well)|no (?:problems?|complaints?|issues?|faults?)|(?:works?|working|feels?|brakes?) (?:is |are )?(?:fine|perfect(?:ly)?|great|as (?:it|they) should)|everything (?:is |was )?(?:fine|good|ok|okay|perfect))\b/;

/** Words that turn what follows round, within so many words. */
export const DENIALS =
  /^(?:no|not|never|without|isn't|aren't|wasn't|weren't|doesn't|don't|didn't|hasn't|haven't|won't|can't|cannot|nor|neither|hardly|cured|fixed)$/;
