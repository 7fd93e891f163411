/** The budget is counted in parts of this, ms. */
const PART_MS = 50;

/**
 * Calls when a piece of work has had its time. Counted in small parts, so that a machine that stood still for a while (a
 * guest that got no processor, a lid that was shut) has spent one of them, and not the whole.
 * @returns what ends the counting
 */
export function whenSpent(budgetMs: number, call: () => void): () => void {
  let left = Math.ceil(budgetMs / PART_MS);
  const timer = setInterval(() => {
    left -= 1;
    if (left > 0) return;
    clearInterval(timer);
    call();
  }, PART_MS);
  return () => clearInterval(timer);
}
