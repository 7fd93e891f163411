import type { Issue } from '../base/issues/issue';
import { outProof } from './outProof';
import type { ProofCheck } from './proof';
import type { JobSheet } from './sheet';

/**
 * What is still missing before a complaint may be called gone: a drive under its conditions since the last of the work,
 * the car back from it, and each complaint asked again.
 */
export function cureIssues(sheet: JobSheet, checks: readonly ProofCheck[]): Issue[] {
  const { state } = outProof(sheet);
  if (state === 'wanted')
    return [
      {
        code: 'refused',
        path: 'drive',
        value: 'not driven since the work',
        accepted: 'a drive under the conditions of the complaint, and the car back from it',
      },
    ];
  // While it is out, its return is what is missing.
  if (state !== 'back') return [];
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
