import { HANDBRAKE, HANDBRAKE_PULLED, near, type Rule, rx, STANDING, says, upTo, yes } from './rule';

/** A wheel that stops turning. */
const LOCKS = 'lock(?:s|ed|ing)?(?: up| early| first)?|lock ?ups?|block(?:s|ing)';
/** One wheel, not an axle. */
const BEFORE_THE_OTHER = 'before (?:the )?(?:left|right|other)';
/** What blocks there is no wheel. */
const NO_WHEEL = 'ducts?|vents?|hoses?|lines?|pipes?|holes?|passages?';
const BACK = 'rears?|rear (?:wheels?|tyres?|axle|end|brakes?)|back (?:end|wheels?|axle|brakes?)|tail';
const FRONT = 'fronts?|front (?:wheels?|tyres?|axle|end|brakes?)';
const balanceMoves = (to: string) =>
  `(?:brake )?(?:balance|bias) (?:keeps? )?(?:moves|moving|shifts|shifting|migrates|migrating|goes|going|drifts|drifting|creeps|creeping|walks) (?:to the )?(?:${to})`;
/** Where ABS works before it should, a wheel would lock there. */
const absEarly = (end: string) =>
  `(?:abs|anti ?lock) (?:(?:comes?|kicks?|cuts?|steps?) (?:in|on)|triggers|acts|activates|works) (?:far |much )?(?:too )?(?:early|soon|first) (?:at|on) (?:the )?(?:${end})s?`;

