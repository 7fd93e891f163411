import { describe, expect, it } from 'vitest';
import type { CarSpec } from '../../car/spec';
import { startingSet } from '../../car/startingSets';
import { inspectionReport, type ReportedReading } from './report';

const set = startingSet('light_track');
const car = {
  ...set,
  name: 'Car',
  front: { ...set.front, brake: 'disc' },
  rear: { ...set.rear, brake: 'drum' },
} as CarSpec;
const pad = (mm: number) => ({ leading: mm, trailing: mm });
const pads = (mm: number, on = '2026-05-01'): ReportedReading => ({
  ...{ kind: 'pads', corner: 'FL', on },
  input: { caliper: {}, newMm: 12, minimumMm: 3, corners: { FL: { inner: pad(mm), outer: pad(mm) } } },
});
const at = (readings: ReportedReading[], place: string) =>
  inspectionReport(car, readings).places.find((each) => each.place === place)!;

describe('an inspection report', () => {
  it('of a car nobody measured says what was not looked at, place by place', () => {
    const { places, found, open } = inspectionReport(car, []);
    expect(found).toBe(0);
    expect(places.map(({ place, open: not }) => [place, not])).toEqual([
      ['', ['Fluid']],
      ['FL', ['Pads', 'Rotor', 'Bearing play']],
      ['FR', ['Pads', 'Rotor', 'Bearing play']],
      ['RL', ['Drum', 'Bearing play']],
      ['RR', ['Drum', 'Bearing play']],
    ]);
    expect(open).toBe(11);
  });

  it('holds each figure against its limit at its corner, what is past it first', () => {
    const { lines, open } = at(
      [pads(2.5), { kind: 'bearing', corner: 'FL', input: { playMm: 0.01 }, on: '2026-05-01' }],
      'FL',
    );
    expect(lines[0]).toMatchObject({
      id: 'pad_thickness',
      isAbnormal: true,
      trace: { value: 2.5, limit: { value: 3 } },
      on: '2026-05-01',
    });
    expect(lines.find(({ id }) => id === 'bearing_play')).toMatchObject({ isAbnormal: false });
    expect(open).toEqual(['Rotor']);
  });

  it('goes by the newer of two ways to read the same, and says what a look-in saw', () => {
    const look: ReportedReading = {
      ...{ kind: 'look-in', corner: 'FL', on: '2026-06-01' },
      input: { innerMm: 9, newMm: 12, minimumMm: 3, hose: 'wet' },
    };
    const both = at([pads(2.5), look], 'FL');
    expect(both.lines.find(({ id }) => id === 'pad_thickness')).toMatchObject({
      isAbnormal: false,
      on: '2026-06-01',
    });
    expect(both.lines.find(({ id }) => id === 'look-in seen')).toMatchObject({
      state: 'hose wet',
      isAbnormal: true,
    });
    const fine = { ...look, input: { hose: 'good', boots: 'whole' } };
    expect(at([fine], 'FL').lines).toMatchObject([{ state: 'hose good, boots whole', isAbnormal: false }]);
    expect(at([look], 'FL').open).toEqual(['Rotor', 'Bearing play']);
  });

  it('leaves out what was felt on a drive: the fault may be cured since', () => {
    const felt = { kind: 'judder', corner: '', on: '2026-05-01' } as const;
    const input = { speedKmh: 100, rollingRadiusM: 0.31, frequencyHz: 14.3 };
    expect(at([{ ...felt, input }], '').lines).toEqual([]);
  });

  it('tells a reading by what its calc said when it was taken', () => {
    const old = {
      ...pads(5.9),
      said: { states: {}, corners: { FL: { states: { pad_thickness: 'worn_out' } } } },
    };
    expect(at([old as ReportedReading], 'FL').lines[0]).toMatchObject({
      id: 'pad_thickness',
      isAbnormal: true,
    });
  });
});
