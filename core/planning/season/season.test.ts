import { describe, expect, it } from 'vitest';
import { type SeasonFacts, seasonOf, seasonYears } from './season';

const RUNOUT_MM = [0, 0.01, 0.02, 0.02, 0.01, 0];

const FACTS: SeasonFacts = {
  carId: 'c',
  events: [
    { id: 'e1', name: 'Spring', onDate: '2026-04-01', sessions: 6 },
    { id: 'e2', name: 'Winter', onDate: '2026-12-20', sessions: 4 },
  ],
  jobs: [
    {
      id: 'j1',
      number: 1,
      complaint: 'Soft',
      openedOn: '2025-12-30',
      closedOn: '2026-01-02',
      outcome: 'Cured',
    },
    { id: 'j2', number: 2, complaint: '', openedOn: '2026-11-01', closedOn: null, outcome: '' },
  ],
  fills: [{ id: 'f', filledOn: '2025-06-01', product: 'DOT 4' }],
  parts: [],
  readings: [
    { kind: 'fluid', corner: '', input: { class: 'DOT4', moisturePct: 1.2 }, on: '2026-03-01', jobId: 'j1' },
    { kind: 'fluid', corner: '', input: { class: 'DOT4', moisturePct: 2.2 }, on: '2026-09-01', jobId: 'j2' },
    {
      kind: 'rotor',
      corner: 'FL',
      input: { runoutMm: RUNOUT_MM, thicknessMm: [24.2, 24.1, 24.15, 24.2, 24.1, 24.15] },
      on: '2026-03-01',
      jobId: 'j1',
    },
    {
      kind: 'rotor',
      corner: 'FR',
      input: { runoutMm: RUNOUT_MM, thicknessMm: [24.0, 24.05, 24.1, 24.0, 24.05, 24.1] },
      on: '2026-03-01',
      jobId: 'j1',
    },
    {
      kind: 'rotor',
      corner: 'RL',
      input: { runoutMm: RUNOUT_MM, thicknessMm: [20.0, 20.05, 20.1, 20.0, 20.05, 20.1] },
      on: '2025-03-01',
      jobId: 'j1',
    },
  ],
  limits: { water: { value: 3, from: 'common practice' } },
  today: '2026-11-27',
};

describe('a car’s season', () => {
  it('has what touches the year, drawn to the year’s ends, each leading to where it is written', () => {
    const { entries } = seasonOf(FACTS, 2026);
    expect(entries.map(({ id, from, to }) => [id, from, to])).toEqual([
      ['job j1', '2026-01-01', '2026-01-02'],
      ['event e1', '2026-04-01', '2026-04-01'],
      // Still in the bay: until today.
      ['job j2', '2026-11-01', '2026-11-27'],
      ['event e2', '2026-12-20', '2026-12-20'],
    ]);
    expect(entries.map(({ href }) => href)).toEqual([
      '/ledger/j1',
      '/car/c#events',
      '/job/j2',
      '/car/c/prepare?event=e2',
    ]);
    expect(seasonOf(FACTS, 2025).entries.map(({ id }) => id)).toEqual(['fill f', 'job j1']);
    expect(seasonYears(FACTS)).toEqual([2026, 2025]);
  });

  it('has each figure as a line, of several corners of a day the lowest, and its limit', () => {
    const { series } = seasonOf(FACTS, 2026);
    expect(series.map(({ name, points }) => [name, points.map(({ value }) => value)])).toEqual([
      ['Water', [1.2, 2.2]],
      ['Front rotors', [24]],
    ]);
    expect(series[0]!.limit).toEqual({ value: 3, from: 'common practice' });
    expect(seasonOf(FACTS, 2024)).toEqual({ entries: [], series: [] });
  });
});
