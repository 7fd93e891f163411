import { alternative, withBrakeChange } from '../../core/car/hydraulics/alternatives';
import type { HydraulicsInput } from '../../core/car/hydraulics/schema';
import { heatBand } from '../../core/readings/heat/band';
import { changesBy, pairsBy } from '../../core/readings/heat/changes';
import type { LapPeaks } from '../../core/readings/heat/corner';
import { heatSession } from '../../core/readings/heat/session';
import type { HeatSessionInput } from '../../core/readings/heat/sessionSchema';
import { byOdex } from '../../tests/support/odex';
import { middle } from './spread';

/** Sixty laps of fifteen zones. */
const LONG: HeatSessionInput = {
  car: { massKg: 1250, axleShare: 0.68, rotorMassKg: 8 },
  lap: {
    zones: Array.from({ length: 15 }, (_, zone) => ({
      fromKmh: 180 - zone,
      toKmh: 80,
      thenS: 8 + (zone % 4),
    })),
  },
  laps: 60,
  ambientC: 22,
  cooling: 'none',
  limits: { padC: 480, fluidC: 205 },
};
const SHORT = { ...LONG, laps: 6 };

const BRAKE: HydraulicsInput = {
  master: { boreMm: 22.225 },
  pedal: { forceN: 400, ratio: 5.5 },
  front: { caliper: 'opposed', pistonsMm: [40, 40, 40, 40], mu: 0.42, effectiveRadiusM: 0.133 },
  rear: { caliper: 'sliding', pistonsMm: [38], mu: 0.42, effectiveRadiusM: 0.125 },
  massKg: 1280,
  rollingRadiusM: 0.316,
  frontWeightShare: 0.54,
  cgHeightM: 0.5,
  wheelbaseM: 2.5,
  tyreGrip: 0.9,
  wanted: { decelMs2: 8 },
};
const PEDALLED = { take: { clearanceMl: 1.2, giveMlPerMPa: 0.4 }, toFloorMm: 120 };

/** How long the benches take, warm: what is said of each, with its times, ms. */
export function benchTimes(): [what: string, times: number[]][] {
  const fitted = { ...LONG, measured: measuredOf(heatSession(LONG).laps) };
  return [
    ['a session of 60 laps and 15 zones', timed(() => heatSession(LONG), 40)],
    [
      'the same fitted to eight peaks, with its band',
      timed(() => heatBand(fitted, heatSession(fitted).fit), 8),
    ],
    ['all changes of it, and all pairs', timed(() => pairsBy(LONG, changesBy(LONG)), 5)],
    ['twelve other parts on the balance bench', timed(twelveParts, 40)],
  ];
}

function twelveParts(): void {
  for (let more = 0; more < 12; more++)
    alternative(withBrakeChange(BRAKE, { what: 'bore', value: 18 + more })!, PEDALLED, BRAKE);
}

function measuredOf(laps: readonly LapPeaks[]): HeatSessionInput['measured'] {
  return [1, 5, 20, 60].map((lap) => ({
    lap,
    rotorC: laps[lap - 1]!.rotorPeakC * 0.95,
    caliperC: laps[lap - 1]!.caliperPeakC * 1.05,
  }));
}

/** The same session by a general solver, as loose as it may be to be as right: how many times longer it takes. */
export function besideOdex(): string {
  const reference = byOdex(SHORT);
  const apart = (laps: readonly LapPeaks[]) =>
    Math.max(...laps.map((lap, at) => Math.abs(lap.rotorPeakC - reference[at]!.rotorPeakC)));
  const ours = apart(heatSession(SHORT).laps);
  const tolerance = [1e-2, 1e-3, 1e-4, 1e-5, 1e-6, 1e-7]
    .map((relative) => ({ relative, absolute: relative * 100 }))
    .find((each) => apart(byOdex(SHORT, each)) <= Math.max(ours, 0.05));
  if (!tolerance) return 'the general solver was not as right at any tolerance tried';
  const longer =
    middle(timed(() => byOdex(SHORT, tolerance), 5)) / middle(timed(() => heatSession(SHORT), 40));
  return `${longer.toFixed(0)} times longer at ${tolerance.relative}, ours ${ours.toFixed(4)} K off at most`;
}

function timed(work: () => unknown, rounds: number): number[] {
  for (let round = 0; round < 5; round++) work();
  return Array.from({ length: rounds }, () => {
    const started = performance.now();
    work();
    return performance.now() - started;
  });
}
