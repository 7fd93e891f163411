/** One draw of the standard normal distribution from two even ones (Box and Muller, 1958). @param random even in 0 to 1 */
export function normal(random: () => number): number {
  return Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
}

/**
 * How far from 0, either way, a standard normal figure stays in `share` of cases; by halving, right to 1e-9.
 * @param share over 0 and up to 0.9999
 */
export function normalQuantile(share: number): number {
  let [low, high] = [0, 5];
  while (high - low > 1e-9) {
    const middle = (low + high) / 2;
    if (erf(middle / Math.SQRT2) < share) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** The error function by its series (Abramowitz and Stegun 7.1.5), for 0 to 3.6. */
function erf(x: number): number {
  let term = x;
  let sum = x;
  for (let n = 1; Math.abs(term) > 1e-17; n++) {
    term *= (-x * x) / n;
    sum += term / (2 * n + 1);
  }
  return (2 / Math.sqrt(Math.PI)) * sum;
}
