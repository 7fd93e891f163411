import { inSentence } from '../../base/sentence';
import { type FindingId, findingOf } from '../../readings/vocabulary/findings';
import type { CauseId } from '../causes';
import { knowledgeOf } from './all';

/**
 * The line of why between a cause and a state, or of what its absence says, or through what it brings about; undefined
 * when they have nothing to do with each other.
 */
export function whyOf(cause: CauseId, finding: FindingId, state: string): string | undefined {
  return directWhy(cause, finding, state) ?? whyThrough(cause, finding, state);
}

function whyThrough(cause: CauseId, finding: FindingId, state: string): string | undefined {
  for (const bring of knowledgeOf(cause).brings ?? []) {
    const why = whyOf(bring.cause, finding, state);
    if (why) return `${bring.why}: ${inSentence(why)}`;
  }
  return undefined;
}

function directWhy(cause: CauseId, finding: FindingId, state: string): string | undefined {
  const links = knowledgeOf(cause).links.filter((link) => link.finding === finding);
  const direct = links.find((link) => link.state === state);
  if (direct) return direct.why;
  const [strongest] = [...links].sort((left, right) => right.strength - left.strength);
  if (!strongest) return undefined;
  return findingOf(finding).states[0] === state
    ? `It would mostly show here: ${inSentence(strongest.why)}`
    : undefined;
}

/** The checks that would speak loudest about a cause, of those that may be asked. */
export function tellingChecks(
  cause: CauseId,
  open: (finding: FindingId) => boolean,
): { finding: FindingId; state: string }[] {
  return [...knowledgeOf(cause).links]
    .filter((link) => findingOf(link.finding).stage === 'check' && open(link.finding))
    .sort((left, right) => right.strength - left.strength)
    .filter((link, index, all) => all.findIndex((each) => each.finding === link.finding) === index)
    .slice(0, 3)
    .map(({ finding, state }) => ({ finding, state }));
}
