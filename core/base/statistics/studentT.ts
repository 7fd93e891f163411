/**
 * The chance that Student's t with `dof` degrees of freedom is further from 0 than `t`, both ways.
 * Exact for whole degrees of freedom by the finite series of Abramowitz and Stegun 26.7.3 and 26.7.4.
 * @param t any finite number
 * @param dof a whole number, 1 or more
 */
export function studentTail(t: number, dof: number): number {
  const angle = Math.atan(Math.abs(t) / Math.sqrt(dof));
  const cosine = Math.cos(angle);
  const odd = dof % 2 === 1;
  let term = odd ? cosine : 1;
  let sum = odd && dof === 1 ? 0 : term;
  for (let step = odd ? 3 : 2; step < dof; step += 2) {
    term *= ((step - 1) / step) * cosine ** 2;
    sum += term;
  }
  const inside = odd ? (2 / Math.PI) * (angle + Math.sin(angle) * sum) : Math.sin(angle) * sum;
  return Math.max(0, 1 - inside);
}
