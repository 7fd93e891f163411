import { describe, expect, it } from 'vitest';
import { shownDecimals, shownUnit, shownValue, type UnitChoice } from './display';
import { readEntry } from './entry';

const METRIC: UnitChoice = { lengthUnit: 'mm', temperatureUnit: '°C', pressureUnit: 'kPa' };
const INCH: UnitChoice = { lengthUnit: 'in', temperatureUnit: '°F', pressureUnit: 'psi' };

describe('units as a shop likes them', () => {
  it('shows a figure in the chosen unit, as finely as it was', () => {
    expect(shownValue(0.0508, 'mm', INCH)).toBeCloseTo(0.002, 9);
    expect([shownUnit('mm', INCH), shownDecimals(3, 'mm', INCH)]).toEqual(['in', 4]);
    expect(shownValue(200, '°C', INCH)).toBeCloseTo(392, 9);
    expect(shownValue(30, 'K', INCH)).toBeCloseTo(54, 9);
    expect([shownUnit('K', METRIC), shownUnit('%', INCH)]).toEqual(['K', '%']);
    expect(shownValue(103, 'kPa', { ...METRIC, pressureUnit: 'bar' })).toBeCloseTo(1.03, 9);
    expect(shownDecimals(0, 'kPa', { ...METRIC, pressureUnit: 'bar' })).toBe(2);
  });

  it('takes an entry in the shown unit, or in the one it names, and keeps what was typed', () => {
    expect(readEntry('0.05', 'mm', METRIC)).toEqual({ value: 0.05 });
    expect(readEntry('0.002', 'mm', INCH)).toEqual({ value: 0.0508, entered: '0.002 in' });
    expect(readEntry('0.002 in', 'mm', METRIC)).toEqual({ value: 0.0508, entered: '0.002 in' });
    expect(readEntry('0,05 mm', 'mm', INCH)).toEqual({ value: 0.05, entered: '0,05 mm' });
    expect(readEntry('410', '°C', INCH)).toEqual({ value: 210, entered: '410 °F' });
    expect(readEntry('1.8', '%', INCH)).toEqual({ value: 1.8 });
    expect(readEntry(' ', 'mm', METRIC)).toBeUndefined();
    expect(readEntry('5 kg', 'mm', METRIC)!.value).toBeNaN();
    expect(readEntry('wet', '%', METRIC)!.value).toBeNaN();
  });
});
