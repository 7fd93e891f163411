import { found, NOT, near, ROTOR, type Rule, rx, says, upTo, WET } from './rule';

const BLEEDER = 'bleed(?:er)? (?:nipples?|screws?)|bleeders?|nipples?';
const MANY_BUBBLES = 'lots|loads|plenty|(?:keep|keeps|kept) coming|full of|nothing but';
const BROKEN = 'torn|split|damaged|cracked|missing|perished|broken|lost';
const WRONG_FLUID =
  '(?:mineral|engine|gear|motor) oil|(?:power steering|transmission) (?:fluid|oil)|atf|silicone (?:brake )?fluid';

/** What somebody has seen or measured from the pedal to the bleeder: a note from the bay, or a driver who looked. */
export const SEEN_PEDAL_TO_BLEEDER: readonly Rule[] = [
  says(
    'reservoir_level',
    'ok',
    rx(
      '(?:level|reservoir) (?:is |was )?(?:ok|okay|fine|good|right|full|(?:at|on) (?:the )?(?:max(?:imum)?|mark)|up to the mark)',
      '(?:brake )?fluid (?:is |was |level )*(?:ok|okay|full|at (?:the )?max(?:imum)?|up to the mark)',
    ),
  ),
  says(
    'reservoir_level',
    'low',
    rx(
      '(?:fluid|reservoir|level) (?:is |was |looks |has dropped to )?(?:very |really |a bit |bone )?(?:low|min(?:imum)?|dry)',
      `low (?:on )?(?:brake )?fluid|(?:fluid|reservoir|level) ${upTo(4)}(?:below|down to|at|on|near|close to) (?:the )?min(?:imum)?`,
      '(?:reservoir|fluid) (?:is |was )?(?:nearly |almost |half )?empty|no fluid (?:left )?in the reservoir',
    ),
    rx(
      `${ROTOR}|pads?|empty overnight|power steering|hydraulic (?:boost|assist)`,
      'low (?:on )?(?:brake )?fluid (?:level )?(?:warning|light|lamp|message)',
    ),
  ),
  found(
    'fluid_look',
    'dark',
    near('fluid', 'burnt|black|dark|discolou?red|brown|dirty|coffee|cola|tea|treacle|muddy', 7),
    'clear',
  ),
  says('fluid_look', 'clear', rx('fluid (?:is |was |looks )?(?:still )?(?:clear|clean|like new)')),
  says('fluid_look', 'debris', near('fluid', 'gritty|grit', 3)),
  says('fluid_look', 'dark', rx('^(?:and )?(?:dark|black|brown)$')),
  says(
    'fluid_look',
    'debris',
    near(
      'fluid|reservoir',
      'specks?|bits|flakes|rubber bits|debris|(?:black|dark) (?:stuff|particles|crumbs)',
      4,
    ),
  ),
  found(
    'fluid_moisture',
    'wet',
    rx(
      near('water|moisture', '(?:in the|in|into the|into|of the) (?:brake )?fluid|too high|high', 2).source,
      '(?:moisture|fluid|water) (?:pen|tester|meter) (?:says|shows|reads|goes|went|lights?(?: up)?|is) (?:red|bad|wet)',
      'fluid has (?:got )?water|water (?:got|went|ran|came) into the reservoir',
    ),
    'dry',
  ),
  says(
    'leak',
    'caliper_or_cylinder',
    rx(
      `fluid (?:on|at|around|down) the caliper|wet (?:on the )?(?:inner|inside)(?: of the)? (?:wheel|tyre|rim)`,
      `(?:caliper|cylinder) ${upTo(5)}(?:${WET}|bleed(?:s|ing) from)`,
      'drip(?:s|ping)? (?:from|at) (?:the )?(?:[fr][lr]|[lr][fr])',
      'pistons? (?:was |is |got )?(?:pushed|popped|came|come|blown|blew) out(?! (?:uneven|stiff|hard|easily|slowly|with|by))',
      `(?:${WET}) ${upTo(4)}(?:caliper|wheel cylinder|rear cylinder)`,
      `(?:leak(?:s|ing)?|weep(?:s|ing)?) ${upTo(7)}(?:wheel|tyre)`,
      `(?:fluid|puddle|drips?|drops|wet (?:patch|spot)) ${upTo(3)}(?:under|below|beneath|at the back of|on the back of) ${upTo(4)}(?:wheel|tyre)|puddle (?:behind|by|at|inside) ${upTo(4)}(?:wheel|tyre)`,
      `fluid ${upTo(1)}(?:around|round|by|at|behind) ${upTo(3)}(?:wheel|tyre)|drip(?:s|ping)? ${upTo(2)}(?:behind|at|by|from|under|inside) ${upTo(4)}(?:wheel|tyre)`,
      near('piston seals?|dust boots?|(?:rear |back )?drums?|back ?plates?', WET, 3).source,
      `(?:wheel|tyre|rim)s? ${upTo(3)}(?:covered|soaked|wet) ${upTo(3)}(?:fluid|oil)`,
      `fluid ${upTo(1)}(?:drip|run|weep|seep|leak)\\w* ${upTo(4)}(?:(?:front|rear|back) (?:left|right)|(?:left|right) (?:front|rear|back))`,
      `(?:fluid|oil) ${upTo(2)}(?:drip|run|weep|seep)\\w* ${upTo(3)}(?:drum|backplate|back plate|hub)`,
      `(?:oily?|fluid|wet) ${upTo(5)}(?:on|down|over|inside) (?:the )?${upTo(6)}(?:wheel|tyre|rim)`,
    ),
    rx('master'),
  ),
  says(
    'leak',
    'line_or_hose',
    rx(
      `(?:line|hose|union|pipe|banjo) ${upTo(6)}(?:${WET}|burst|rusted through|rotted|rotten|corroded|chafed through|split)`,
      `(?:${WET}|burst) ${upTo(2)}(?:line|hose|union|pipe|banjo)`,
      `(?:proportioning|limiting|bias|pressure) valve (?:is )?(?:${WET})`,
      `damp (?:around|round|at|on|by) ${upTo(2)}(?:line|hose|union|pipe|banjo)`,
    ),
    rx('booster|servo|vacuum|coolant|heater|fuel'),
  ),
  says(
    'leak',
    'master_to_booster',
    rx(
      `master(?: cylinder)? ${upTo(2)}(?:${WET}) ${upTo(3)}(?:booster|servo|push ?rod|rear seal|(?:at|from|round) (?:the |its )?(?:back|rear))`,
      `(?:booster|servo|vacuum)(?: hose| line)? ${upTo(2)}(?:smell(?:s|ing)? of|full of|has|had|with|contains) (?:brake )?fluid`,
      '(?:wet|damp|fluid)(?: patch| spot)? (?:on|at|down) the (?:firewall|bulkhead)',
      `master(?: cylinder)? (?:is |was )?(?:${WET})`,
      `master(?: cylinder)? ${upTo(2)}(?:${WET}) ${upTo(3)}(?:cabin|interior|inside|footwell)`,
      `carpet ${upTo(1)}(?:wet|soaked)|leak(?:s|ing|age)? (?:at|from|on|by) (?:the )?(?:back|rear) (?:of|seal of) (?:the )?master`,
      `(?:${WET}) ${upTo(1)}(?:at|by|behind|round) the master|(?:${WET}) ${upTo(5)}(?:under|below) the (?:servo|booster|master)`,
      '(?:paint|enamel) (?:is |has )?(?:com(?:ing|e)|peel(?:ing|ed)|lift(?:ing|ed)|strip(?:ping|ped)|bubbl(?:ing|ed)|blister(?:ing|ed)|gone)(?: off)? (?:under|below|beneath|at) the (?:servo|booster|master|reservoir)',
      '(?:running|runs|weeping) down the (?:firewall|bulkhead)',
      `(?:fluid|wet|oil)(?: patch)? ${upTo(2)}(?:behind the master|(?:on|at|down) the back of the master|(?:in|into|inside) the (?:booster|servo))`,
      `(?:wet|damp|fluid|drip\\w*|puddle|pool) ${upTo(7)}(?:shoes?|pedal area|push ?rod|carpet|footwell|under the (?:dash|pedals?)|above the pedals|(?:inside|in) the (?:car|cabin)|pedal box)`,
    ),
    // Those shoes are not the driver's.
    rx('wheel cylinders?|drums?|linings?|brake shoes?'),
  ),
  says(
    'leak',
    'none',
    rx(
      'no (?:external |visible |obvious )?leaks? (?:anywhere|visible|seen|found|to be (?:seen|found))|nothing (?:is )?leaking|^(?:no |any )?leaks? none',
    ),
  ),
  found('bubbles', 'many', near('air|bubbles', MANY_BUBBLES, 3), 'none'),
  says(
    'bubbles',
    'none',
    rx('no (?:more )?bubbles|no (?:more )?air (?:came|comes|coming|(?:in|at|from) (?:any|all|either))'),
  ),
  says(
    'bubbles',
    'many',
    rx(
      "(?:can't|cannot|can|couldn't|could) (?:never )?(?:seem to )?get (?:all )?(?:the |all the |any more )?air out",
    ),
    rx('can get'),
  ),
  says(
    'bubbles',
    'many',
    rx('air (?:comes|came|keeps coming) (?:forever|without end|all the time|and comes)'),
  ),
  says(
    'bubbles',
    'few',
    rx(
      'found (?:some |a bit of |a little |loads of )?air (?:at|in)|air (?:was )?found (?:at|in)',
      '(?:some |a few |a couple of |air )+bubbles (?:from|at|on|out of)',
      'still (?:some |a few )?(?:air )?bubbles|(?:spat|spits?|spitting|blew) (?:out )?(?:air|bubbles)',
      `(?:some |a bit of |a few )?(?:air|bubbles) ${upTo(2)}(?:came|come|coming) (?:out|from|through|up)`,
    ),
    rx('keeps?|kept'),
  ),
  says('bubbles', 'few', near('(?:air )?bubbles', `${BLEEDER}|in the (?:brake )?fluid`, 4), rx(MANY_BUBBLES)),
  found(
    'hose_swell',
    'yes',
    near('hoses?|flexi', 'bulg(?:e|es|ed|ing)|swell(?:s|ing)?|swollen|balloon(?:s|ing)?|blister(?:s|ed)?', 4),
    'no',
    // Swollen shut it lets nothing back.
    rx('inside|internally|(?:swollen|swelled) (?:shut|closed)'),
  ),
  says(
    'bleeder_position',
    'not_top',
    rx(
      `(?:bleed(?:er)?s?|nipples?|bleed screws?) ${upTo(3)}(?:(?:at|on) the (?:bottom|lower side|underside)|points? down|pointing down|facing down|not at the top|upside down)`,
      `calipers? ${upTo(3)}(?:wrong side|upside down|swapped side)`,
    ),
  ),
  found(
    'bleeder_screw',
    'stuck',
    near(BLEEDER, 'seized|stuck|sheared|snapped|rounded|broken|broke', 5),
    'turns',
  ),
  found(
    'pedal_pump',
    'rises',
    rx(
      '(?:firm(?:s|er)?(?: up)?|better|higher|good|ok|okay|comes? back) (?:when|if|once|after|with) (?:i |you |it is )?pump(?:ed|ing)?',
      '(?:harder|firmer|higher|better) the more (?:i |you |we )?pump|(?:rises|firms up|goes up|builds up) with pumping',
      '(?:when|if|once|after) (?:i |you |it is )?pump(?:ed|ing)? (?:it )?(?:it |the pedal )?(?:gets|goes|is|becomes|feels) (?:rock )?(?:hard|firm|better|high)',
      'pumped (?:it |twice |once |three times |a few times )?(?:and|then) got (?:it|them|half|some|most|the (?:pedal|brakes?)) (?:of it )?back|rises (?:after|with) (?:several|a few|\\w+) pumps|pumps (?:back )?up|pumping brings (?:it|the pedal) back',
      'pump(?:ed)? (?:it )?and (?:it|the pedal) (?:comes?|came) back|comes? up with pumping',
      'unless (?:i |you )?(?:keep )?pump(?:ing)?(?: it)?',
      'pumping (?:brings|builds|raises) (?:it|them|the pedal) (?:back )?up',
      '(?:pedal|it) comes? (?:back )?up (?:after|with|on) (?:one|a|two|three|a few) (?:pumps?|press(?:es)?|stabs?)',
      '(?:comes? up|rises|climbs|builds(?: up)?) (?:when|if|as) (?:i |you |it is )?pump(?:ed|ing)?',
    ),
    'same',
    rx('creeps?|sinks?|sank|sinking|drops slowly'),
  ),
  says(
    'pedal_pump',
    'same',
    rx(
      '(?:pump|pumped|pumping) (?:it |the pedal )?(?:and|but) (?:it |the pedal )?(?:stays?|stayed|is|was|remains) (?:just )?the same',
      `(?:${NOT}|no) (?:improve|better|change|firmer|get (?:any )?(?:better|firmer)|help)\\w* (?:with|by|from|when|if|after) ${upTo(2)}pump(?:ed|ing)?`,
      `pumping ${upTo(2)}(?:(?:${NOT}) (?:help|change|do|improve)|(?:makes|does) (?:no|nothing))`,
    ),
  ),
  says(
    'pedal_hold',
    'holds',
    rx(
      'holds? (?:rock )?(?:solid|firm|steady)(?: for (?:a|one|two|half a|\\d+|thirty|sixty) (?:s|secs?|seconds?|minutes?))?(?: with (?:the )?engine (?:on|off))?$',
    ),
  ),
  says('assist_vacuum', 'ok', rx('vacuum (?:at the (?:booster|servo) )?(?:is |was )?(?:ok|okay|fine|good)')),
  says(
    'assist_vacuum',
    'low',
    rx(
      'check valve (?:is |was )?(?:bad|stuck|faulty|broken|sticks|fails|failed)|(?:no|low|little|poor|loses?|without) vacuum|vacuum (?:is |reads? |was |very |too )+low',
      `(?:vacuum|servo|booster) (?:pump|hose|pipe|line|leak)? ?${upTo(2)}(?:dead|split|off|disconnected|collapsed|cracked|leak(?:s|ing)?|broken|low|gone|failed)`,
    ),
    // What failed and was put right is over.
    rx('(?:was|were|been|got) (?:replaced|changed|renewed|fixed)'),
  ),
  says('fault_codes', 'none', rx('no (?:fault |abs |stored |trouble )*(?:codes|dtcs)')),
  says(
    'fault_codes',
    'wheel_sensor',
    rx(
      '(?:sensor|tone|reluctor|abs) ring (?:is |was )?(?:cracked|damaged|rusty|rusted|broken|missing|loose|split)',
    ),
  ),
  says(
    'fault_codes',
    'wheel_sensor',
    near(
      'codes?|dtcs?|faults?|scan(?:ner| tool)? (?:shows|says|reads|found)',
      'wheel ?speed(?: sensor)?|(?:wheel|abs|(?:front|rear|left|right)) sensor',
      5,
    ),
  ),
  says(
    'fault_codes',
    'modulator',
    near('codes?|dtcs?|faults?', 'modulator|pump motor|hydraulic unit|abs (?:pump|block|unit)', 3),
  ),
  found(
    'pedal_free_play',
    'none',
    rx(
      `push ?rod ${upTo(3)}(?:no (?:free )?(?:play|clearance)|too long|preload(?:ed|s)?)`,
      `no (?:free )?(?:play|clearance|gap) ${upTo(5)}push ?rod|pedal ${upTo(2)}no free play`,
      '(?:no|zero) free play(?: at all| at the (?:brake )?pedal| left)?$',
    ),
    'in_range',
  ),
  says(
    'pedal_free_play',
    'excess',
    rx(
      `push ?rod ${upTo(3)}(?:too short|too much (?:free )?play)|(?:too much|excessive) free play`,
      '(?:too much|excessive) play at the (?:brake )?pedal',
      `(?:slack|free play|lost motion|play|dead (?:travel|movement)) ${upTo(2)}(?:at|in) the top`,
      '^(?:brake )?pedal (?:free )?play$',
    ),
  ),
  found(
    'pedal_linkage',
    'worn',
    near(
      'clevis(?: pins?)?|pedal (?:pivot|bush(?:es|ing)?|bracket|shaft|box)|pivot pin',
      'worn|slack|play|loose|sloppy|oval|gone',
      3,
    ),
    'tight',
  ),
  says('pedal_linkage', 'worn', near('pedal', 'sideways|side to side', 5)),
  says('pedal_linkage', 'worn', rx('pedal (?:is )?(?:loose|wobbl(?:y|es))')),
  says(
    'pedal_linkage',
    'cracked',
    near('clevis|pedal (?:pivot|bracket|mount|box)', 'crack(?:s|ed)?|broken|torn', 3),
  ),
  found(
    'master_movement',
    'moves',
    near(
      'master(?: cylinder)?|bulkhead|firewall|servo|booster|pedal box',
      'flex(?:es|ing)?|bends?|bending|bows|moves|moving',
      3,
    ),
    'still',
  ),
  says(
    'assist_start',
    'drops',
    rx(
      'start(?:s|ed)? (?:it |the engine |her )?(?:and )?(?:the )?pedal (?:drops|dropped|dips|dipped|sinks|sank)',
      `pedal ${upTo(1)}(?:drops|sinks|dips|falls|goes down|moves down) ${upTo(4)}(?:when|as|on) ${upTo(2)}(?:start(?:ing|s)?|engine (?:starts|fires|comes on))`,
    ),
    rx('floor|way down|lot', 'starts? (?:to rain|raining)|rain(?:s|ing)?'),
  ),
  says(
    'assist_start',
    'drops',
    rx(
      '^(?:and |but )?(?:it )?(?:drops|sinks|dips|goes down)(?: a (?:bit|little))? (?:when|as|once) (?:the )?engine (?:starts|fires)',
    ),
  ),
  says(
    'master_movement',
    'moves',
    rx('see (?:the )?(?:master|firewall|bulkhead|booster|servo)(?: cylinder)? (?:\\w+ )?(?:move|flex|bend)'),
  ),
  says(
    'assist_start',
    'drops',
    rx(
      'pedal (?:drops|dropped|dips|dipped|sinks|sank) (?:down )?(?:(?:a bit|a little|slightly) )?as it should',
    ),
  ),
  says(
    'assist_start',
    'no_change',
    rx(
      `start(?:s|ed|ing)? (?:up )?(?:the )?engine ${upTo(7)}(?:nothing (?:moved|moves|happened|happens|changed|changes)|pedal (?:stayed|stays) (?:put|where))`,
      `(?:engine start|start(?:s|ing)? (?:up )?(?:the )?engine) ${upTo(1)}(?:makes|made|does|did|brings) no(?:thing| (?:change|difference))`,
      `no (?:change|difference) ${upTo(4)}(?:when|as|once) (?:(?:the )?engine (?:starts|fires)|(?:i|you|we) start (?:up )?(?:the )?engine)`,
      `pedal ${upTo(3)}(?:doesn't|does not|won't|didn't|never) (?:drop|move|fall|dip|sink|go down) ${upTo(5)}(?:start(?:ed|ing)?|engine)`,
      `(?:start(?:s|ed|ing)?|fire(?:s|d)? up) (?:up )?(?:the )?engine ${upTo(4)}pedal (?:doesn't|does not|won't|didn't|never) (?:drop|move|fall|dip|sink|go down)`,
    ),
  ),
  says(
    'assist_fluid',
    'low',
    rx(
      '(?:power steering|hydraulic assist|booster) (?:fluid|oil) (?:is |was )?(?:very )?(?:low|empty)',
      'low (?:on )?(?:power steering|hydraulic assist|booster) (?:fluid|oil)',
      'hydraulic (?:boost(?:er)?|assist(?:ance)?) (?:is )?low(?: on fluid)?',
    ),
  ),
  says(
    'reservoir_level',
    'over',
    near(
      'reservoir|pot|fluid|level',
      'over ?full|over ?filled|brim ?full|(?:over|above) (?:the )?max(?:imum)?|brimmed|to the brim',
      3,
    ),
  ),
  found(
    'reservoir_cap',
    'damaged',
    near('(?:reservoir|fluid) cap|cap(?: seal)?', `${BROKEN}|blocked`, 3),
    'sound',
  ),
  says('reservoir_cap', 'swollen', near('cap(?: seal)?|diaphragm', 'swollen|swelled', 5)),
  says(
    'fluid_type',
    'wrong',
    rx(
      near(WRONG_FLUID, 'reservoir|system|brakes?|topp(?:ed|ing)|poured|filled', 6).source,
      `(?:put|poured|added|used|filled with) (?:in )?${WRONG_FLUID}|${WRONG_FLUID} (?:was |got |has been )?(?:put|poured|filled) in`,
      'topp(?:ed|ing) (?:it |the (?:fluid|reservoir) )?up (?:(?:the )?(?:brake )?(?:fluid|reservoir) )?with (?:water|oil)',
      '(?:put|poured|filled|topped) (?:\\w+ )?dot ?5(?![.\\d])|dot ?5 (?:silicone|in (?:it|the (?:car|system|reservoir)))',
      '(?:changed|switched|swapped|went|moved) (?:over )?(?:from dot ?\\d(?:\\.\\d)? )?to dot ?5(?![.\\d])',
      '(?:put|poured) (?:the )?oil in(?:to)? the brake (?:fluid|reservoir)',
      `wrong (?:brake )?fluid|(?:filled|topped) (?:it )?(?:up )?with (?:the )?wrong (?:stuff|fluid)|mixed ${upTo(3)}silicone`,
    ),
  ),
  says(
    'fluid_boiling',
    'low',
    rx('boiling point (?:is |was |reads? |too |very )*low|fail(?:s|ed) (?:the )?boil(?:ing)?'),
  ),
  says(
    'after_full_bleed',
    'still_soft',
    near(
      `(?:bled|bleed|bleeding) (?:it )?(?:twice|(?:three|four|five|six|several|many|\\d+) times|again and again|${upTo(3)}(?:all (?:four|round|corners)|four corners?|fully|every (?:corner|wheel)))`,
      'soft|spongy|mushy|no better|the same',
      8,
    ),
  ),
  says(
    'after_full_bleed',
    'still_soft',
    rx("bleed(?:ing)? (?:it )?(?:doesn't|does not|didn't|did not|won't) (?:help|cure|fix|change|improve)"),
  ),
  says(
    'after_full_bleed',
    'firm',
    rx(
      'after (?:the |a )?(?:full )?(?:bleed|bleeding) (?:it is |it is now |it was |the pedal is |pedal )?(?:firm|rock hard|solid)',
    ),
  ),
  says(
    'bleeder_screw',
    'stuck',
    rx(`(?:can't|cannot|couldn't) (?:open|undo|crack|loosen|turn) (?:the |any |a )?(?:${BLEEDER})`),
  ),
  says('bleeder_screw', 'weeps', near(BLEEDER, WET, 4)),
  says(
    'open_bleeder_frees',
    'yes',
    rx(
      `(?:open(?:s|ing|ed)?|crack(?:s|ing|ed)?) ${upTo(3)}(?:${BLEEDER}) ${upTo(6)}(?:frees|freed|free|lets? (?:it |the \\w+ )?go|releases?|released|turns|spins)`,
      `(?:until|till|unless|(?:had|have|has) to) ${upTo(2)}(?:open|crack)(?! (?:it|all|every|each)) ${upTo(3)}(?:${BLEEDER})(?! to bleed)`,
      // What does not let go until then is told by the "until".
      `(?<!n't |not |never )(?:frees?|lets? go|releases?) ${upTo(4)}(?:open|crack)(?:s|ing|ed)? ${upTo(3)}(?:${BLEEDER})`,
    ),
  ),
  says(
    'loosen_master_frees',
    'yes',
    rx(
      `(?:loosen(?:s|ing|ed)?|crack(?:s|ing|ed)?|slacken(?:s|ing|ed)?|eas(?:es|ing|ed)|undo(?:es|ing)?) ${upTo(3)}master ${upTo(7)}(?:frees|freed|free|lets? go|releases?|released|rolls?|rolled)`,
      `(?:until|till|unless) (?:i |you |we )?(?:loosen|slacken|undo|crack)(?:ed)? ${upTo(2)}master`,
      `(?:frees?|lets? go|releases?)(?: off)? (?:when|if|as|once) ${upTo(2)}(?:loosen|slacken|eas|undo|crack)\\w* ${upTo(2)}master`,
    ),
  ),
];
