import { found, near, PADS, ROTOR, type Rule, rx, says, upTo, yes } from './rule';

/** How pads and rotors wear, as a driver or an owner tells it. */
export const WEAR_WORDS: readonly Rule[] = [
  yes(
    'pads_wear_fast',
    rx(
      `(?:eat(?:s|ing)?|ate|eaten|chew(?:s|ed|ing)?|burn(?:s|t|ed|ing)?|kill(?:s|ed)?|destroy(?:s|ed)?|go(?:es|ing)?|gone through|going|gets?|got through|went|wear(?:s|ing)?) ${upTo(2)}(?:through )?${upTo(3)}(?:pads?|linings?)`,
      '(?:second|third|fourth|fifth|2nd|3rd|4th|5th) set of (?:pads|fronts|rears|linings) (?:this|in)',
      '(?:eats?|ate|eaten|chew(?:s|ed)|burn(?:s|t|ed)|kill(?:s|ed)|destroy(?:s|ed)) (?:through )?(?:a |another |one |two )?(?:set|pair)s? of (?:fronts|rears|pads|linings)',
      '(?:went|go(?:es)?|been|got|gone) through (?:a |another |two |three )?(?:set|pair)s? of (?:fronts|rears|pads|linings)',
      "(?:fronts|rears) (?:only |hardly |just |don't |do not |never )?last(?:ed|s)? (?!(?:well|forever|ages|long)\\b)(?:[\\w']+ ?){1,3}",
      "pads? (?:only |hardly |don't |do not |never |are |were |is )?(?:last(?:s|ed)?(?! (?:week|month|year|time|season|spring|summer|autumn|winter|night|weekend|\\w+day))|wear(?:s|ing)?|disappear|vanish)(?: [\\w']+){0,4}?",
      "pads? (?:(?:at|on) the (?:front|rear|back) )?(?:are |were |is |was )?(?:already |half |nearly |almost )?(?:worn|wore|gone|go|finished|done|used up) (?:out )?(?:in|after|within|again|already|every|too|by) (?:[\\w']+ ?){0,3}",
      '(?:was|were) new (?:in the|this) morning',
      `pads? ${upTo(2)}(?:eaten|chewed|burnt|destroyed) (?:up |away )?(?:in|after|by)`,
      near('(?:every|each) (?:time|event|weekend|outing|track ?day)', 'new (?:set of )?pads', 10).source,
      '(?:replaced|changed|renewed) (?:the )?(?:front |rear )?pads (?:twice|three times)|(?:new )?(?:set of )?pads every|(?:heavy|fast|quick|excessive) pad wear|^(?:quick|fast|rapid|heavy) wear$',
    ),
    rx(
      '(?:hardly|barely|never|scarcely) (?:ever )?wear|lamps?|lights?|warning|sensor|go(?:es)? down|(?:went|going|gone) (?:back )?(?:to|for|with) ',
      'last(?:s|ed)? (?:twice|longer|as long)|wear (?:is )?(?:double|twice) |new pads fitted|last(?:s|ed)? (?:forever|ages|for ages|well|years|long)|taper|angle',
      'wedge|pushed back|when (?:the )?pads wear|wearing thin|in the middle|(?:un)?even(?:ly)?|wear(?:s|ing)? (?:is |was |looks )?(?:well|normal(?:ly)?|even|good|slow(?:ly)?|fine|ok|okay)',
      `(?:faster|quicker) than|${near('pads?', 'inner|inside|outer|outside', 1).source}`,
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
      `pads? on (?:that|this|one|the (?:left|right|(?:near|off)side|passengers?|drivers?)) ?(?:hand )?(?:side )?${upTo(4)}(?:thinner|thicker|more worn|(?:wears?|wearing|wore|go|gone|worn out) (?:faster|quicker|first|more|sooner))`,
      `(?:left|right)(?: hand)?(?: side)? pads? ${upTo(3)}(?:wears?|wearing|go|gone|worn(?: out)?) (?:faster|quicker|first|sooner)(?! than the (?:inner|outer))`,
      `one side ${upTo(4)}pads? ${upTo(4)}(?:other|than)`,
      `${PADS} ${upTo(2)}(?:wear|wore|worn|wearing) (?:un|not )even(?:ly)? (?:left (?:and|to) right|side to side|from side to side|across)`,
      'pad wear (?:is )?(?:double|twice) ',
      'different thickness(?:es)? (?:left (?:to|and) right|side to side)',
      '^(?:the )?(?:one|left|right)(?: hand)? side wears (?:faster|quicker|more)|uneven (?:brake )?pad wear|pads? (?:are )?(?:worn|wearing|wear) uneven(?:ly)?$',
      'pads? (?:are )?uneven (?:left (?:to|and) right|side to side)|pads? (?:are )?worn on one side|one pad (?:is )?more worn than the other',
      // What wears more is dirtier.
      near(
        'dust',
        '(?:one|only|a single) (?:front |rear )?(?:wheel|side|rim)|(?:more|dirtier|blacker|darker|worse) (?:on|at|with|than)',
        5,
      ).source,
      'more (?:brake )?dust (?:on|at) (?!all|both)|dustier (?:than|on)',
    ),
    'even',
    near('pads?', 'inner|outer|inside|outside', 2),
  ),
  found('rotor_colour', 'blued', near(ROTOR, 'blue|blued|bluish|purple', 8), 'normal'),
];
