/** What comes of closing the round: the first station read again at the end. */
export type Drift = {
  /** Last reading of station 1 less its first, mm. */
  mm: number;
  /** More than the dial's own resolution: the dial, the stand or the disc moved. */
  over: boolean;
  /** Taken out of the set, a share at each station. */
  spread: boolean;
};

/** Takes a steady drift out of a round: each station gives back its share of what station 1 moved by. */
export function withoutDrift(readings: readonly number[], driftMm: number): number[] {
  return readings.map((reading, station) => reading - (driftMm * station) / readings.length);
}

export type Repeat = {
  sets: number;
  /** Widest disagreement at one station, mm, each set less its own mean, and which station (from 0). */
  spreadMm: number;
  station: number;
};

/** Several rounds of one disc together: the mean round, and how far they disagree. A dial set down anew reads from another zero. */
export function meanOfSets(sets: readonly (readonly number[])[]): { readings: number[]; repeat: Repeat } {
  const level = (set: readonly number[]) => set.reduce((sum, each) => sum + each, 0) / set.length;
  const first = level(sets[0]!);
  const levelled = sets.map((set) => {
    const shift = first - level(set);
    return set.map((each) => each + shift);
  });
  const stations = sets[0]!.map((_, station) => levelled.map((set) => set[station]!));
  const spreads = stations.map((values) => Math.max(...values) - Math.min(...values));
  const spreadMm = Math.max(...spreads);
  return {
    readings: stations.map((values) => values.reduce((sum, each) => sum + each, 0) / values.length),
    repeat: { sets: sets.length, spreadMm, station: spreads.indexOf(spreadMm) },
  };
}
