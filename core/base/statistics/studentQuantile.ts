import { studentTail } from './studentT';

/**
 * How far from 0, either way, Student's t stays in `share` of cases; by halving, right to 1e-9.
 * @param share over 0 and under 1
 * @param dof a whole number, 1 or more
 */
export function studentQuantile(share: number, dof: number): number {
  let [low, high] = [0, 1];
  while (studentTail(high, dof) > 1 - share) high *= 2;
  while (high - low > 1e-9 * Math.max(1, high)) {
    const middle = (low + high) / 2;
    if (studentTail(middle, dof) > 1 - share) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
