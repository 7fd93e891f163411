import type { FindingId } from '../../readings/vocabulary/findings';
import type { CauseId } from '../causes';
import { ABS } from './abs';
import { ASSIST } from './assist';
import { CALIPER } from './caliper';
import type { CauseKnowledge, Link } from './cause';
import { CORNER } from './corner';
import { DRUM } from './drum';
import { FRICTION } from './friction';
import { HYDRAULIC } from './hydraulic';
import { PEDAL } from './pedal';
import { ROTOR } from './rotor';
import { THERMAL } from './thermal';

/** Moves with every change of a number or a link, so that an old verdict says what it was judged by. */
export const KNOWLEDGE_VERSION = '2026.12-1';

export const KNOWLEDGE: readonly CauseKnowledge[] = [
  ...HYDRAULIC,
  ...PEDAL,
  ...ASSIST,
  ...FRICTION,
  ...ROTOR,
  ...CALIPER,
  ...CORNER,
  ...THERMAL,
  ...DRUM,
  ...ABS,
];

const byCause = new Map(KNOWLEDGE.map((entry) => [entry.cause, entry]));

/** What is known of one cause. */
export function knowledgeOf(cause: CauseId): CauseKnowledge {
  return byCause.get(cause)!;
}

/** How deep a cause lies: 0 when nothing listed brings it about, else one more than the deepest that does. */
export const DEPTH = Object.fromEntries(KNOWLEDGE.map(({ cause }) => [cause, depthOf(cause)])) as Record<
  CauseId,
  number
>;

function depthOf(cause: CauseId): number {
  const above = KNOWLEDGE.filter(({ brings }) => brings?.some((bring) => bring.cause === cause));
  return above.reduce((most, entry) => Math.max(most, 1 + depthOf(entry.cause)), 0);
}

const byFinding = new Map<FindingId, Map<CauseId, Link[]>>();
for (const { cause, links } of KNOWLEDGE) {
  for (const link of links) {
    const causes = byFinding.get(link.finding) ?? new Map<CauseId, Link[]>();
    causes.set(cause, [...(causes.get(cause) ?? []), link]);
    byFinding.set(link.finding, causes);
  }
}

const NO_LINKS: ReadonlyMap<CauseId, Link[]> = new Map();

/** Every link that ends in this finding, by cause. */
export function linksTo(finding: FindingId): ReadonlyMap<CauseId, Link[]> {
  return byFinding.get(finding) ?? NO_LINKS;
}

/**
 * What nobody listed, behind each complaint of a family: how often, how readily it is felt as that complaint, the share
 * of how readily a check shows the listed faults of the family (it is those that checks were made for), the most it shows
 * as any one state of a check, and the share of all that at one named corner.
 * Never zero. Common practice, no source.
 */
export const UNLISTED = { prior: 0.0003, complaint: 0.35, shown: 0.4, most: 0.25, corner: 0.3 } as const;
