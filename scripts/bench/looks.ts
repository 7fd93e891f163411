import { CORNERS, type Corner } from '../../core/car/corner';
import type { NextCheck } from '../../core/diagnosis/verdict';
import type { GivenFinding } from '../../core/readings/given';
import { type FindingId, findingOf } from '../../core/readings/vocabulary/findings';

/** Something asked or looked at, at a wheel where it has one. */
export type Look = { id: FindingId; corner?: Corner };

/** Where somebody does what is recommended. */
export const placed = (next: NextCheck, findings: readonly GivenFinding[]): Look => ({
  id: next.id,
  ...placeFor(next, findings),
});

/** Where no corner stands out one does as well as another. */
function placeFor({ id, corner, axle }: NextCheck, findings: readonly GivenFinding[]): { corner?: Corner } {
  if (findingOf(id).place !== 'corner' || (id === 'leak' && !corner)) return {};
  const open = CORNERS.filter(
    (each) =>
      (!axle || each.startsWith(axle === 'front' ? 'F' : 'R')) &&
      !findings.some((given) => given.id === id && given.place === each),
  );
  const at = corner ?? open[0];
  return at ? { corner: at } : {};
}
