import { describe, expect, it } from 'vitest';
import { ACROSS_THE_BONNET } from '../../../tests/support/voices/acrossTheBonnet';
import { ALL_SORTS } from '../../../tests/support/voices/allSorts';
import { AT_LENGTH } from '../../../tests/support/voices/atLength';
import { AT_THE_CAR } from '../../../tests/support/voices/atTheCar';
import { AT_THE_DESK } from '../../../tests/support/voices/atTheDesk';
import { AT_THE_WHEEL } from '../../../tests/support/voices/atTheWheel';
import { BETWEEN_SESSIONS } from '../../../tests/support/voices/betweenSessions';
import { BY_TELEPHONE } from '../../../tests/support/voices/byTelephone';
import { COUNTER } from '../../../tests/support/voices/counter';
import { DRIVERS } from '../../../tests/support/voices/drivers';
import { FIRST_MINUTE } from '../../../tests/support/voices/firstMinute';
import { FROM_THE_STAND } from '../../../tests/support/voices/fromTheStand';
import { HOW_IT_FEELS } from '../../../tests/support/voices/howItFeels';
import { IN_FEW_WORDS } from '../../../tests/support/voices/inFewWords';
import { IN_ONE_BREATH } from '../../../tests/support/voices/inOneBreath';
import { IN_OTHER_WORDS } from '../../../tests/support/voices/inOtherWords';
import { IN_PARAGRAPHS } from '../../../tests/support/voices/inParagraphs';
import { IN_THE_TRADE } from '../../../tests/support/voices/inTheTrade';
import { JOB_CARDS } from '../../../tests/support/voices/jobCards';
import { NO_COMPLAINT } from '../../../tests/support/voices/noComplaint';
import { NOISES_AND_LAMPS } from '../../../tests/support/voices/noisesAndLamps';
import { ON_TICKETS } from '../../../tests/support/voices/onTickets';
import { OVER_THE_RADIO } from '../../../tests/support/voices/overTheRadio';
import { PLAIN } from '../../../tests/support/voices/plain';
import { PULSES_AND_GRABS } from '../../../tests/support/voices/pulsesAndGrabs';
import { SEEN_AND_MEASURED } from '../../../tests/support/voices/seenAndMeasured';
import { SHOP } from '../../../tests/support/voices/shop';
import { SOUNDS_LIKE } from '../../../tests/support/voices/soundsLike';
import { SPELT_BY_EAR } from '../../../tests/support/voices/speltByEar';
import { TOLD_AT_THE_DESK } from '../../../tests/support/voices/toldAtTheDesk';
import { TYPED_PLAINLY } from '../../../tests/support/voices/typedPlainly';
import { WHAT_IS_NEW } from '../../../tests/support/voices/whatIsNew';
import { WHERE_IT_IS } from '../../../tests/support/voices/whereItIs';
import { WHOLE_STORIES } from '../../../tests/support/voices/wholeStories';
import { readWords } from './words';

const VOICES = {
  ...DRIVERS,
  ...ACROSS_THE_BONNET,
  ...SHOP,
  ...AT_THE_CAR,
  ...COUNTER,
  ...ALL_SORTS,
  ...SOUNDS_LIKE,
  ...PLAIN,
  ...AT_LENGTH,
  ...BY_TELEPHONE,
  ...AT_THE_DESK,
  ...OVER_THE_RADIO,
  ...IN_ONE_BREATH,
  ...TYPED_PLAINLY,
  ...FROM_THE_STAND,
  ...HOW_IT_FEELS,
  ...SPELT_BY_EAR,
  ...IN_PARAGRAPHS,
  ...IN_OTHER_WORDS,
  ...FIRST_MINUTE,
  ...WHERE_IT_IS,
  ...WHAT_IS_NEW,
  ...NOISES_AND_LAMPS,
  ...PULSES_AND_GRABS,
  ...AT_THE_WHEEL,
  ...ON_TICKETS,
  ...SEEN_AND_MEASURED,
  ...IN_FEW_WORDS,
  ...NO_COMPLAINT,
  ...WHOLE_STORIES,
  ...TOLD_AT_THE_DESK,
  ...JOB_CARDS,
  ...BETWEEN_SESSIONS,
  ...IN_THE_TRADE,
};

describe.each(Object.entries(VOICES))('%s', (_, lines) => {
  it.each(lines)('%s', (text, suggests) => {
    const said = readWords(text).suggestions.map(({ finding, state, corner, axle }) =>
      [finding, state, corner ?? axle].filter(Boolean).join(' '),
    );
    expect(said.sort()).toEqual(suggests === '' ? [] : suggests.split('; ').sort());
  });
});
