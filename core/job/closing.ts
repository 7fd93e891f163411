import type { Issue } from '../issues/issue';
import type { Closing } from './closingSchema';
import { openHolds } from './holds';
import { proofChecks } from './proof';
import type { JobSheet } from './sheet';

/**
 * What still stands in the way of closing: a hold without its proof, a pedal not proved firm after work that is said
 * to have helped, no cause named for a cure.
 */
export function closingIssues(sheet: JobSheet, closing: Pick<Closing, 'outcome' | 'confirmed'>): Issue[] {
  const issues: Issue[] = openHolds(sheet).map((hold) => ({
    code: 'refused',
    path: `holds.${hold.id}`,
    value: `open (${hold.label.toLowerCase()})`,
    accepted: `a recorded proof: ${hold.until}`,
  }));
  if (closing.outcome === 'no_change') return issues;
  const pedal = (id: string) =>
    proofChecks(sheet).find((check) => check.finding === id && check.place === undefined)?.after;
  if (pedal('pedal_now') !== 'firm') {
    issues.push({
      code: 'refused',
      path: 'proof.pedal_now',
      value: pedal('pedal_now') ?? 'not checked',
      accepted: 'firm at rest before the car moves',
    });
  }
  if (pedal('pedal_hold') !== 'holds') {
    issues.push({
      code: 'refused',
      path: 'proof.pedal_hold',
      value: pedal('pedal_hold') ?? 'not checked',
      accepted: 'holds for 30 s',
    });
  }
  if (closing.confirmed.length === 0) {
    issues.push({
      code: 'missing',
      path: 'confirmed',
      value: 'none',
      accepted: 'the cause or causes the work confirmed',
    });
  }
  return issues;
}
