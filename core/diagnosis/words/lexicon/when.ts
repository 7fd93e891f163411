import { HEARD } from './noise';
import { COAST, HANDBRAKE, NOTHING_COLD, POOR, type Rule, rx, upTo, when, yes } from './rule';

/** So far that it tells how long parts have been on, not that they are hot. */
const FAR = '(?:\\d{3,}|hundred|thousand) (?:miles|mls|km|kilomet(?:er|re)s)';
const TIMES = 'laps?|hard stops|stops|sessions?|stints?|minutes|mins|miles|kilomet(?:er|re)s';

/** It is not there cold, so it is there hot. */
const NOT_COLD =
  "(?:no|not|never|\\w+n't) (?:judder|vibrat|shak|shudder|squeal|squeak|pull|drag|grind|nois|wobbl)\\w* (?:when |while )?(?:it is |it's )?cold";

/** Said, and not denied: "good", and not "not good". */
const SAID = "(?<!not |n't )";

/** It is not there hot, so it is there cold. */
const NOT_WARM =
  "(?:no|not|never|\\w+n't) (?:judder|vibrat|shak|shudder|squeal|squeak|pull|drag|grind|nois|wobbl)\\w* (?:when |while |once )?(?:it is |it's )?(?:hot|warm)$";

/** No rest brings it back. */
const STILL_SO =
  'even after (?:cooling|a rest|it (?:has )?cool(?:s|ed)) (?:\\w+ ){0,4}(?:stays?|remains?|still) (?:soft|long|low|spongy|bad)';

/** Until it has stood for long. */
const UNTIL_RESTED =
  'until (?:the |that |later that )?(?:evening|(?:next|following) (?:day|morning)|it has cooled)';
/** One way cold and the other way hot: it shows at either. */
const SIDE_BY_HEAT = '(?:left|right) (?:when )?(?:hot|warm|cold) (?:left|right)';

/** After so much of it nothing is wrong: it was there cold. */
const WARMED =
  'after (?:a few|a couple of|several|two|three|four|five|some|\\d+) (?:hard |good )?(?:stops|laps|corners|presses|miles|kilomet(?:er|re)s|km)';
const RIGHT = '(?:straight|fine|ok|okay|good|normal|gone|better|smooth|quiet)';
const GONE_AFTER = `${WARMED} (?:it's |they're |(?:it|they|everything|the \\w+) (?:is |are )?)?(?:all |back to )?${RIGHT}\\b(?! until| till)|(?!gone)${RIGHT} ${WARMED}`;
/** Nothing is wrong, up to a point. */
const NO_COMPLAINT =
  "(?:(?:no|not|never|without|\\w+n't) (?:any )?(?:judder|vibrat|shak|shudder|squeal|squeak|pull|drag|grind|nois|wobbl|smell|fad|problem|issue|trouble)\\w*|fine|smooth|quiet|firm|normal|perfect) ";
/** Then it is there hot. */
const NOT_UNTIL = `${NO_COMPLAINT}(?:until|till) ${upTo(5)}(?:hot|warm(?:ed)?|heat|temperature|laps?|(?:hard|big|heavy) stops)`;

