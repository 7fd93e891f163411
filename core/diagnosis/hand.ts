import type { Finding } from './vocabulary/findings';

/** What is at hand for a check; nothing said means everything is. */
export type AtHand = { helper?: boolean; wheelsOff?: boolean; missing?: readonly string[] };

/** Minutes to lift the car and take the wheels off, where a check needs that and it is not done. Common practice, no source. */
const WHEELS_OFF_MINUTES = 12;

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
  const lift = finding.where === 'wheels_off' && atHand.wheelsOff === false ? WHEELS_OFF_MINUTES : 0;
  return (finding.minutes ?? QUESTION_MINUTES) + lift;
}
