import { AXLES, type Axle, axleOf, cornersOf } from '../../car/corner';
import { isStop, isSuspect, LOOK_IDS, seenWords } from '../../readings/lookin/looks';
import { MEASURES } from '../../readings/measures';
import { isFresh, type PrepFacts } from './facts';
import type { PrepLine } from './line';

/** Twenty seconds a corner by eye, with the wheel off (common practice, no source). */
const LOOK_IN_MIN = 2;

/** The look-in at both corners of each axle: still to be done, or what it came to since the car last ran. */
export function lookInPrep(facts: PrepFacts): PrepLine[] {
  return AXLES.map((axle) => lookInLine(facts, axle));
}

function lookInLine(facts: PrepFacts, axle: Axle): PrepLine {
  const base = { id: `${axle} look-in`, stage: axle, what: 'Look-in at both corners' } as const;
  const fresh = facts.readings.filter(
    (each) =>
      each.kind === MEASURES.lookIn.kind &&
      each.corner !== '' &&
      axleOf(each.corner) === axle &&
      isFresh(each, facts),
  );
  const seen = fresh.flatMap(({ corner, input }) =>
    LOOK_IDS.filter((look) => isSuspect(look, input[look] as string | undefined)).map((look) => ({
      words: `${corner} ${seenWords(look, input[look] as string)}`,
      stops: isStop(look, input[look] as string),
    })),
  );
  if (seen.length > 0)
    return {
      ...base,
      verdict: seen.some(({ stops }) => stops) ? 'not' : 'look',
      why: `${seen.map(({ words }) => words).join('; ')}.`,
      minutes: LOOK_IN_MIN,
    };
  if (cornersOf(axle).every((corner) => fresh.some((each) => each.corner === corner)))
    return { ...base, verdict: 'go', why: 'Looked in since the car last ran; nothing seen.', minutes: 0 };
  return {
    ...base,
    verdict: 'do',
    why:
      facts.car[axle].brake === 'disc'
        ? 'Low end of each pad, rotor face for cracks, hose, boots, studs, play by hand; caps of plastic off.'
        : 'Shoes and their slack, a wet cylinder, hose, studs, play by hand; caps of plastic off.',
    minutes: LOOK_IN_MIN,
  };
}
