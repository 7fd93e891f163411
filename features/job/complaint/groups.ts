import type { ComplaintGroup } from '@/core/readings/vocabulary/entry';
import { FINDINGS, type FindingId } from '@/core/readings/vocabulary/findings';

const TITLES: Record<ComplaintGroup, string> = {
  pedal: 'What the pedal did',
  when: 'When, and does it come back',
  stop: 'How the car stopped',
  rest: 'Shake, noise, smell, lamp',
};

/** The complaint as a driver tells it, the separating questions close together. */
export const COMPLAINT_GROUPS = (Object.keys(TITLES) as ComplaintGroup[]).map((group) => ({
  title: TITLES[group],
  findings: FINDINGS.filter((each) => 'group' in each && each.group === group).map(({ id }): FindingId => id),
}));

/** What was touched since the brakes were last good. */
export const HISTORY_FINDINGS = FINDINGS.filter(({ stage }) => stage === 'history').map(
  ({ id }): FindingId => id,
);
