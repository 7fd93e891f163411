import { describe, expect, it } from 'vitest';
import { repairDue, type TemporaryRepair } from './temporary';

const REPAIR: TemporaryRepair = {
  why: 'Boot torn',
  successor: 'New boots',
  sessions: 6,
  km: null,
  dueOn: null,
  madeOn: '2026-05-01',
};
const day = (onDate: string, sessions: number) => ({ id: onDate, name: onDate, onDate, sessions });

describe('a temporary repair', () => {
  it('runs out with its sessions, counted from the events after it', () => {
    const events = [day('2026-06-10', 3), day('2026-04-20', 8), day('2026-05-20', 4)];
    expect(repairDue(REPAIR, events, '2026-05-25')).toEqual({
      dueOn: '2026-06-10',
      why: 'Temporary since 2026-05-01: Boot torn. 4 of 6 sessions run. Then: New boots.',
    });
    // No day is known while no event reaches it.
    expect(repairDue(REPAIR, events.slice(2), '2026-05-25').dueOn).toBeNull();
  });

  it('goes by whichever is first: its day, its sessions, its distance at the car’s pace', () => {
    const events = [day('2026-06-10', 8)];
    const by = (
      changes: Partial<TemporaryRepair>,
      driven?: { fromKm: number; lastKm: number; lastOn: string },
    ) => repairDue({ ...REPAIR, ...changes }, events, '2026-05-25', driven).dueOn;
    expect(by({ dueOn: '2026-05-30' })).toBe('2026-05-30');
    expect(by({ dueOn: '2026-07-30' })).toBe('2026-06-10');
    // 100 km in 10 days: the 150 left take 15.
    const driven = { fromKm: 1000, lastKm: 1100, lastOn: '2026-05-11' };
    expect(by({ km: 250 }, driven)).toBe('2026-05-26');
    expect(by({ km: 90 }, driven)).toBe('2026-05-11');
    expect(repairDue({ ...REPAIR, km: 250 }, events, '2026-05-25', driven).why).toContain(
      '100 of 250 km driven',
    );
    expect(repairDue({ ...REPAIR, km: 250 }, events, '2026-05-25').why).toContain(
      'the odometer not read since',
    );
  });
});
