import { asSentence } from '@/core/base/sentence';
import { byCorner, type Corner } from '@/core/car/corner';
import type { Derived } from '@/core/job/derived';
import type { JobHold } from '@/core/job/pieces';
import type { JobSheet } from '@/core/job/sheet';
import { standingAnswers } from '@/core/job/standing';
import type { Measured } from '@/core/planning/wear/measured';
import { type FindingId, findingOf } from '@/core/readings/vocabulary/findings';
import { isAbnormal } from '@/core/readings/vocabulary/several';
import { stateInSentence } from '@/core/readings/vocabulary/words';
import type { PlanCorner } from '@/ui/CornerPlan';
import { plainCorners } from './plain';

/** The plan of a job's car: what was found at each corner, worst first. */
export function jobCorners(
  sheet: JobSheet,
  holds: readonly JobHold[],
  derived: readonly Derived[] = [],
  measured?: Measured,
): Record<Corner, PlanCorner> {
  const plain = plainCorners(sheet.car, measured);
  const answers = [
    ...standingAnswers(sheet.answers, 'before'),
    ...standingAnswers(sheet.answers, 'after'),
  ].map(({ finding, state, place }) => ({ id: finding, state: state!, place }));
  const byHand = new Set(answers.map((row) => `${row.id} ${row.place}`));
  const known = [...answers, ...derived.filter((row) => !byHand.has(`${row.id} ${row.place ?? ''}`))];
  return byCorner((corner) => {
    const found = known.filter((row) => row.place === corner);
    const wrong = found.filter((row) => isAbnormal(row.id, row.state));
    const holding = holds.find(
      (hold) => !hold.proof && hold.because.some((finding) => finding.place === corner),
    );
    const worst =
      wrong.find((row) => holding?.because.some((finding) => finding.id === row.id)) ?? wrong.at(-1);
    const surface = found.findLast((row) => row.id === 'rotor_surface')?.state;
    return {
      ...plain[corner],
      rotor: { ...plain[corner].rotor, ...(isMark(surface) ? { mark: surface } : {}) },
      tone: holding ? 'bad' : wrong.length > 0 ? 'watch' : 'plain',
      hub: hubTone(wrong, holding),
      hold: holding !== undefined,
      says: worst
        ? shortSaying(worst.id, worst.state)
        : found.length > 0
          ? `${found.length} looked at, fine`
          : '',
      more: Math.max(0, wrong.length - 1),
    };
  });
}

const AT_HUB: readonly FindingId[] = ['bearing_play', 'hub_runout', 'hub_flex'];

/** The hub stands out when it, and not the brake on it, is what was found. */
function hubTone(wrong: readonly { id: FindingId }[], holding: JobHold | undefined): PlanCorner['hub'] {
  if (holding?.because.some((finding) => AT_HUB.includes(finding.id))) return 'bad';
  return wrong.some((row) => AT_HUB.includes(row.id)) ? 'watch' : 'plain';
}

const MARKS = ['streaks', 'grooves', 'deposits', 'heat_checked', 'cracked'] as const;

function isMark(state: string | undefined): state is (typeof MARKS)[number] {
  return (MARKS as readonly string[]).includes(state ?? '');
}

/** The finding's last word and its state: short enough to stand under a wheel. */
function shortSaying(finding: FindingId, state: string): string {
  const label = findingOf(finding)
    .label.replace(/^(Wheel|Rotor|Hub face|Look of the|Opening the) /, '')
    .split(/ (against|at|of|while|move|push|frees|and) /)[0];
  const said = asSentence(label ?? '');
  return state === 'yes' ? said : `${said}, ${stateInSentence(finding, state)}`;
}