/** What locks first, and what bites too hard. */
export const BALANCE_WORDS: readonly Rule[] = [
  says(
    'axle_locks_early',
    'rear',
    near(
      BACK,
      `${LOCKS}|steps? out|comes? round|overtakes?|loose (?:under|on)|light (?:under|on)|happy (?:under|on)|nervous|twitchy|wobbly|unstable|unsettled|squirm(?:s|ing)?|slides? (?:under|out)|skid(?:s|ding)?`,
      4,
    ),
    rx(
      `${BEFORE_THE_OTHER}|(?:${FRONT}) ${upTo(2)}(?:${LOCKS})|nuts?|bolts?|studs?|locked (?:on|solid)`,
      `${STANDING}|${NO_WHEEL}`,
      HANDBRAKE_PULLED,
    ),
  ),
  says(
    'axle_locks_early',
    'front',
    near(FRONT, `${LOCKS}|flat ?spot(?:s|ted|ting)?|skid(?:s|ding)?`, 4),
    rx(
      `${BEFORE_THE_OTHER}|flat ?spots? ${upTo(2)}(?:on|in) ${upTo(4)}tyre`,
      `(?:${BACK}) ${upTo(2)}(?:${LOCKS})|locked (?:on|solid)|${NO_WHEEL}`,
    ),
  ),
  says(
    'axle_locks_early',
    'front',
    rx(
      'lock(?:s|ed|ing)? (?:up )?(?:the |an |my )?(?:inside |outside )?fronts?',
      balanceMoves('front(?:wards?)?|forwards?'),
      absEarly('front'),
      'understeers? (?:on|under|when) (?:the |i )?brak(?:e|es|ing)',
      '(?:bias|balance) (?:is |feels |seems )?too (?:far|much) (?:to the )?(?:front|forwards?)',
    ),
  ),
  says(
    'axle_locks_early',
    'rear',
    rx(
      balanceMoves('rear(?:wards?)?|back(?:wards?)?'),
      absEarly('rear|back'),
      '^(?:the )?backs? lock(?:s|ing)? (?:up )?first',
      'rears (?:come|comes|bite|bites|work|works) (?:in )?(?:before|first)',
      '(?:bias|balance) (?:is |feels |seems )?too (?:far|much) (?:to the )?(?:rear|back)(?:wards?)?',
      '(?:car |it )?(?:goes|went|gets) sideways (?:under|on|when|while) (?:heavy |hard )?brak(?:e|es|ing)',
      `lock(?:s|ed|ing)?(?: up)? ${upTo(8)}(?:at|on) the (?:rear|back)(?! (?:left|right))(?!.*(?:${STANDING}|handbrake))`,
      'rear slides$|(?:rotates|oversteers?)(?: too much)? (?:on|under) (?:the |trail )?brak(?:es|ing)',
      '(?:abs|anti ?lock) (?:comes?|kicks?|cuts?) (?:in|on) (?:only )?(?:at|on) the (?:rear|back)',
      '(?:rear|back)(?: end| wheels?)? (?:(?:gets|goes|is|are|feels|becomes) )?(?:light|loose|nervous)(?! (?:out|off|came|on))',
      '(?:spins?|spun) on (?:corner |turn |the )?entry|(?:wants?|tries|trying) to (?:swap|change) ends|swaps? ends|(?:wants?|tries|trying) to spin',
      'spins? (?:under|on|when (?:i |you |we )?) ?(?:trail )?brak(?:e|es|ing)',
      '(?:back|rear)(?: end)?(?: of (?:the |my )?car)? (?:comes?|came|steps?|stepped|goes|went|swings?|swung) (?:round|around|out)',
    ),
  ),
  yes(
    'grabs',
    rx(
      'over ?(?:boosted|servoed|assisted)|too much (?:assist(?:ance)?|servo|boost)|(?:hard|difficult|impossible) to (?:modulate|meter|dose)|^(?:they are |it is |its )?on ?off like an? (?:light )?switch|(?:assist(?:ance)?|servo|booster) (?:is |feels |seems )?(?:far |much )?too strong|grab(?:s|bed|bing|by)?|snatch(?:es|y|ing)?',
      '(?:brakes?|pedal) (?:is |are |feels? )?(?:too |very |over |overly |really |so )+(?:sharp|sensitive|keen)',
      '(?:touchy|jerky) (?:brakes?|braking|pedal)|(?:brakes?|pedal) (?:is |are |feels? )?(?:too |very |really |so |a bit )*(?:touchy|jerky)',
      'over ?sensitive|(?:pedal|brakes?) (?:(?:is |are |feels? |works? |act )?like (?:an? )?(?:light )?switch|(?:is |are |feels? |works? |act )?(?:like )?on ?off)|brakes? lock(?:s|ing)?(?: up)? (?:suddenly|abruptly|all at once)',
      'suddenly lock(?:s|ing)?(?: up)?',
      '(?<!(?:front|rear|back)s? )lock(?:s|ing)?(?: up)? (?:at|with) the (?:slightest|lightest|least) (?:touch|press|pressure)',
      '(?:only )?one wheel (?:keeps )?lock(?:s|ing)(?: up)?(?! (?:on|solid))',
      `lock(?:s|ing)(?: up)? ${BEFORE_THE_OTHER}|^(?:the |my )?brakes lock(?:ing)?(?: up)?$`,
      '(?<!front |rear |back )wheels? locks? (?:up )?(?:too |very |so )?(?:easily|early|quickly|at once)',
      '(?:hardly|barely) (?:have to )?touch(?:ing)? (?:it|them|the (?:pedal|brakes?))(?! (?:to|before) (?:the )?floor)',
      '(?:all at once|suddenly|all of a sudden) (?:they |it |the brakes? )?(?:bites?|grips?)',
      '(?:stops?|brakes|braking) in jerks|lurch(?:es|ing)? (?:forward )?(?:when|as) (?:i|you|we) (?:brake|touch|press)',
      'bit(?:es?|ing) (?:too?|so) (?:hard|much)|brakes? (?:too|far too) (?:hard|strong(?:ly)?|much)',
    ),
    rx(
      'bottom|floor|last inch|before (?:it|they) grabs?|than|(?:to|at) (?:the )?(?:left|right)|(?:left|right) side|first grab',
      'grab (?:a|some|my|the handle)',
      HANDBRAKE,
    ),
  ),
];
