/** One draw of the standard normal distribution from two even ones (Box and Muller, 1958). @param random even in 0 to 1 */
export function normal(random: () => number): number {
  return Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
}
