import type { Issue } from '../base/issues/issue';
import { findingOf } from '../readings/vocabulary/findings';
import { stateInSentence } from '../readings/vocabulary/words';
import type { Evidence, JobHold } from './pieces';

const NOT_YET: Record<Exclude<Evidence['status'], 'good' | 'wrong'>, string> = {
  missing: 'not answered after the work',
  implied: 'only implied by the run, not confirmed',
  stale: 'answered before the system was touched again',
};

/** What keeps a hold from being signed for, piece by piece. */
export function signingIssues({ evidence }: Pick<JobHold, 'evidence'>): Issue[] {
  return evidence
    .filter(({ status }) => status !== 'good')
    .map(({ finding, place, wants, measured, state, status }): Issue => {
      const wanted = wants.map((each) => stateInSentence(finding, each)).join(' or ');
      return {
        code: status === 'missing' ? 'missing' : 'refused',
        path: `evidence.${finding}${place ? `.${place}` : ''}`,
        value:
          status === 'wrong' ? stateInSentence(finding, state!) : NOT_YET[status as keyof typeof NOT_YET],
        accepted: `${findingOf(finding).label}${place ? ` ${place}` : ''}: ${wanted}${measured ? ', measured' : ''}`,
      };
    });
}
