import { AS_IT_SHOULD, ENGINE_OFF, NOT_EITHER, near, PRESS, type Rule, rx, says, upTo, yes } from './rule';

const PEDAL = '(?:brake |middle )?(?:pedals?|brakes?)';
const UNYIELDING =
  '(?:bricks?|rock|blocks? of wood|wood(?:en)?|concrete|granite|stone|marble|iron|steel|a wall|a tree|a post)';
const END =
  'last (?:bit|part|inch|third) of (?:the )?(?:pedal )?(?:travel|stroke)|(?:at )?(?:the )?(?:very )?(?:end|bottom) of (?:the |its )?(?:travel|stroke|pedal)|when (?:i )?press(?:ed|ing)? (?:really )?hard(?:er)?';
/** Said of the pedal and of nothing else. */
const AT_THE_END = /\b(?:soft|spongy|mushy|gives?) at the (?:very )?(?:end|bottom)$/;
/** With the engine and without. */
const HARD_EITHER_WAY = rx(
  "engine (?:on|running) (?:and )?(?:it is |it's )?(?:still|just as|also) (?:hard|stiff|heavy)",
  '(?:hard|stiff|heavy) (?:with |whether )?(?:the )?engine (?:is )?(?:on or off|off or on|running or not)',
);
/** Firm only at times, or wanted so. */
const NOT_FIRM_NOW = rx(
  'pump(?:s|ed|ing)?|second|third|next|then|after|when|once|until|till|if|unless|cold|hot|warm',
  'engine|again|by|at|in|wants?|needs?|likes?|gets?|before|for|during|first|was|used to|not|never',
  "n't|isn't|less|(?:doesn't|does not|won't) (?:feel|stay|get)",
);
const SPONGY =
  'spong(?:y|ey|e|iness)|softness|sogg(?:y|ier)|squish(?:y)?|squidgy|mush(?:y)?|marshmallow|springy|bouncy|doughy|woolly|jelly|balloon|rubbery|squashy|(?:like|with|of) (?:chewing gum|porridge|pudding)|like (?:treacle|mud)|like (?:stepping|pressing|pushing|treading) (?:in|into|on|onto) (?:an? )?(?:(?:wet|tennis|rubber) )?(?:mud|sponge|cushion|pillow|mattress|balls?|grapes?)|(?:feels?|like|as if|^)(?: ?\\w+ ){0,4}?air in (?:them|it|brakes?|the (?:brakes?|lines?|system))';

/** How the pedal feels under the foot. */
export const PEDAL_FEEL_WORDS: readonly Rule[] = [
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
      'no (?:boost|assist(?:ance)?) (?:(?:on|at|for) (?:the )?first|(?:on|at) idle)',
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
];
