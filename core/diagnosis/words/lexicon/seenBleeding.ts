import { found, near, type Rule, rx, says, upTo, WET } from './rule';

const BLEEDER = 'bleed(?:er)? (?:nipples?|screws?)|bleeders?|nipples?';
const MANY_BUBBLES = 'lots|loads|plenty|(?:keep|keeps|kept) coming|full of|nothing but';

/** What was seen as it was bled, at hoses and bleeders. */
export const SEEN_BLEEDING: readonly Rule[] = [
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
];
