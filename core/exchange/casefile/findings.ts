import { type Issue, showValue } from '../../base/issues/issue';
import { unknownId } from '../../base/issues/unknown';
import { CAUSES } from '../../diagnosis/causes';
import { placeFrom } from '../../diagnosis/verdict';
import type { GivenFinding } from '../../readings/given';
import { FINDINGS, type FindingId, findFinding } from '../../readings/vocabulary/findings';
import type { CaseFinding } from './schema';

const FINDING_IDS = FINDINGS.map((finding) => finding.id);

/**
 * Checks a finding against the vocabulary: known id, known state, and a place only where the vocabulary allows it.
 * @param path where the finding stands in the input, for the issue
 */
export function checkFinding(finding: CaseFinding, path: string): { given?: GivenFinding; issues: Issue[] } {
  const known = findFinding(finding.id);
  if (!known) return { issues: [unknownId(`${path}.id`, finding.id, FINDING_IDS)] };
  const issues: Issue[] = [];
  if (!known.states.includes(finding.state))
    issues.push(unknownId(`${path}.state`, finding.state, known.states));
  if (finding.corner !== undefined && known.place !== 'corner') {
    issues.push(
      refusedPlace(
        `${path}.corner`,
        finding.corner,
        known.place === 'axle' ? `${known.id} is told by axle` : `${known.id} is told of the whole car`,
      ),
    );
  }
  if (finding.axle !== undefined && known.place === undefined) {
    issues.push(refusedPlace(`${path}.axle`, finding.axle, `${known.id} is told of the whole car`));
  }
  if (finding.axle !== undefined && finding.corner !== undefined) {
    issues.push(refusedPlace(`${path}.axle`, finding.axle, 'either a corner or an axle, not both'));
  }
  if (issues.length > 0) return { issues };
  const place = placeFrom(finding);
  return {
    given: { id: finding.id as FindingId, state: finding.state, ...(place === undefined ? {} : { place }) },
    issues,
  };
}

/** Causes named in a record must be in the vocabulary. */
export function checkCauses(causes: readonly string[], path: string): Issue[] {
  const known = CAUSES.map((cause) => cause.id as string);
  return causes.flatMap((cause, index) =>
    known.includes(cause) ? [] : [unknownId(`${path}[${index}]`, cause, known)],
  );
}

function refusedPlace(path: string, value: string, why: string): Issue {
  return { code: 'refused', path, value: showValue(value), accepted: why };
}