/** When it shows, how it comes back, and how the car is used. */
export const WHEN_WORDS: readonly Rule[] = [
  yes(
    'after_cornering',
    rx(
      `(?:after|following|out of|coming out of|exit of|through|over|from) ${upTo(3)}(?:corners?|cornering|turns?|kerbs?|curbs?|chicane|bends?|bumps?|potholes?|rumble strips?|twisty (?:section|bit|part|roads?)|twisties|hairpin|esses|sweepers?|handers?|slalom)`,
      'after (?:the |a |every |each )?(?:fast|quick|long|hard|tight) (?:right|left)s?|(?:after|out of|exit of) t ?\\d+',
      '(?:long|longer|low|lower|drops) in (?:the )?(?:fast |long )?(?:corners|bends|turns)',
      `after ${upTo(5)}bumpy|(?:when|while) cornering|(?<=pedal.*)mid corner`,
      '(?:corners?|cornering|bends|turns|kerbs|curbs|bumps|sweepers) (?:makes?|gives?|leaves?|sends?) (?:me |you )?(?:the |a |my )?(?:long |low |soft )?pedal',
      '(?:because of|by) (?:the )?(?:kerbs?|curbs?|bumps)',
      'turn(?:ing|ed|s)? hard (?:left|right)(?: and)?$|(?:left right left|right left right|s ?bends)',
      '(?:off|over|across|clip|hit|ride|touch) (?:the |a )?(?:kerbs?|curbs?)',
      'changes (?:at |in |with )?(?:every|each) (?:corner|bend)',
      'knock(?:ed|s)? ?(?:off|back)',
    ),
    rx(
      '(?:abs|anti ?lock) (?:\\w+ ){0,2}(?:over|on|across)|(?:all|four) (?:four )?corners|gravel|grass|pulls (?:well|strongly) out',
      'first (?:\\w+ )?corners|(?:ok|okay|fine|good|better|normal|right) after|from turn \\d|over the corner',
      `(?:ran|went|slid|spun) ${upTo(2)}(?:wide|off|through)`,
      // The car goes its own way there, or it is heard: no press is long.
      `(?<!pedal.*)(?:darts?|dives?|dived|wanders?|twitches|tramlin(?:es|ing))(?!.*pedal)`,
      `(?<!pedal.*)(?:${HEARD})(?!.*pedal)`,
    ),
  ),
  when(
    'temperature_link',
    'only_hot',
    rx(
      `(?:only |just )?(?:when|once|if|as|only after|after it gets|after getting|when it's|when they're|when they are) ${upTo(5)}(?:hot|warm|up to temperature|heats? up|warms? up|heat builds)`,
      `${SAID}(?:smooth|fine|good|ok|okay|firm|normal|right|perfect) (?:when |while )?(?:it is |they are |it's |they're )?cold(?! (?:and|or) hot)`,
      '(?:fine|good|ok|okay|firm) (?:for|in|during) (?:the )?first (?:half|few|two|three|\\d+)',
      '(?:fine|good|ok|okay|well|firm) (?:for )?(?:two|three|four|five|a few)(?: or (?:three|four|five))? (?:times|stops|corners|laps)(?:$| then)',
      `^cold (?:ok|okay|fine|good|firm)$|vapou?r lock|fluid (?:has |had |was )?boiled$|boiled (?:the |my )?(?:brake )?fluid$|${NOT_COLD}`,
      '(?:over|through|during) (?:the |a )(?:race|session|stint)|after (?:a |the )?warm ?(?:up|ing up)',
      '^(?:(?:the )?pedal )?(?:is |goes |gets )?(?:soft|long|low|spongy|mushy) hot$',
      '(?:few|couple of|several|two|three|four|five|\\d) (?:big|hard|heavy) stops',
      "^hot (?:(?:the |my )?pedal|judder|vibration|shake|shaking|squeal|fade)|cold it's (?:rock )?solid|tighter and tighter",
      '(?:longer|softer|worse|lower|weaker) (?:with|from) (?:the )?heat|(?:goes?|went|gets?) (?:up|down) with (?:the )?(?:heat|temperature)',
      'the (?:further|longer|more) (?:i|you|we|it) (?:drives?|goe?s?|runs?)',
      "cold (?:it's|its|it is|is) (?:smooth|fine|good|ok|okay|firm)",
      '(?:the )?hotter (?:it|they|the)|only (?:when )?hot|hot only|when hot',
      '(?:worse|bad|only|longer|softer) (?:[\\w]+ )?with hot brakes',
      `after ${upTo(3)}(?:${TIMES}|a while)`,
      'lap (?:[2-9]|\\d{2,}|two|three|four|five|six|seven|eight|nine|ten|twelve|fifteen|twenty)',
      '(?:on|by|from) (?:the )?(?:\\d+(?:st|nd|rd|th)|second|third|fourth|fifth|sixth|last) lap',
      'by (?:session|stint|run) (?:\\d+|two|three|four)|by the (?:second|third|fourth|last) (?:session|stint|run)',
      '(?:in|within) (?:one|a single|two|a few) laps?$',
      'laps? (?:in|onwards?)|for (?:a few|a couple of|two|three|four|five|six|\\d+) (?:hard |good )?laps',
      '(?:grows|longer|softer|worse) (?:in|during) (?:a|the) (?:session|stint|run)',
      'with (?:every|each) (?:stop|session)',
      // Every lap alone says how often.
      `(?:worse|longer|lower|softer|further|deeper|weaker|hotter|more|less) ${upTo(3)}(?:every|each) lap`,
      'with (?:every|each) lap',
      '(?:in|during|over|for) the last (?:five|ten|fifteen|few|couple of|\\d+) (?:minutes|laps)',
      '(?:more than|beyond|past) (?:\\d+|two|three|four|five|six|a few) laps',
      '(?:as|through|during) (?:the )(?:session|stint|run|race)(?: goes on)?',
      `end of (?:the |a )?${upTo(3)}(?:session|stint|run)`,
      // The heat soaks in once the air stands still.
      '(?:standing|stood|waiting|waited|sitting|sat|parked|stopped) (?:in|on) (?:the )?(?:pits?|pit lane|paddock|grid)',
      `after ${upTo(3)}(?:downhill|descent|(?:highway|motorway|autobahn) (?:drives?|runs?|trips?))`,
      `(?:until|till) (?:it|they) cools?(?: down| off)?|(?:in|on|during) ${upTo(2)}descents?`,
      'worse the (?:longer|further|more|harder) (?:i|you|we|it)',
      `^(?:${POOR}) (?:when )?hot$|${NOT_UNTIL}`,
      '(?:on|in|over|down) (?:the )?(?:(?:mountain|alpine) )?passes|(?:in|down|through) (?:the )?mountains',
      'coming down (?:from )?(?:the|a) (?:pass|mountain|hill|ski resort|summit|top)|fade(?:s|d)?|fading',
    ),
    rx(
      `after ${upTo(2)}${FAR}`,
      GONE_AFTER,
      `(?<!${NO_COMPLAINT})until ${upTo(3)}(?:hot|warm|laps?|corners?|stops?)|not (?:only )?when hot|hot or cold`,
      '(?:straightens|clears|improves|eases|settles|stops|goes away) (?:up |out )?(?:as|once|when)',
      'the harder (?:i|you|we) (?:push|press|brake)|cold and hot|hot and cold|(?:comes?|came) (?:good|back)|straight away|^temp(?:s|eratures)\\b',
      SIDE_BY_HEAT,
      'kerb strike|never fades?|^(?:and |it is |is )*(?:gone|goes|disappears|stops|clears) after',
      'clears? up (?:after|once|when|as)',
      '(?:wet|damp) session|cool(?: down| off|ing)|no (?:more )?fade|stays? firm',
      "(?:doesn't|does not|don't|didn't|did not) fade",
      NOT_WARM,
      // What happened there, not when it shows.
      'gravel|grass',
      `parked (?:it )?hot|(?:sat|held|stood|parked|waited|left|kept) ${upTo(9)}(?:(?:brakes?|pedal|${HANDBRAKE}) on|on the (?:hot )?brakes?)`,
      `${SAID}(?:fine|good|ok|okay|better|right|normal|perfect|great) (?:(?:now|again) )?(?:once|when|as|after)`,
      '(?:straight|smooth|quiet) (?:once|when|as)|(?:smooth|quiet) after',
      '(?<!pedal |brakes? )(?:goe?s?|went|going) away',
    ),
  ),
  when(
    'temperature_link',
    'only_hot',
    rx('(?:lock|bind|drag|stick|hang)s? (?:on |up )?(?:when|once) (?:hot|warm)'),
  ),
  // A rule of its own: the one above leaves alone whatever goes away.
  when(
    'temperature_link',
    'only_hot',
    rx(`(?:goes away|gone|disappears|vanishes|stops|quiet) when ${upTo(2)}(?:is |are |it's )?cold$`),
  ),
  when(
    'temperature_link',
    'only_cold',
    rx(
      `(?:only |just )?(?:when|while) ${upTo(3)}cold|only cold|cold only`,
      NOT_WARM,
      GONE_AFTER,
      `(?:only|just) ${upTo(2)}(?:in|for|during) the first ${upTo(1)}(?:minutes|miles|kilometres|km)`,
      'needs? (?:warming|heat|temperature)',
      NOTHING_COLD,
      '^brakes? cold$|cold bite|with cold (?:pads|brakes|discs)|no (?:initial )?bite cold',
      `(?:take|takes|took|need|needs) ${upTo(6)}(?:to|(?:before|until|till) (?:it|they|the (?:brakes?|pads?))) (?:wake up|wakes? up|comes? in|bites?|warms? up|starts? working|works?)`,
      `(?:until|till) ${upTo(4)}(?:warm(?:ed|s)?|hot|heat|temperature|corners?|laps?)`,
      // In the rain the first stop wipes the water off.
      '(?<!(?:it rains|in the (?:rain|wet)|after (?:the )?(?:rain|washing)) .*)first (?:few |two |three )?(?:stops?(?: of the day)?|presses|corners|thing)(?: in the morning)?',
      `(?:on )?(?:cold|frosty) mornings?|in the cold$|^cold brakes? (?:nothing|no bite|${POOR})|^(?:${POOR}) (?:when )?cold$`,
      '(?<!new )in the mornings?|(?:every|each) morning|first \\w+ of the (?:morning|day)|from cold|after (?:a )?cold start',
      `${SAID}(?:fine|good|ok|okay|better|right|normal|perfect|great|straight|smooth|quiet|gone) (?:once|when|as soon as|after) ${upTo(3)}(?:warm(?:ed)?|hot|heat)`,
      `${SAID}(?:great|fine|good|ok|okay|perfect|quiet|silent) (?:when )?(?:warm|hot)$`,
      `(?:straightens|clears|improves|eases|settles) (?:up |out )?(?:as|once|when) ${upTo(3)}(?:warms?|heats?|hot)`,
      `(?:no bite|(?<!^)nothing|no brakes?|poor|weak|bad|numb) ${upTo(3)}(?:(?:for|on|in|during) )?(?:the )?first (?:two |few |couple of )?(?:laps?|corners?|stops?|minutes)`,
      '(?:fine|good|ok|okay|better|comes? in) (?:from|by|after) lap (?:\\d+|two|three|four)',
      'lap (?:1|one)(?: only)?$|(?:goes|going|went) away after (?:a few|several|a couple of|two|three|\\d+) (?:hard |good )?(?:stops|laps|miles|minutes|presses)|(?:on|in|during) (?:the )?first lap$',
      '(?:out )?lap only|(?:on|during) (?:the |my |every |each )?out ?laps?',
      `(?:goe?s?|going|went) away (?:once|when|as|after) ${upTo(4)}(?:warms?|warmed|heats?|hot|heat|temperature)`,
    ),
    rx(
      'hot or cold|cold and hot|hot and cold|even when cold',
      SIDE_BY_HEAT,
      `${SAID}(?:smooth|fine|good|ok|okay|firm|normal|right|perfect) (?:when|while) (?!(?:it is |it's |they are )?(?:warm|hot))`,
      '(?:good|fine|ok|okay|firm|normal|right|perfect|gone) in the morning',
      NOT_UNTIL,
      `${SAID}(?:goes|gone|disappears|vanishes|stops|quiet|fine|ok|okay|good|smooth)(?: away)?(?: again)? when (?:(?:it|the brakes?|the (?:pads?|discs?|rotors?)|they) (?:is |are )|it's )?cold`,
      `(?:good|fine|firm|ok|okay) ${upTo(4)}out ?lap|after idling|first (?:stop|corner) after|(?<!only )after the first (?:stop|corner|lap)`,
      NOT_COLD,
      '(?:free|frees|lets go|releases?|loose|rolls?) (?:off |up |again |freely )?(?:when|once) (?:it is |they are )?cold',
      `first ${upTo(6)}(?:is|are|was|were|feels?) (?:fine|good|ok|okay|normal|perfect)`,
    ),
  ),
  when(
    'temperature_link',
    'any_time',
    rx(
      'hot (?:or|and) cold|cold (?:or|and) hot|(?<!(?:cold|hot|warm) )all the time',
      'always(?! (?:(?:\\w+ )?(?:black|dirty|covered|dusty)|firm|higher|lower|better|thinner|thicker|worn|gone|first|been|the))',
      '(?<!end of )every (?:single )?(?:time|stop|press)(?! sign)',
      'even when cold|(?<!(?:hard|firm|solid) )straight away|from the (?:start|first stop)|permanently|constantly',
    ),
    rx(
      `${COAST.replace('|all the time', '')}|even off the brake`,
      '(?:lights?|lamps?|abs) (?:is |stays? )*(?:always|permanently|constantly)',
      '(?:always|permanently|constantly) (?:on|lit)',
      `every time it |every time ${upTo(3)}(?:come|came|comes) back`,
      `every time ${upTo(4)}(?:corners?|kerbs?|bumps?|turn)|braking or not`,
    ),
  ),
  when(
    'recovery',
    'after_cooling',
    rx(
      `(?:come|comes|came|coming|back|fine|firm|good|ok|okay|normal|recovers?|returns?|returned|(?<!hard )right(?! (?:rear|front|back|hand|side|wheel))|perfect) ${upTo(4)}(?:after ${upTo(3)}(?:cool(?:s|ed|ing)?|rest|break|while|stop for|stopping for|minutes|hour|paddock|pits?|slow laps?|lap off)|(?:once|when|as) ${upTo(3)}(?:cool(?:s|ed|er)?|cold|cooled down)|(?:next|the next|following) (?:morning|day|session)|in the paddock|(?<=back to normal )in the morning|(?:minutes|hours?|while|day) later(?! than))`,
      'after (?:an? |the |one )?(?:cool ?down(?: lap)?|safety car|slow lap) (?:it is |it was |they are )?(?:all )?(?:right|fine|good|ok|okay|normal|back)',
      `${UNTIL_RESTED}$`,
      `(?:once|when|after) ${upTo(3)}cool(?:ed|s)?(?: down)? ${upTo(3)}(?:roll(?:ed|s)|free|freed|moved|fine|good|ok|okay|smooth|normal|gone|back)`,
      '(?:needs?|wants?|has to have|give it) (?:a )?(?:rest|break)',
      `after (?:the |a |an )?(?:lunch|(?:long )?break|rest|(?:ten|fifteen|twenty|thirty|five|\\d+|a few|half an|couple of) (?:minutes?|mins?|hours?)) ${upTo(5)}(?:firm|fine|good|ok|okay|normal|back)`,
      `wait ${upTo(3)}(?:minutes|mins?|hours?|while) (?:before|until|till)`,
      `wait(?:s|ed|ing)? ${upTo(4)}(?:minutes|mins|hours?|while) ${upTo(3)}(?:frees?|fine|back|ok|okay|good|normal|releases?)`,
      `^(?:sat|stood|wait(?:ed)?|rest(?:ed)?|parked) (?:for )?(?:\\d+|a few|five|ten|fifteen|twenty) (?:min|mins|minutes|hours?) ${upTo(4)}(?:back|fine|firm|normal|good|ok|okay)`,
      "cool(?:s|ed)? (?:down )?(?:and|then) (?:it's |it is |they're )?(?:fine|good|ok|okay|back|normal)",
      `after (?:sitting|standing|resting|waiting) ${upTo(5)}(?:firm|fine|good|ok|okay|normal|back)`,
      '(?:ok|okay|fine|good|normal|firm) (?:(?:again )?(?:today|the next (?:day|morning))|again this morning)',
      '(?<!were |was )(?:fine|good|firm|normal|ok|okay) this morning',
      '(?:next|sunday|monday) morning (?:it |they |all |everything |the (?:pedal|brakes?) )?(?:is |are |was |were )?(?:all )?(?:fine|good|firm|normal|ok|okay|back)',
      `(?:minutes|hours?|while|day) later ${upTo(4)}(?:back|fine|good|ok|okay|normal|firm)`,
      '(?:firms? up|recovers?|comes? (?:back|good)) overnight|after cooling(?: down| off)?',
      '(?:until|till) (?:it|they) cools?(?: down| off)?',
      '(?:back|recovers?) (?:on|by|during) (?:the )?(?:cool(?:ing)?(?: ?-?down)?|slow|in) ?lap',
      `(?:better|improves?|recovers?|comes back) (?:if|when|once|after) ${upTo(4)}(?:back off|backing off|cool(?:s|ed|ing)?|slow(?:s|ed)? down|eas(?:e|ing) off|rest|(?:leave|left|leaving) (?:it|them)|(?:it|they) (?:sits?|stands?|rests?))`,
    ),
    // What was fine at first, and a noise that is there again.
    rx(
      '(?:felt|was|were) (?:fine|good|firm|ok|okay|right|normal) in the paddock',
      `(?:${HEARD}).*(?:comes?|came|is) back`,
      "(?:not|n't) (?:\\w+ )?(?:good|fine|ok|okay|right) (?:when|once)",
      STILL_SO,
    ),
  ),
  when(
    'recovery',
    'by_end_of_straight',
    rx(
      '(?:by|before) (?:the )?end of the (?:\\w+ )?straight|by the next (?:corner|braking zone)|back before the next (?:corner|braking zone)',
      'within (?:a |the )?straight',
    ),
    rx(
      '(?:vibrat|judder|shak|shudder|wobbl)\\w*',
      '(?:gone|lost|dead|nothing|away|disappears|vanishes) (?:by|before)',
    ),
  ),
  when(
    'recovery',
    'never',
    rx(
      "never (?:comes|came|come) back|(?:doesn't|does not|did not|didn't) (?:come back|recover)",
      '(?:stays|stayed) (?:like that|bad|soft|long|that way)',
      STILL_SO,
      'never (?:really |quite |fully )?recovers?',
      `(?:same|no better|still (?:there|bad|soft|long)|not even) ${upTo(2)}(?:next|the next|following) (?:morning|day)`,
    ),
    // It is the pedal that stays down, or back it comes.
    rx(UNTIL_RESTED, `pedal ${upTo(3)}(?:come|coming) (?:back|up)`),
  ),
  when(
    'usage',
    'road',
    rx(
      '(?:only |just )?(?:driven|used|drive it|run|running|runs) (?:only |just )?(?:on|round) the (?:road|street)s?',
      '(?:pads?|compound) (?:on|for) the (?:road|street)|(?:road|street) (?:use|car|driving) only',
      'only (?:road|street) use|^only (?:for )?shopping|shopping only',
      '^(?:it is |just |only |used as )*(?:a |my |his |her )?daily(?: driver| car)?$',
      'never (?:on|seen) (?:a |the )?(?:track|circuit)',
    ),
    rx('track ?days?|on track|also|as well'),
  ),
  when(
    'usage',
    'mixed',
    rx(
      'road and (?:the )?track|track and (?:the )?road|street and (?:the )?track|track and (?:the )?street',
      `daily(?: driver)? ${upTo(4)}track ?days?|track ?days? and ${upTo(2)}(?:daily|commut\\w+|shopping)`,
      `(?:occasional|odd|a few|couple of|some|one|two|three|four|\\d) track ?days? (?:a|per|each) year|also ${upTo(2)}track ?days?`,
    ),
  ),
  when(
    'usage',
    'track',
    rx(
      'track ?days?|circuit|(?:main|start|back|pit) straight|race(?:s|d)?|laps?|sessions?',
      '(?:on|from|at|after) (?:the )?track|stints?|paddock|pits',
      'sprints?|hill ?climbs?|enduros?|qualifying|test ?days?',
    ),
    rx(
      '(?:air|water) in the circuit|(?:disc|drum|front|rear|brake|hydraulic|primary|secondary|other) circuits?',
      '(?:one|two|three|four|\\d) track ?days? (?:a|per|each) year|also|as well|and the road|daily|previous owner|before (?:the|my|his|her) (?:first|next)',
      'off (?:the )?track|race (?:pads|compound|fluid|calipers?|kit|brakes?|parts|hoses|discs?)',
    ),
  ),
];
