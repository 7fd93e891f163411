import { createRequire } from 'node:module';
import { caliperWPerK, type LapPeaks, rotorWPerK } from '../../core/readings/heat/corner';
import type { HeatSessionInput } from '../../core/readings/heat/sessionSchema';
import { slowdownJ } from '../../core/readings/heat/stops';

/** The general solver (Hairer, Nørsett and Wanner's odex), whose package brings no types that compile here. */
const { Solver } = createRequire(import.meta.url)('odex') as {
  Solver: new (
    dimensions: number,
  ) => {
    absoluteTolerance: number;
    relativeTolerance: number;
    denseOutput: boolean;
    grid: (every: number, seen: (at: number, state: number[]) => void) => unknown;
    solve: (
      slope: (at: number, state: number[]) => number[],
      from: number,
      state: number[],
      to: number,
      seen: unknown,
    ) => { y: number[] };
  };
};

/** The same session by a general solver of differential equations, stretch by stretch; peaks watched every quarter second. */
export function byOdex(
  { car, lap, laps, ambientC }: HeatSessionInput,
  tolerance = { absolute: 1e-6, relative: 1e-8 },
): LapPeaks[] {
  const rotorC = car.rotorMassKg * 480;
  let state: number[] = [ambientC, ambientC];
  const peaks: LapPeaks[] = [];
  for (let at = 0; at < laps; at++) {
    const peak = { rotorPeakC: state[0]!, caliperPeakC: state[1]! };
    for (const [index, zone] of lap.zones.entries()) {
      const next = lap.zones[(index + 1) % lap.zones.length]!;
      const [from, to] = [zone.fromKmh / 3.6, zone.toKmh / 3.6];
      const braking = (from - to) / 9;
      const power = (slowdownJ(car.massKg, zone.fromKmh, zone.toKmh) * car.axleShare) / 2 / braking;
      const mean = (zone.toKmh + next.fromKmh) / 2 / 3.6;
      for (const [seconds, watts, speed] of [
        [braking, power, (t: number) => from - 9 * t],
        [zone.thenS, 0, () => mean],
      ] as [number, number, (t: number) => number][]) {
        const solver = new Solver(2);
        solver.absoluteTolerance = tolerance.absolute;
        solver.relativeTolerance = tolerance.relative;
        solver.denseOutput = true;
        const slope = (t: number, [r, c]: number[]) => [
          (0.95 * watts -
            rotorWPerK(speed(t)) * (r! - ambientC) -
            0.8 * 5.670374419e-8 * 0.1 * ((r! + 273.15) ** 4 - (ambientC + 273.15) ** 4) -
            1.2 * (r! - c!)) /
            rotorC,
          (0.05 * watts + 1.2 * (r! - c!) - caliperWPerK(speed(t)) * (c! - ambientC)) / 3500,
        ];
        state = solver.solve(
          slope,
          0,
          state,
          seconds,
          solver.grid(0.25, (_, y) => {
            peak.rotorPeakC = Math.max(peak.rotorPeakC, y[0]!);
            peak.caliperPeakC = Math.max(peak.caliperPeakC, y[1]!);
          }),
        ).y;
        peak.rotorPeakC = Math.max(peak.rotorPeakC, state[0]!);
        peak.caliperPeakC = Math.max(peak.caliperPeakC, state[1]!);
      }
    }
    peaks.push(peak);
  }
  return peaks;
}
