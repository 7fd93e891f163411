import type { Issue } from '../base/issues/issue';
import { outProof } from './outProof';
import type { ProofCheck } from './proof';
import type { JobSheet } from './sheet';

/**
 * What is still missing before a complaint may be called gone: a drive under its conditions since the last of the work,
 * the car back from it, and each complaint asked again.
 */
export function goneIssues(sheet: JobSheet, checks: readonly ProofCheck[]): Issue[] {
  const { state } = outProof(sheet);
  if (state === 'not_asked') return [];
  if (state !== 'back')
    return [
      {
        code: 'refused',
        path: 'outing',
        value: state === 'out' ? 'not back yet' : 'not driven since the work',
        accepted: 'a drive under the conditions of the complaint, and the car back from it',
      },
    ];
  return checks
    .filter(({ out, before }) => out && before !== undefined)
    .filter(({ change }) => change === 'not_yet' || change === 'still_wrong')
    .map(({ finding, place, change }) => ({
      code: 'refused',
      path: `proof.${finding}${place ? `.${place}` : ''}`,
      value: change === 'not_yet' ? 'not asked since the drive' : 'still there',
      accepted: change === 'not_yet' ? 'the driver’s answer' : 'gone, or closed as better or no change',
    }));
}
