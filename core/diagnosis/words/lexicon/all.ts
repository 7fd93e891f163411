import { BALANCE_WORDS } from './balance';
import { DIRECTION_WORDS } from './direction';
import { DRAG_WORDS } from './drag';
import { HISTORY_WORDS } from './history';
import { MEASURED } from './measured';
import { NOISE_WORDS } from './noise';
import { PEDAL_FEEL_WORDS } from './pedalFeel';
import { PEDAL_PULSE_WORDS } from './pedalPulse';
import { PEDAL_TRAVEL_WORDS } from './pedalTravel';
import { RENEWED_WORDS } from './renewed';
import type { Rule } from './rule';
import { SEEN_BLEEDING } from './seenBleeding';
import { SEEN_CALIPER_AND_DRUM } from './seenCaliperAndDrum';
import { SEEN_FLUID } from './seenFluid';
import { SEEN_PADS } from './seenPads';
import { SEEN_PEDAL_AND_MASTER } from './seenPedalAndMaster';
import { SEEN_ROTOR_TO_WHEEL } from './seenRotorToWheel';
import { SHAKE_WORDS } from './shake';
import { STOPPING_WORDS } from './stopping';
import { WEAR_WORDS } from './wear';
import { WHEN_WORDS } from './when';

/** What was found on a car: in doubt it was not. */
export const IS_SEEN: ReadonlySet<Rule> = new Set([
  ...SEEN_PEDAL_AND_MASTER,
  ...SEEN_FLUID,
  ...SEEN_BLEEDING,
  ...SEEN_PADS,
  ...SEEN_CALIPER_AND_DRUM,
  ...SEEN_ROTOR_TO_WHEEL,
  ...MEASURED,
]);

/** All that is understood. */
export const RULES: readonly Rule[] = [
  ...PEDAL_FEEL_WORDS,
  ...PEDAL_TRAVEL_WORDS,
  ...PEDAL_PULSE_WORDS,
  ...STOPPING_WORDS,
  ...DIRECTION_WORDS,
  ...BALANCE_WORDS,
  ...DRAG_WORDS,
  ...WEAR_WORDS,
  ...SHAKE_WORDS,
  ...NOISE_WORDS,
  ...WHEN_WORDS,
  ...HISTORY_WORDS,
  ...RENEWED_WORDS,
  ...IS_SEEN,
];

/** Behind what it speaks of: that is over. */
export const IS_OVER =
  /^(?:(?:is|has|have|was|were|are) )?(?:all |now |completely |totally )*(?:gone|cured|fixed|sorted|disappeared|went away|stopped)\b(?! (?:worse|bad|soft|long|hard|off|up|when|at|but))|^last (?:year|season|summer|winter)$/;

/** Words that turn what follows round, within so many words. */
export const DENIALS =
  /^(?:no|not|never|without|isn't|aren't|wasn't|weren't|doesn't|don't|didn't|hasn't|haven't|won't|can't|cannot|nor|neither|hardly|cured|fixed)$/;
