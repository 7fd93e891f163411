import { found, near, ROTOR, type Rule, rx, says, upTo, WET } from './rule';

const BROKEN = 'torn|split|damaged|cracked|missing|perished|broken|lost';
const WRONG_FLUID =
  '(?:mineral|engine|gear|motor) oil|(?:power steering|transmission) (?:fluid|oil)|atf|silicone (?:brake )?fluid';

/** What somebody has seen of the fluid, and where it comes out. */
export const SEEN_FLUID: readonly Rule[] = [
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
      `(?:${WET}|burst) ${upTo(3)}(?:lines?|hoses?|unions?|pipes?|banjos?)`,
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
];
