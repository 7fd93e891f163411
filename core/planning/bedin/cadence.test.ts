import { describe, expect, it } from 'vitest';
import { emptySheet } from '../../../tests/support/sheet';
import { planFor, tickRow, workRow } from '../../../tests/support/work';
import { runOf } from '../run/run';
import { cadenceOf } from './cadence';
import { WARM_ENOUGH } from './heatFields';

const plan = planFor(emptySheet(), 'bed_in', { options: { bedIn: { school: 'C' } } });
const work = workRow(emptySheet(), 'bed_in', { id: 'w', plan });
const { stops } = plan.bedIn!.plan;
const released = (stop: number, seconds: number) =>
  tickRow('w', `stop-${stop}`, { record: { releasedAt: new Date(seconds * 1000).toISOString() } });

describe('the pace of a bed-in', () => {
  it('is from release to release, beside what the plan counts on', () => {
    const ticks = [0, 50, 110, 160].map((seconds, at) => released(at + 1, seconds));
    const { reallyS, plannedS } = cadenceOf(runOf(work, ticks), stops)!;
    expect(reallyS).toBeCloseTo(160 / 3, 9);
    // 15 to 75 km/h at 2 m/s² and back at 4 m/s², and the 30 s that are waited.
    expect(plannedS).toBeCloseTo(60 / 3.6 / 2 + 60 / 3.6 / 4 + 30, 9);
  });

  it('is not told from two pauses, nor from slowdowns that were left out', () => {
    const three = [0, 50, 110].map((seconds, at) => released(at + 1, seconds));
    expect(cadenceOf(runOf(work, three), stops)).toBeUndefined();
    const left = tickRow('w', 'stop-4', { record: { [WARM_ENOUGH]: 'yes' } });
    expect(cadenceOf(runOf(work, [...three, left]), stops)).toBeUndefined();
  });
});
