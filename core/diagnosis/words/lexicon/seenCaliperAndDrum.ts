import { found, HANDBRAKE, MANY_CLICKS, near, type Rule, rx, STUCK, says, upTo } from './rule';

/** Said of what moves as it should. */
const FREE = 'free(?:ly)?|(?:moves?|pushes?(?: back)?(?: in)?|goes? back) easily';

/** What somebody has seen or tried of caliper, parking brake, shoes and drum. */
export const SEEN_CALIPER_AND_DRUM: readonly Rule[] = [
  found(
    'parking_brake',
    'lever_high',
    rx(
      `${HANDBRAKE}(?: lever)? ${upTo(4)}(?:too high|high|travel (?:is |has become |gets )?(?:too |very |really )?long|(?:too|very|really) long|(?:pull(?:s|ed)?|comes?|goes) (?:on )?(?:(?:all the way|right|too far) up|(?:up )?to the (?:ceiling|roof))|${MANY_CLICKS}|right up)`,
      `${HANDBRAKE} cables? (?:is |are |has )?(?:stretched|slack|loose)`,
      `^(?:the )?(?:lever|handle) ${upTo(5)}${MANY_CLICKS}|^(?:the )?(?:lever|handle) (?:comes|goes) right up|${HANDBRAKE}(?: lever)? (?:is |feels )?(?:too |very )?loose`,
      '^(?:the )?lever (?:comes|goes) (?:up )?(?:a long way|too far|very high)',
      `many clicks on the ${HANDBRAKE}|^(?:it takes |takes |it has |needs )?too many clicks`,
    ),
    'frees',
  ),
  says(
    'parking_brake',
    'drags',
    rx(
      `${HANDBRAKE} ${upTo(4)}(?:drags?|dragging|bind(?:s|ing)|frozen|stuck|(?:stays|hangs) on|sticks|sticking|seized|(?:isn't|is not|doesn't|does not|won't|not) (?:fully |properly |quite )?(?:returning|return|coming back|releas(?:e|ing)|let go|free))`,
    ),
    rx('lamps?|lights?|warning'),
  ),
  says(
    'parking_brake',
    'weak',
    rx(
      "(?:^|it (?:still )?)(?:won't|doesn't|does not|will not) hold (?:the car )?on (?:a|the) (?:hill|slope|incline|ramp)",
      `weak on (?:a |the )?(?:hill|slope|incline|ramp)|no ${HANDBRAKE}(?:$| on| at)`,
      `${HANDBRAKE}(?: lever)? ${upTo(4)}(?:(?:isn't|is not|doesn't|does not|don't|do not|won't|will not|can't|cannot|hardly|barely|not) (?:really |even |quite )?(?:hold|holding|work|working|keep|grab|grip|bite|catch)|slips?|slipping|weak|useless|does nothing|fails?)`,
      `failed (?:on |for )?(?:the )?${HANDBRAKE}|${HANDBRAKE} (?:effort|efficiency|performance) (?:is |was )?(?:low|poor|failed|too low)`,
      `${HANDBRAKE} only (?:holds|grips|acts on|works on) (?:the |one )(?:left |right )?(?:wheel|side)`,
      `(?:roll(?:s|ed|ing)?) (?:away|off|back|down) ${upTo(3)}${HANDBRAKE}|${HANDBRAKE} ${upTo(1)}on ${upTo(5)}rolls`,
      `${HANDBRAKE} (?:only )?(?:works |holds |acts |is )?(?:only )?(?:on|at) (?:only )?(?:(?:one|a single) (?:side|wheel)(?: only)?|the (?:left|right)(?: side| wheel)?(?: only)?)$`,
    ),
  ),
  says(
    'parking_brake',
    'drags',
    rx(
      `(?:drag(?:s|ging)?|bind(?:s|ing)|stuck|sticks) ${upTo(1)}after ${upTo(2)}${HANDBRAKE}`,
      `${HANDBRAKE} cables? (?:is |are )?(?:${STUCK})`,
    ),
  ),
  found(
    'caliper_mount',
    'loose',
    rx(
      near(
        '(?:caliper|bracket|carrier)(?: mounting)? bolts?',
        'loose|missing|undone|finger tight|backed out|fell out',
        3,
      ).source,
      'bolts? (?:on|of|from) the (?:caliper|bracket|carrier) (?:is |was |were |are )?(?:missing|loose|undone)',
      'bolts? (?:is |was )?(?:missing|loose|undone) (?:on|at|from|in) (?:the )?(?:caliper|bracket|carrier)',
      `calipers? (?:is |was |were |are )?loose(?! (?:pins?|slides?))|loose caliper(?! (?:pins?|slides?|boots?))`,
      'calipers? (?:moves?|moving|rocks?|rocking) on (?:the |its )?(?:upright|mounts?|bracket|bolts|knuckle|hub)',
    ),
    'tight',
  ),
  found(
    'slide_pins',
    'stiff',
    near(
      '(?<!drive |float |floating )(?:slide |guide |slider |caliper )?pins?|sliders?|slides',
      `${STUCK}|rusty`,
      2,
    ),
    'free',
  ),
  says(
    'slide_pins',
    'stiff',
    rx(`pins? ${upTo(3)}(?:top|bottom|upper|lower|other) one (?:is )?(?:${STUCK})`),
  ),
  says('slide_pins', 'stiff', rx("caliper (?:is )?(?:not sliding|(?:doesn't|does not|won't) slide)")),
  says(
    'slide_pins',
    'free',
    near('(?:slide |guide |slider |caliper )?pins?|sliders', FREE, 2),
    rx('frees|freed'),
  ),
  says(
    'piston_return',
    'stiff',
    rx(
      'pistons? (?:comes?|moves?|goes) out (?:further|more|less|slower|later) than',
      '(?:one|two|three|\\d) (?:are |is |were |was )?(?:stuck|seized|stiff) (?:out )?of (?:two|four|six|eight|\\d)',
    ),
  ),
  says('piston_return', 'free', near('pistons?', FREE, 3), rx('frees|freed')),
  says(
    'piston_return',
    'stiff',
    rx(
      "caliper (?:won't|will not|wouldn't|can't|cannot|doesn't|does not) (?:wind|push|press|go) (?:back|in)",
    ),
  ),
  found(
    'piston_return',
    'stiff',
    near(
      'pistons?',
      `${STUCK}|swollen|swelled|(?:won't|will not|wouldn't|would not|can't|cannot|couldn't|could not|don't|do not|doesn't|does not) (?:be )?(?:push(?:ed)?|go|move|return|retract|wind|press)|not (?:pushing|going|moving|retracting)`,
      4,
    ),
    'free',
  ),
  says('drum_surface', 'oval', near('drums?', 'oval|egg ?shaped|out of round', 5)),
  found(
    'drum_surface',
    'contaminated',
    near(
      'shoes?|drums?(?: brakes)?',
      'soaked|oily|seal leak(?:s|ing)?|(?:full of|covered in) (?:brake )?(?:(?:dust|dirt) and )?(?:oil|grease|fluid)|contaminated|greasy',
      3,
    ),
    'normal',
  ),
  says(
    'drum_adjustment',
    'slack',
    near(
      'shoes?|drums?|(?:auto |self )?adjusters?',
      `out of adjustment|slack|need adjusting|not (?:adjusted|working)|never (?:been )?adjusted|backed off`,
      3,
    ),
  ),
  says(
    'drum_adjustment',
    'slack',
    near('(?:auto |self )?adjusters?', `(?:doesn't|does not|won't) work|${STUCK}`, 2),
  ),
  // With the shoes held out by the lever the pedal has less to take up (common practice).
  says(
    'drum_adjustment',
    'slack',
    rx(`pedal ${upTo(2)}(?:low|long|soft) (?:until|unless|till) ${upTo(4)}${HANDBRAKE}`),
  ),
  says(
    'drum_adjustment',
    'slack',
    rx(`better (?:if|when|with) (?:i |you )?(?:pull|lift|raise)(?:ing)? (?:up )?(?:the )?${HANDBRAKE}`),
  ),
  says(
    'drum_adjustment',
    'slack',
    near(HANDBRAKE, `pedal ${upTo(3)}(?:better|higher|shorter|good|firm|comes up|rises)`, 8),
  ),
  says('drum_surface', 'glazed', near('shoes?|drums?', 'glazed|shiny|polished', 2)),
  says(
    'shoe_lining',
    'worn_out',
    rx(`shoes ${upTo(4)}(?:(?:down |worn )?to (?:the )?(?:rivets|metal)|worn out|gone|finished)`),
  ),
  says('shoe_lining', 'low', rx('shoes (?:are |were |look )?(?:very |quite |a bit |getting )?(?:low|thin)')),
  says(
    'wheel_cylinder',
    'leaking',
    rx(`fluid ${upTo(2)}(?:in|behind|under|inside) the boots? of ${upTo(2)}wheel cylinder`),
  ),
  found('wheel_cylinder', 'stiff', near('wheel cylinders?', STUCK, 3), 'free'),
];
