import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CORNERS } from '../../car/corner';
import type { CarSpec } from '../../car/spec';
import { startingSet } from '../../car/startingSets';
import type { ReadBy } from './by';
import { type ColumnId, guessMapping } from './columns';
import { readTable } from './read';
import { TABLE_HEADS, tableOf } from './write';

const set = startingSet('light_track');
const spec = {
  ...set,
  ...{ name: 'Car 9', fluidClass: 'DOT4', fluidFilledOn: null },
  front: { ...set.front, brake: 'disc', padNewMm: 12, padMinimumMm: 3, rotorNewMm: 25, rotorMinimumMm: 23 },
  rear: { ...set.rear, brake: 'disc' },
} as CarSpec;
const by = (mapping: (ColumnId | null)[], changes: Partial<ReadBy> = {}): ReadBy => ({
  mapping,
  cars: [{ id: 'c', spec }],
  only: 'c',
  ...{ limits: {}, dateOrder: 'day_first', today: '2026-06-01', units: { mm: 'mm', '°C': '°C' } },
  ...changes,
});

describe('columns', () => {
  it('are known by what shops call them, each thing once, and ours again', () => {
    expect(guessMapping(['Date', 'Wheel', 'Pad inner', 'Pad outer', 'Disc mm', 'Notes', 'Moisture'])).toEqual(
      [...['day', 'corner', 'inner', 'outer', 'rotor', null, 'water']],
    );
    expect(guessMapping(['Disc temp', 'Disc', 'Disc'])).toEqual(['rotorPeak', 'rotor', null]);
    expect(guessMapping(TABLE_HEADS)).not.toContain(null);
    expect(new Set(guessMapping(TABLE_HEADS)).size).toBe(TABLE_HEADS.length);
  });
});

describe('a table of readings', () => {
  it('is read with commas or points, in millimetres or inches, corners and days as they are written', () => {
    const { readings, issues } = readTable(
      [
        ['3.5.2026', 'Front left', '8,4', '0.31 in'],
        ['2026-05-04', 'rf', '8.1 mm', ''],
        ['', '', '', ''],
      ],
      by(['day', 'corner', 'inner', 'outer']),
    );
    expect(issues).toEqual([]);
    expect(readings.map(({ day, corner, kind }) => [day, corner, kind])).toEqual([
      ['2026-05-03', 'FL', 'look-in'],
      ['2026-05-04', 'FR', 'look-in'],
    ]);
    expect(readings[0]!.input).toMatchObject({ innerMm: 8.4, newMm: 12, minimumMm: 3 });
    expect(readings[0]!.input.outerMm).toBeCloseTo(7.874, 9);
    expect(readings[0]!.result.states).toEqual({ pad_thickness: 'ok' });
  });

  it('takes plain figures in the unit the table is in', () => {
    const given = by(['day', 'corner', 'play'], { units: { mm: 'in', '°C': '°F' } });
    const { readings } = readTable([['1 May 2026', 'RR', '0.004']], given);
    expect(readings[0]!.input.playMm).toBeCloseTo(0.1016, 9);
  });

  it('says by line all that is wrong, and takes nothing of that line', () => {
    const table = [
      ['2026-05-01', 'FL', '8', '1.5'],
      ['31.2.2026', 'XX', '8', ''],
      ['2026-07-01', 'FR', 'thick', ''],
      ['2026-05-01', 'FL', '7.9', ''],
      ['2026-05-01', '', '7.9', ''],
      ['2026-05-01', 'FR', '88', ''],
      ['2026-05-01', 'FR', '', ''],
      ['2026-05-01', 'RL', '', '1.234,5'],
    ];
    const { readings, issues } = readTable(table, by(['day', 'corner', 'inner', 'water']));
    expect(readings.map(({ kind, corner }) => `${kind} ${corner}`)).toEqual(['look-in FL', 'fluid ']);
    expect(issues.map(({ line, path, accepted }) => `${line} ${path}: ${accepted}`)).toEqual([
      '3 Day: a day, such as 2026-05-31',
      '3 Corner: FL, FR, RL or RR, or nothing',
      '4 Day: today or earlier',
      '4 Inner pad, lowest: a figure, in mm or with its unit',
      '5 Inner pad, lowest: once a day and corner; line 2 has it',
      '6 Corner: a corner: this is read at one',
      expect.stringMatching(/^7 Inner pad, lowest: 0 to 60 mm/),
      '8 figures: at least one figure',
      '9 Water in the fluid: a figure, in % or with its unit',
    ]);
  });

  it('goes by a column of cars where there is one', () => {
    const given = by(['car', 'day', 'corner', 'play']);
    const { readings, issues } = readTable(
      [
        ['car 9', '2026-05-01', 'FL', '0.02'],
        ['Car 8', '2026-05-01', 'FL', '0.02'],
      ],
      given,
    );
    expect(readings.map(({ carId }) => carId)).toEqual(['c']);
    expect(issues).toMatchObject([{ line: 3, path: 'Car', value: '"Car 8"' }]);
  });

  it('that was written out is read in again as it was', () => {
    const figure = (min: number, max: number) =>
      fc.option(
        fc.integer({ min: min * 1000, max: max * 1000 }).map((thousandths) => thousandths / 1000),
        { nil: undefined },
      );
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            day: fc.constantFrom('2026-01-05', '2026-03-09', '2026-05-31'),
            corner: fc.constantFrom(...CORNERS),
            inner: figure(1, 12),
            rotor: figure(20, 25),
            play: figure(0, 1),
            caliperPeak: figure(40, 300),
          }),
          { maxLength: 12 },
        ),
        (given) => {
          const filed = given.flatMap(({ day, corner, inner, rotor, play, caliperPeak }) => [
            { car: 'Car 9', day, kind: 'look-in', corner, input: { innerMm: inner, rotorMm: rotor } },
            { car: 'Car 9', day, kind: 'bearing', corner, input: { playMm: play } },
            {
              car: 'Car 9',
              day,
              kind: 'heat',
              corner: '' as const,
              input: { corners: { [corner]: { caliperPeakC: caliperPeak } } },
            },
          ]);
          const table = tableOf(filed);
          const { readings, issues } = readTable(table, by([...guessMapping(TABLE_HEADS)]));
          expect(issues).toEqual([]);
          expect(tableOf(readings.map((each) => ({ ...each, car: 'Car 9' })))).toEqual(table);
        },
      ),
    );
  });
});
