import { describe, expect, it } from 'vitest';
import { PROCEDURES } from './library';
import type { WorkRow } from './run/rows';
import { plannedMinutes, runMinutes, WORKS, wholeMinutes } from './works';

const work = (id: string, procedure: string, rest: Partial<WorkRow> = {}): WorkRow => ({
  ...{ id, procedure, cause: null, title: '', before: '', measuredBy: null, addedAt: '2026-11-28T10:00:00Z' },
  plan: { procedure },
  ...rest,
});

describe('minutes of a job', () => {
  it('have the bleed with them where lines were opened, and the bed-in where faces are new', () => {
    expect(runMinutes('hose')).toBe(PROCEDURES.hose.minutes + PROCEDURES.bleed.minutes);
    expect(runMinutes('bleed')).toBe(PROCEDURES.bleed.minutes);
    expect(wholeMinutes('pads')).toBe(runMinutes('pads') + PROCEDURES.bed_in.minutes);
    expect(wholeMinutes('bed_in')).toBe(PROCEDURES.bed_in.minutes);
    expect(WORKS.hose_expansion).toEqual({ work: 'hose', minutes: wholeMinutes('hose') });
  });

  it('are planned for a work by itself: none named by hand, none done in one visit with others', () => {
    const byHand = work('b', 'other', { plan: {} });
    const together = work('c', 'pads', { visit: 'a', alone: { procedure: 'pads' }, visitAt: 1 });
    expect(plannedMinutes([work('a', 'hose'), byHand, together])).toEqual({ a: runMinutes('hose') });
  });
});
