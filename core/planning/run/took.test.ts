import { describe, expect, it } from 'vitest';
import { at, emptySheet } from '../../../tests/support/sheet';
import { tickAll, tickRow, workRow } from '../../../tests/support/work';
import { planOf } from './run';
import { MOST_MINUTES, minutesTaken, minutesToLearn, TOOK, tookIssues } from './took';

const work = workRow(emptySheet());
const tick = (minute: number, step = 'lift') => tickRow('w', step, { tickedAt: at(minute) });
const said = (minutes: number) => tickRow('w', TOOK, { tickedAt: at(300), record: { minutes } });

describe('how long a work took', () => {
  it('is from its first step to its last, without the time away from the car', () => {
    expect(minutesTaken(work, [tick(0), tick(12), tick(40)])).toEqual({ minutes: 40, said: false });
    // A night, or a wait for parts, is none of it; a clock of an hour is.
    expect(minutesTaken(work, [tick(0), tick(12), tick(12 + 91), tick(12 + 91 + 60)])!.minutes).toBe(72);
  });

  it('is what somebody said, where they did', () => {
    expect(minutesTaken(work, [tick(0), tick(12), said(25)])).toEqual({ minutes: 25, said: true });
    expect(tookIssues({ minutes: MOST_MINUTES + 1 })[0]).toMatchObject({ path: 'record.minutes' });
    expect(tookIssues({})).toHaveLength(1);
    expect(tookIssues({ minutes: 25 })).toEqual([]);
  });

  it('is not known before two steps, and not of another work', () => {
    expect(minutesTaken(work, [tick(0)])).toBeUndefined();
    expect(minutesTaken({ id: 'x' }, [tick(0), tick(12)])).toBeUndefined();
  });

  it('teaches the shop only when it was finished by itself and took some time', () => {
    const all = tickAll(work).map((each, index) => ({ ...each, tickedAt: at(index * 2) }));
    const steps = planOf(work).steps.length;
    expect(minutesToLearn(work, all)).toBe((steps - 1) * 2);
    expect(minutesToLearn(work, all.slice(0, -1))).toBeUndefined();
    expect(minutesToLearn({ ...work, alone: work.plan }, all)).toBeUndefined();
    expect(
      minutesToLearn(
        work,
        tickAll(work).map((each) => ({ ...each, tickedAt: at(1) })),
      ),
    ).toBeUndefined();
  });
});
