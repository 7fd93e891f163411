import type { Finding } from '../readings/vocabulary/findings';

/** What is at hand for a check; nothing said means everything is. */
export type AtHand = {
  helper?: boolean;
  wheelsOff?: boolean;
  missing?: readonly string[];
  place?: 'bay' | 'pit_lane';
};

/** Minutes to lift the car and take the wheels off, where a check needs that and it is not done. Common practice, no source. */
const WHEELS_OFF_MINUTES = 12;
/** In the pit lane a wheel comes off on the jacks, but what takes long waits for the bay. */
const PIT_WHEEL_MINUTES = 5;
const PIT_MOST_MINUTES = 15;
/** In the bay a temperature has gone by: it takes a run first. */
const RUN_MINUTES = 15;

/** A driver's answer costs about this long. */
const QUESTION_MINUTES = 0.5;

/** Minutes this check costs as things stand, or undefined when something it needs is missing. */
export function minutesFor(finding: Finding, atHand: AtHand = {}): number | undefined {
  if (finding.needs === 'helper' && atHand.helper === false) return undefined;
  if (
    finding.needs !== undefined &&
    atHand.missing?.some((item) => item.toLowerCase() === finding.needs!.toLowerCase())
  ) {
    return undefined;
  }
  const own = finding.minutes ?? QUESTION_MINUTES;
  const pits = atHand.place === 'pit_lane';
  if (pits && own > PIT_MOST_MINUTES) return undefined;
  if (finding.where === 'pit_lane' && atHand.place === 'bay') return own + RUN_MINUTES;
  if (finding.where !== 'wheels_off' || atHand.wheelsOff !== false) return own;
  return own + (pits ? PIT_WHEEL_MINUTES : WHEELS_OFF_MINUTES);
}
