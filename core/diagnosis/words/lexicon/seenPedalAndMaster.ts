import { found, NOT, near, type Rule, rx, says, upTo } from './rule';

/** What somebody has seen or tried at the pedal, the assist and the master: a note from the bay, or a driver who looked. */
export const SEEN_PEDAL_AND_MASTER: readonly Rule[] = [
  found(
    'pedal_pump',
    'rises',
    rx(
      '(?:firm(?:s|er)?(?: up)?|better|higher|good|ok|okay|comes? back) (?:when|if|once|after|with) (?:i |you |it is )?pump(?:ed|ing)?',
      '(?:harder|firmer|higher|better) the more (?:i |you |we )?pump|(?:rises|firms up|goes up|builds up) with pumping',
      '(?:when|if|once|after) (?:i |you |it is )?pump(?:ed|ing)? (?:it )?(?:it |the pedal )?(?:gets|goes|is|becomes|feels) (?:rock )?(?:hard|firm|better|high)',
      'pumped (?:it |twice |once |three times |a few times )?(?:and|then) got (?:it|them|half|some|most|the (?:pedal|brakes?)) (?:of it )?back|rises (?:after|with) (?:several|a few|\\w+) pumps|pumps (?:back )?up|pumping brings (?:it|the pedal) back',
      'pump(?:ed)? (?:it )?and (?:it|the pedal) (?:comes?|came) back|comes? up with pumping',
      'unless (?:i |you )?(?:keep )?pump(?:ing)?(?: it)?|can pump it (?:up |up to )?(?:hard|firm|solid)',
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
    'loosen_master_frees',
    'yes',
    rx(
      `(?:loosen(?:s|ing|ed)?|crack(?:s|ing|ed)?|slacken(?:s|ing|ed)?|eas(?:es|ing|ed)|undo(?:es|ing)?) ${upTo(3)}master ${upTo(7)}(?:frees|freed|free|lets? go|releases?|released|rolls?|rolled)`,
      `(?:until|till|unless) (?:i |you |we )?(?:loosen|slacken|undo|crack)(?:ed)? ${upTo(2)}master`,
      `(?:frees?|lets? go|releases?)(?: off)? (?:when|if|as|once) ${upTo(2)}(?:loosen|slacken|eas|undo|crack)\\w* ${upTo(2)}master`,
    ),
  ),
];
