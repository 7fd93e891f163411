/** What of a group matters for when it is summed. */
export type Load = {
  /** Abnormal answers that it bears on. */
  answers: readonly number[];
  /** Weights looked at for each set of open answers. */
  size: number;
};

/** Up to this cost a better order saves less than finding it takes; past the other, none will make it cheap. */
const WORTH_SEARCHING = 1e6;
const HOPELESS = 1e8;
/** Moves tried; each is a few microseconds. */
const MOVES = 1500;

/**
 * The order in which groups are summed, so that as few abnormal answers as possible are open at once: greedy, and where
 * that comes dear, bettered by moving one group at a time.
 * @param answers how many abnormal answers there are
 * @returns indexes of the loads
 */
export function orderOf(loads: readonly Load[], answers: number): number[] {
  const greedy = narrowestFirst(loads, answers);
  const cost = costOf(greedy, loads, answers);
  return cost > WORTH_SEARCHING && cost < HOPELESS ? moved(greedy, cost, loads, answers) : greedy;
}

/** Each time the group that opens least and closes most. */
function narrowestFirst(loads: readonly Load[], answers: number): number[] {
  const open = new Uint8Array(answers);
  const waiting = new Int32Array(answers);
  for (const load of loads) for (const answer of load.answers) waiting[answer]! += 1;
  const left = [...loads.keys()];
  const order: number[] = [];
  while (left.length > 0) {
    let best = 0;
    let least = Number.POSITIVE_INFINITY;
    for (let at = 0; at < left.length; at++) {
      let cost = 0;
      for (const answer of loads[left[at]!]!.answers)
        cost += (open[answer] === 1 ? 0 : 2) - (waiting[answer] === 1 ? 1 : 0);
      if (cost < least) {
        least = cost;
        best = at;
      }
    }
    const [next] = left.splice(best, 1) as [number];
    order.push(next);
    for (const answer of loads[next]!.answers) {
      open[answer] = 1;
      waiting[answer]! -= 1;
    }
  }
  return order;
}

/** Weights looked at in one pass in this order. */
function costOf(order: readonly number[], loads: readonly Load[], answers: number): number {
  const first = new Int32Array(answers).fill(-1);
  const last = new Int32Array(answers);
  order.forEach((load, at) => {
    for (const answer of loads[load]!.answers) {
      if (first[answer]! < 0) first[answer] = at;
      last[answer] = at;
    }
  });
  const change = new Int32Array(order.length + 1);
  for (let answer = 0; answer < answers; answer++) {
    if (first[answer]! < 0) continue;
    change[first[answer]!]! += 1;
    change[last[answer]! + 1]! -= 1;
  }
  let open = 0;
  return order.reduce((sum, load, at) => {
    open += change[at]!;
    return sum + loads[load]!.size * 2 ** open;
  }, 0);
}

/** Groups moved here and there, each move kept that does not cost more; the same moves every time. */
function moved(order: readonly number[], cost: number, loads: readonly Load[], answers: number): number[] {
  const draw = drawsFrom(order.length);
  let best = [...order];
  let least = cost;
  for (let move = 0; move < MOVES; move++) {
    const trial = best.slice();
    const [taken] = trial.splice(draw(), 1) as [number];
    trial.splice(draw(), 0, taken);
    const now = costOf(trial, loads, answers);
    if (now > least) continue;
    best = trial;
    least = now;
  }
  return best;
}

/** Places below a count, evenly enough and always the same (linear congruence; Numerical Recipes, from memory). */
function drawsFrom(count: number): () => number {
  let state = count;
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return Math.floor((state / 2 ** 32) * count);
  };
}
